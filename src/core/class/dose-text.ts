/**
 * A dose as a short line that people read and type: `40 s`, `hold 30 s`, `8–12 reps at 3-0-1-0`,
 * `10 reps of 2.5 s in 60 s`, `to limit 40 s`, `ladder 1–6 by 1 hold 2 s a rung`.
 * A list of doses, one for each appearance, is joined with slashes.
 */
import type { Dose } from "./dose";
import { DOSE_KINDS, DOSES, rowOf } from "./dose-kinds";

/** One dose in words. */
export function doseText(dose: Dose): string {
  const pace =
    dose.repSeconds !== undefined ? ` of ${dose.repSeconds} s` : dose.tempo ? ` at ${dose.tempo}` : "";
  const { row, amount } = rowOf(dose);
  return row.text(amount, dose, pace);
}

/** A slot's dose or doses in words. */
export function dosesText(dose: Dose | readonly Dose[]): string {
  return Array.isArray(dose) ? dose.map(doseText).join(" / ") : doseText(dose as Dose);
}

/** Reads one dose; null where it can't be read. Whether its numbers are allowed is for the check of the class. */
export function parseDose(text: string): Dose | null {
  const line = text.trim();
  for (const kind of DOSE_KINDS) {
    const match = DOSES[kind].form.exec(line);
    if (match) return DOSES[kind].read(match);
  }
  return null;
}
