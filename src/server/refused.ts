import type { Merged } from "../core/merge";
import type { Fault } from "../core/values/faults";

/** Every reason there is. */
export type RefusalCode =
  | "signed-out"
  | "not-yours"
  | "too-often"
  | "other-origin"
  | "not-found"
  | "conflict"
  | "too-large"
  | "too-slow"
  | "malformed"
  | "invalid"
  | "too-long"
  | "busy"
  | "away"
  | "full"
  | "failed";

/** Something that can't be done for a reason the asker may know. Mapped to a status in `http.ts` alone. */
export class Refused extends Error {
  constructor(
    readonly code: RefusalCode,
    message: string,
    readonly faults?: readonly Fault[],
    /** Where two people changed one record: what each wants, and what stands now. */
    readonly met?: Merged<object>,
  ) {
    super(message);
  }
}
