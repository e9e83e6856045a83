/** The words of a block's sentence: "4 rounds of 5 moves, 40 s work, 20 s rest, 60 s between rounds". */
import type { SentenceNumber } from "../core/class/sentence";
import type { TypedDose } from "../core/notation/typed-dose";
import { type Limits, typedNumber } from "../core/values/typed-number";
import type { Words } from "./words";

const argsOf = ({ moves, station, text }: SentenceNumber) => ({
  moves,
  station: station ? "yes" : "no",
  one: text === "1" ? "yes" : "no",
});

/** What stands after a number. */
export function numberTail(number: SentenceNumber, words: Words): string {
  return words.phrase("numberTail", number.key, argsOf(number));
}

/** Its name for a screen reader. */
export function numberLabel(number: SentenceNumber, words: Words): string {
  return words.phrase("numberLabel", number.key, argsOf(number));
}

/** Why what was typed into a field that counts can't be taken; null where it can. `counted`: what it counts. */
export function numberAnswer(
  text: string,
  counted: "seconds" | "reps" | "rounds",
  limits: Limits,
  words: Words,
): string | null {
  const unit = counted === "seconds" ? "seconds" : "count";
  const typed = typedNumber(text, unit, limits);
  if (typed.ok) return null;
  const { least, most } = limits;
  return words.phrase("typedNumber", typed.why, { text, unit: counted, least, most });
}

/** What a number of the sentence counts. */
export function countedBy({ key, unit }: SentenceNumber): "seconds" | "reps" | "rounds" {
  return unit === "seconds" ? "seconds" : key === "reps" ? "reps" : "rounds";
}

/** Why what was typed as a dose can't be taken. */
export function doseAnswer({ why, text }: Extract<TypedDose, { ok: false }>, words: Words): string {
  return words.phrase("typedDose", why, { text });
}
