import type { Merged } from "../core/merge";
import type { Fault } from "../core/values/faults";
import { inEnglish, type Sentence } from "../words/refusals/sentences";

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
  /** Why, for whoever asked: said in their language where it has the sentence. */
  readonly says: Sentence;
  constructor(
    readonly code: RefusalCode,
    says: string | Sentence,
    readonly faults?: readonly Fault[],
    /** Where two people changed one record: what each wants, and what stands now. */
    readonly met?: Merged<object>,
  ) {
    const sentence = typeof says === "string" ? { text: says, values: {} } : says;
    super(inEnglish(sentence));
    this.says = sentence;
  }
}

/** A sentence with what stands in it, for a refusal: `at most {most} people`. */
export const sentence = (text: string, values: Sentence["values"]): Sentence => ({ text, values });

/** A document that wasn't stored, with all that is wrong in it. */
export const notStored = (faults: readonly Fault[]): Refused =>
  new Refused("invalid", sentence("Nothing was stored: {faults}", { faults }), faults);
