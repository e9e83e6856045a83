/**
 * How long a dose takes. All sums are in hundredths of a second, so that
 * 100 reps of 1.1 s are 110 s and not 111; a piece is rounded up once, at its end.
 */
import { flatTriple, mapTriple, type Triple } from "../units";
import type { Dose, Ladder, Sides } from "./document";
import { spanTriple } from "./span";
import { centiseconds, parseTempo, tempoSeconds } from "./tempo";

/** The kinds of dose, in the order in which faults and screens name them. */
export const DOSE_KINDS = ["seconds", "hold", "reps", "ladder", "toLimit"] as const;
export type DoseKind = (typeof DOSE_KINDS)[number];

/** The one kind that a valid dose has. */
export function doseKind(dose: Dose): DoseKind {
  return DOSE_KINDS.find((kind) => dose[kind] !== undefined) ?? "seconds";
}

/** One side's share of a piece: how long, and the reps where it is counted. */
export interface PieceDose {
  readonly seconds: Triple;
  readonly reps?: Triple;
}

/** Seconds of one rep: `repSeconds`, else the tempo, else the move's own. */
export function repSecondsOf(dose: Dose, moveRepSeconds: number): number {
  if (dose.repSeconds !== undefined) return dose.repSeconds;
  const tempo = dose.tempo === undefined ? null : parseTempo(dose.tempo);
  return tempo ? tempoSeconds(tempo) : moveRepSeconds;
}

/** The rungs from `from` towards `to`, none past it. */
export function rungs(ladder: Ladder): number[] {
  const step = ladder.step ?? 1;
  const out: number[] = [];
  if (ladder.from <= ladder.to) for (let k = ladder.from; k <= ladder.to; k += step) out.push(k);
  else for (let k = ladder.from; k >= ladder.to; k -= step) out.push(k);
  return out;
}

function ladderDose(ladder: Ladder, repSeconds: number): PieceDose {
  const rep = centiseconds(repSeconds);
  const hold = centiseconds(ladder.hold ?? 0);
  let reps = 0;
  let total = 0;
  for (const k of rungs(ladder)) {
    reps += k;
    total += k * rep + (ladder.holdOn === "rep" ? k * k * hold : k * hold);
  }
  return { seconds: flatTriple(Math.ceil(total / 100)), reps: flatTriple(reps) };
}

/**
 * The pieces of one appearance: one, or two where the sides take turns within it.
 * Sizes follow `count`: halves are rounded up for the first side and down for the other,
 * at min, plan and max by themselves; reps that alternate are doubled where counted each.
 * `within` is not applied here: see the expansion.
 */
export function pieceDoses(
  dose: Dose,
  sides: Sides,
  count: "each" | "total",
  moveRepSeconds: number,
): readonly PieceDose[] {
  const repSeconds = repSecondsOf(dose, moveRepSeconds);
  if (dose.ladder) {
    const one = ladderDose(dose.ladder, repSeconds);
    return sides === "inTurn" ? [one, one] : [one];
  }
  const amount = spanTriple(dose.seconds ?? dose.hold ?? dose.reps ?? dose.toLimit);
  const counted = dose.reps !== undefined;
  const rep = centiseconds(repSeconds);
  const piece = (size: Triple): PieceDose =>
    counted ? { seconds: mapTriple(size, (n) => Math.ceil((n * rep) / 100)), reps: size } : { seconds: size };
  if (sides === "inTurn") {
    if (count === "each") return [piece(amount), piece(amount)];
    return [
      piece(mapTriple(amount, (n) => Math.ceil(n / 2))),
      piece(mapTriple(amount, (n) => Math.floor(n / 2))),
    ];
  }
  if (sides === "alternating" && counted && count === "each") return [piece(mapTriple(amount, (n) => n * 2))];
  return [piece(amount)];
}
