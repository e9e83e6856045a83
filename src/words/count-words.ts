/** The count of reps as it is read: the number, how many there are, what one does now. */
import type { CountNow } from "../core/live/count-now";
import type { Words } from "./words";

export interface CountText {
  readonly number: string;
  readonly of: string;
  /** The phase of the rep, or what is said differently of it; empty where a rep has no phases. */
  readonly doing: string;
  /** The side, where sides take turns rep by rep. */
  readonly side: string;
}

const SAID = { half: "half", "last-two": "two", last: "last" } as const;

/** What the number of a rep is out of. */
function kindOf({ what, of, part, each }: CountNow["rep"]): "pulse" | "about" | "rung" | "each" | "plain" {
  if (what === "pulse") return "pulse";
  if (of === null) return "about";
  if (part && "rung" in part) return "rung";
  return each ? "each" : "plain";
}

/** `reps`: how many there are in the time, where only that ends it. */
export function countText({ rep, phase, said, holds }: CountNow, reps: number, words: Words): CountText {
  const { part, of, n, side } = rep;
  const rung = part && "rung" in part ? part : { rung: 0, rungs: 0 };
  return {
    number: words.number(n),
    of: words.phrase("live", "countOf", { kind: kindOf(rep), of: of ?? reps, ...rung }),
    doing: words.phrase("live", "phase", { phase: said ? SAID[said] : holds ? "top" : phase.kind }),
    side: side ? words.name("side", side) : "",
  };
}
