/** What the score itself says, in a language: made once for each number, since a score is painted with every key. */
import type { Segment } from "../core/class/expand";
import type { Seconds } from "../core/units";
import type { Words } from "../words/words";

export interface DrawnWords {
  /** `round 2` */
  readonly round: (n: number) => string;
  /** `rest 15`, `water 60` */
  readonly gap: (kind: "rest" | "after", seconds: Seconds) => string;
  /** From the longest to the shortest: `6 s short for 2`, `6 s short`, `6 s`. */
  readonly short: (seconds: Seconds, people: number) => readonly string[];
  /** The letter beside a number; none for no side. */
  readonly side: (side: Segment["side"]) => string;
  /** Where a block's one piece has no move of its own. */
  readonly asMany: string;
}

/** Remembers what it made, by one number. */
function once<T>(make: (n: number) => T): (n: number) => T {
  const known = new Map<number, T>();
  return (n) => {
    const there = known.get(n) ?? make(n);
    known.set(n, there);
    return there;
  };
}

function make(words: Words): DrawnWords {
  const rest = once((seconds) => words.phrase("drawn", "rest", { seconds }));
  const after = once((seconds) => words.phrase("drawn", "water", { seconds }));
  const short = once((seconds) =>
    once((people) => [
      words.phrase("drawn", "shortFor", { seconds, people }),
      words.phrase("drawn", "short", { seconds }),
      words.phrase("drawn", "seconds", { seconds }),
    ]),
  );
  const left = words.phrase("part", "sideLetter", { side: "left" });
  const right = words.phrase("part", "sideLetter", { side: "right" });
  return {
    round: once((round) => words.phrase("drawn", "round", { round })),
    gap: (kind, seconds) => (kind === "after" ? after(seconds) : rest(seconds)),
    short: (seconds, people) => short(seconds)(people),
    side: (side) => (side === null ? "" : side === "left" ? left : right),
    asMany: words.phrase("drawn", "asMany"),
  };
}

const made = new WeakMap<Words, DrawnWords>();

/** What the score says in some words; the same each time. */
export function drawnWords(words: Words): DrawnWords {
  const known = made.get(words) ?? make(words);
  made.set(words, known);
  return known;
}
