/** What several findings of one cause say together. */
import type { Caution } from "./finding-reasons";
import type { Alone, Inner, Of, ReasonOf } from "./value";

/** What to say of each thing in use, in few words. */
export type CautionCodes = { readonly [C in Caution]: Alone };
export type CautionReason = ReasonOf<CautionCodes>;

/** By the code of the findings that stand together. */
export interface SeveralCodes {
  readonly "gap-short": {
    readonly between: "sides" | "moves" | "blocks";
    readonly block: Of<"block">;
    readonly gap: number;
    readonly needs: number;
    readonly people: number;
    /** Seconds that half of them are short, or less. */
    readonly most: number;
    /** Who is shortest, and by how much; nobody where all are alike. */
    readonly who: Of<"names">;
    readonly worst: number;
  };
  readonly "not-shown": { readonly moves: Of<"moves"> };
  readonly "demo-short": { readonly moves: Of<"moves"> };
  readonly "one-level": { readonly moves: Of<"moves"> };
  readonly "load-jump": { readonly move: Of<"move">; readonly who: Of<"names"> };
  readonly "home-unknown": { readonly who: Of<"names"> };
  readonly limit: { readonly people: number; readonly moves: number };
  readonly caution: { readonly each: Inner<"cautions", CautionReason> };
}
export type SeveralReason = {
  [C in keyof SeveralCodes]: { readonly code: C } & SeveralCodes[C];
}[keyof SeveralCodes];
