/** Doses as they are said and shown. How they are typed and read is a notation of its own, in the core. */
import type { Dose, Ladder } from "../core/class/dose";
import { doseKind } from "../core/class/dose-kinds";
import { repSecondsOf } from "../core/class/dose-time";
import type { Seconds, Triple } from "../core/units";
import { type Span, spanText, spanTriple } from "../core/values/span";
import { parseTempo } from "../core/values/tempo";
import type { Words } from "./words";

function ladderText(ladder: Ladder, words: Words): string {
  return words.phrase("dose", "ladder", {
    from: ladder.from,
    to: ladder.to,
    step: ladder.step ?? 1,
    hold: ladder.hold ? words.number(ladder.hold) : "no",
    holdOn: ladder.holdOn ?? "rung",
  });
}

/** What each kind says of its amount. */
const SAID: {
  readonly [K in "seconds" | "hold" | "reps" | "toLimit"]: (span: Span, words: Words) => string;
} = {
  seconds: (span, words) => words.phrase("dose", "seconds", { span: spanText(span) }),
  hold: (span, words) => words.phrase("dose", "hold", { span: spanText(span) }),
  reps: (span, words) => words.phrase("dose", "reps", { span: spanText(span), most: spanTriple(span).max }),
  toLimit: (span, words) => words.phrase("dose", "toLimit", { span: spanText(span) }),
};

/** A dose as an instructor says it: `8–12 reps at 3-0-1-0`, `40 seconds`. */
export function spokenDose(dose: Dose, words: Words): string {
  const kind = doseKind(dose);
  const said =
    kind === "ladder" ? ladderText(dose.ladder as Ladder, words) : SAID[kind](dose[kind] as Span, words);
  const paced =
    dose.repSeconds !== undefined
      ? words.phrase("dose", "paceSeconds", { dose: said, seconds: words.number(dose.repSeconds) })
      : dose.tempo
        ? words.phrase("dose", "paceTempo", { dose: said, tempo: dose.tempo })
        : said;
  return dose.within === undefined
    ? paced
    : words.phrase("dose", "within", { dose: paced, seconds: dose.within });
}

/** About how many reps a pace makes of a timed piece; empty where none is set. */
function pacedText(dose: Dose, words: Words): string {
  const rep = repSecondsOf(dose, 0);
  const reps = rep > 0 ? Math.floor(spanTriple(dose.seconds ?? 0).plan / rep) : 0;
  return reps > 0 ? words.phrase("own", "about", { reps }) : "";
}

/** What is counted in a piece: `8–12 reps`, `ladder 1–6`, `to the limit`, of a timed piece with a pace `about 13 reps`; empty where only time is. */
export function amountText(dose: Dose, reps: Triple | null, words: Words): string {
  const kind = doseKind(dose);
  switch (kind) {
    case "seconds":
      return pacedText(dose, words);
    case "hold":
      return "";
    case "toLimit":
      return words.phrase("dose", "limit");
    case "ladder":
      return ladderText(dose.ladder as Ladder, words);
    case "reps": {
      if (!reps) return "";
      const { min, max } = reps;
      return words.phrase("dose", "counted", { span: min === max ? max : `${min}–${max}`, most: max });
    }
  }
}

/** Where somebody stops before a piece is over: `8 s, then rest`; empty where they don't. */
export function stopText(seconds: Seconds | null | undefined, words: Words): string {
  return seconds === null || seconds === undefined ? "" : words.phrase("dose", "stop", { seconds });
}

const PHASES = ["lower", "pause", "lift", "top"] as const;

/** A tempo in words, without the phases that take no time: `lower 3 s, lift 1 s`; empty where there is none. */
export function tempoText(text: string | undefined, words: Words): string {
  const tempo = text === undefined ? null : parseTempo(text);
  if (!tempo) return "";
  return PHASES.flatMap((phase, i) => {
    const seconds = tempo[i] ?? 0;
    return seconds > 0 ? [words.phrase("tempo", phase, { seconds })] : [];
  }).join(", ");
}
