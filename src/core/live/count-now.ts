/** Where a count is at a moment of a piece, and what is heard of it when. */
import type { Ms } from "../units";
import type { Rep, RepPhase } from "./count";

/** What is said differently: half of them, the last two, the last. */
export type CountSaid = "half" | "last-two" | "last";

export interface CountNow {
  readonly rep: Rep;
  readonly phase: RepPhase;
  /** Into the rep. */
  readonly intoRepMs: Ms;
  /** How much of the phase is over, 0–1. */
  readonly phaseDone: number;
  readonly said: CountSaid | null;
  /** What is held between this rep and the next. */
  readonly holds: boolean;
}

/** Halves are said of so many and more; the last two of a count that is no shorter than this. */
const HALF_FROM = 8;
const LAST_TWO_FROM = 5;

/** Whether two reps belong to one count: up to the same number, of the same part. */
function sameCount(a: Rep, b: Rep): boolean {
  return a.what === b.what && a.of === b.of && samePart(a.part, b.part);
}

function samePart(a: Rep["part"], b: Rep["part"]): boolean {
  if (a === null || b === null) return a === b;
  return "move" in a ? "move" in b && a.move === b.move : "rung" in b && a.rung === b.rung;
}

/** Whether a rep has the number of the one before: the other side of a pair. */
function isSecondSide(reps: readonly Rep[], index: number): boolean {
  const [before, rep] = [reps[index - 1], reps[index]];
  return before !== undefined && rep !== undefined && sameCount(before, rep) && before.n === rep.n;
}

/** How many the count of a rep comes to: as many as are meant, or as time allows. */
function countOf(reps: readonly Rep[], rep: Rep): number {
  return rep.of ?? reps.reduce((most, other) => (sameCount(other, rep) ? Math.max(most, other.n) : most), 0);
}

/** What is said differently of a rep, on the first of its two sides. */
export function saidOf(reps: readonly Rep[], index: number): CountSaid | null {
  const rep = reps[index];
  if (!rep) return null;
  if (isSecondSide(reps, index)) return null;
  const of = countOf(reps, rep);
  if (of >= LAST_TWO_FROM && rep.n === of - 1) return "last-two";
  if (of >= LAST_TWO_FROM && rep.n === of) return "last";
  return of >= HALF_FROM && rep.part === null && rep.n === Math.floor(of / 2) ? "half" : null;
}

/** Index of the rep that is on or was last `intoMs` into the piece; -1 before the first. */
function indexAt(reps: readonly Rep[], intoMs: Ms): number {
  let [low, high] = [0, reps.length];
  while (low < high) {
    const mid = (low + high) >> 1;
    if ((reps[mid] as Rep).startMs <= intoMs) low = mid + 1;
    else high = mid;
  }
  return low - 1;
}

/** The count `intoMs` into a piece; null before the first rep and once the last is over. */
export function countAt(reps: readonly Rep[], intoMs: Ms): CountNow | null {
  const index = indexAt(reps, intoMs);
  const rep = reps[index];
  if (!rep) return null;
  const intoRepMs = intoMs - rep.startMs;
  const holds = intoRepMs >= rep.lastsMs;
  if (holds && index === reps.length - 1) return null;
  const phase = (rep.phases.find(({ toMs }) => intoRepMs < toMs) ?? rep.phases.at(-1)) as RepPhase;
  const phaseDone = Math.min(1, Math.max(0, (intoRepMs - phase.fromMs) / (phase.toMs - phase.fromMs)));
  return { rep, phase, intoRepMs, phaseDone, said: saidOf(reps, index), holds };
}

/** What is heard of a count: a number, the other side of the same number, another phase of a slow rep. */
export type CountCue =
  | { readonly kind: "number"; readonly atMs: Ms; readonly n: number; readonly said: CountSaid | null }
  | { readonly kind: "same" | "phase"; readonly atMs: Ms };

/** All that is heard of a count, ms into the piece, in its order. `slow`: a tempo was set, so its phases are heard too. */
export function countCues(reps: readonly Rep[], slow: boolean): readonly CountCue[] {
  const cues = reps.flatMap((rep, i): CountCue[] => {
    const numberMs = rep.startMs + rep.saidAfterMs;
    const number: CountCue = isSecondSide(reps, i)
      ? { kind: "same", atMs: numberMs }
      : { kind: "number", atMs: numberMs, n: rep.n, said: saidOf(reps, i) };
    const phases = slow ? rep.phases.filter(({ fromMs }) => fromMs !== rep.saidAfterMs) : [];
    return [number, ...phases.map(({ fromMs }): CountCue => ({ kind: "phase", atMs: rep.startMs + fromMs }))];
  });
  return cues.sort((a, b) => a.atMs - b.atMs);
}
