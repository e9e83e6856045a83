/** How long a dose takes. */

import { parseTempo, tempoSeconds } from "../values/tempo";
import type { Sides } from "./document";
import type { Dose } from "./dose";
import { type PieceDose, rowOf } from "./dose-kinds";

/** Seconds of one rep: `repSeconds`, else the tempo, else the move's own. */
export function repSecondsOf(dose: Dose, moveRepSeconds: number): number {
  if (dose.repSeconds !== undefined) return dose.repSeconds;
  const tempo = dose.tempo === undefined ? null : parseTempo(dose.tempo);
  return tempo ? tempoSeconds(tempo) : moveRepSeconds;
}

/**
 * The pieces of one appearance: one, or two where the sides take turns within it. `within` is not applied here:
 * see the expansion.
 */
export function pieceDoses(
  dose: Dose,
  sides: Sides,
  count: "each" | "total",
  moveRepSeconds: number,
  repSecondsOfMove: (move: string) => number = () => moveRepSeconds,
): readonly PieceDose[] {
  const { row, amount } = rowOf(dose);
  const repSeconds = repSecondsOf(dose, moveRepSeconds);
  return row.pieces(amount, { sides, count, repSeconds, dose, repSecondsOf: repSecondsOfMove });
}
