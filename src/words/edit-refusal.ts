/** Why a change of a class isn't taken, in a sentence. */
import type { Refusal } from "../core/class/history";
import { faultLineIn } from "./refusals/faults";
import type { Words } from "./words";

/** So many faults are told. */
const MOST_TOLD = 3;

export function refusalText(refusal: Refusal, words: Words): string {
  switch (refusal.code) {
    case "invalid":
      return refusal.faults
        .slice(0, MOST_TOLD)
        .map((fault) => faultLineIn(fault, words))
        .join("; ");
    case "gone":
    case "taken":
      return words.phrase("notTaken", refusal.code, { what: refusal.what });
    default:
      return words.phrase("notTaken", refusal.code === "changed-since" ? "changedSince" : "closed", {
        key: refusal.key,
      });
  }
}
