/** Doses as they are said and shown. How they are typed and read is a notation of its own, in the core. */
import type { Dose, Ladder } from "../core/class/dose";
import { doseKind } from "../core/class/dose-kinds";
import { dosesText } from "../core/class/dose-text";
import { repSecondsOf } from "../core/class/dose-time";
import { type MoveBook, resolveMove } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
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

/** The moves of a sequence by their names, each with its reps: `10 kettlebell swing and 8 push press`. */
function sequenceText({ sequence = [], seconds }: Dose, words: Words, book: MoveBook): string {
  const moves = words.and(
    sequence.map(({ move, reps }) =>
      words.phrase("dose", "ofSequence", { reps, move: words.inside(resolveMove(move, book).name) }),
    ),
  );
  return seconds === undefined
    ? moves
    : words.phrase("dose", "within", { dose: moves, seconds: spanTriple(seconds).plan });
}

/** What comes after the last rep. */
function thenText(dose: Dose, said: string, words: Words): string {
  const { then } = dose;
  if (!then) return said;
  const kind = then.pulses === undefined ? "hold" : "pulses";
  return words.phrase("dose", "after", { dose: said, kind, n: then.pulses ?? then.hold ?? 0 });
}

function kindText(dose: Dose, words: Words, book: MoveBook): string {
  const kind = doseKind(dose);
  if (kind === "ladder") return ladderText(dose.ladder as Ladder, words);
  if (kind === "sequence") return sequenceText(dose, words, book);
  if (kind === "reserve")
    return words.phrase("dose", "reserve", { left: dose.reserve ?? 0, span: spanText(dose.allow ?? 0) });
  return SAID[kind](dose[kind] as Span, words);
}

/** A dose as an instructor says it: `8–12 reps at 3-0-1-0`, `40 seconds`. `book`: by which a sequence names its moves. */
export function spokenDose(dose: Dose, words: Words, book: MoveBook = LIBRARY_BOOK): string {
  const said = kindText(dose, words, book);
  const paced =
    dose.repSeconds !== undefined
      ? words.phrase("dose", "paceSeconds", { dose: said, seconds: words.number(dose.repSeconds) })
      : dose.tempo
        ? words.phrase("dose", "paceTempo", { dose: said, tempo: dose.tempo })
        : said;
  const whole = thenText(dose, paced, words);
  return dose.within === undefined
    ? whole
    : words.phrase("dose", "within", { dose: whole, seconds: dose.within });
}

/** Kinds of dose that a few signs say. */
const SHORT = ["seconds", "hold", "reps", "toLimit"] as const;

/** A dose in a few signs: `8–12 reps a 3-0-1-0`; one that they can't say as it is said. */
function shortDose(dose: Dose, words: Words, book: MoveBook): string {
  const kind = SHORT.find((one) => one === doseKind(dose));
  if (!kind || dose.then || dose.repSeconds !== undefined) return spokenDose(dose, words, book);
  const said = words.phrase("shortDose", kind, { span: spanText(dose[kind] as Span) });
  const paced = dose.tempo ? words.phrase("shortDose", "paced", { dose: said, tempo: dose.tempo }) : said;
  return dose.within === undefined
    ? paced
    : words.phrase("shortDose", "within", { dose: paced, seconds: dose.within });
}

/**
 * Doses as they stand beside their move. In English they stand as they are typed, since the notation is English; in
 * other languages they say the same in theirs.
 */
export function shownDoses(
  doses: Dose | readonly Dose[],
  words: Words,
  book: MoveBook = LIBRARY_BOOK,
): string {
  if (words.language === "en") return dosesText(doses);
  const list: readonly Dose[] = Array.isArray(doses) ? doses : [doses as Dose];
  return list.map((dose) => shortDose(dose, words, book)).join(" / ");
}

/** About how many reps a pace makes of a timed piece; empty where none is set. */
function pacedText(dose: Dose, words: Words): string {
  const rep = repSecondsOf(dose, 0);
  const reps = rep > 0 ? Math.floor(spanTriple(dose.seconds ?? 0).plan / rep) : 0;
  return reps > 0 ? words.phrase("own", "about", { reps }) : "";
}

/** What is counted in a piece: `8–12 reps`, `ladder 1–6`, `to the limit`, of a timed piece with a pace `about 13 reps`; empty where only time is. */
export function amountText(
  dose: Dose,
  reps: Triple | null,
  words: Words,
  book: MoveBook = LIBRARY_BOOK,
): string {
  const kind = doseKind(dose);
  switch (kind) {
    case "seconds":
      return pacedText(dose, words);
    case "hold":
      return "";
    case "toLimit":
      return words.phrase("dose", "limit");
    case "reserve":
      return words.phrase("dose", "stopLeft", { left: dose.reserve ?? 0 });
    case "sequence":
      return sequenceText(dose.seconds === undefined ? dose : { sequence: dose.sequence ?? [] }, words, book);
    case "ladder":
      return ladderText(dose.ladder as Ladder, words);
    case "reps": {
      if (!reps) return "";
      const { min, max } = reps;
      const counted = words.phrase("dose", "counted", {
        span: min === max ? max : `${min}–${max}`,
        most: max,
      });
      return thenText(dose, counted, words);
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
