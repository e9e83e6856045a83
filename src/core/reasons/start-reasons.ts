/** What was changed of a starting point to make a class of it, a clause each. */
import type { FindingReason, FixReason } from "./finding-reasons";
import type { SeveralReason } from "./several-reasons";
import type { Inner, Of, ReasonOf } from "./value";

export interface StartCodes {
  /** More of the room can do the other one as it stands. */
  readonly "move-room": {
    readonly from: Of<"move">;
    readonly to: Of<"move">;
    readonly can: number;
    readonly before: number;
    readonly of: number;
  };
  /** It needs what isn't to be used. */
  readonly "move-kit": { readonly from: Of<"move">; readonly to: Of<"move"> };
  readonly "block-out": { readonly block: Of<"block"> };
  readonly "block-in": { readonly block: Of<"block"> };
  readonly length: { readonly from: Of<"clock">; readonly to: Of<"clock"> };
  /** What the read-through said, and what was done about it. */
  readonly mended: {
    readonly of: Inner<"finding", FindingReason>;
    readonly fix: Inner<"fix", FixReason>;
  };
  readonly "mended-several": {
    readonly of: Inner<"several", SeveralReason>;
    readonly fix: Inner<"fix", FixReason>;
  };
  /** A step up, by what it is of. */
  readonly "step-work": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "step-rest": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "step-hold": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "step-reps": { readonly reps: number; readonly block: Of<"block"> };
  readonly "step-sets": { readonly sets: number; readonly block: Of<"block"> };
}
export type StartReason = ReasonOf<StartCodes>;
