/** The words of a block's sentence: "4 rounds of 5 moves, 40 s work, 20 s rest, 60 s between rounds". */
import type { SentenceNumber } from "../core/class/sentence";
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
