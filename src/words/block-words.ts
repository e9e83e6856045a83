/** A block in few words, where it isn't a sentence of numbers. */
import { type Block, slotsOf } from "../core/class/document";
import { blockShape } from "../core/class/sentence";
import { type MoveBook, resolveMove } from "../core/moves/book";
import { spanText, spanTriple } from "../core/values/span";
import { upperFirst } from "./letters";
import type { Words } from "./words";

/** How a block goes round, in a few words. */
export function goesRound({ rounds, rest, longRest, cap, after, brief }: Block, words: Words): string {
  const seconds = (span: Block["rest"], key: "rest" | "longRest" | "brief" | "after") =>
    span !== undefined && spanTriple(span).max > 0
      ? [words.phrase("goes", key, { span: spanText(span) })]
      : [];
  return [
    ...(cap === undefined ? [] : [words.phrase("goes", "asMany", { seconds: cap })]),
    ...(rounds === undefined || cap !== undefined
      ? []
      : [words.phrase("goes", "rounds", { one: rounds === 1 ? "yes" : "no", span: spanText(rounds) })]),
    ...seconds(rest, "rest"),
    ...seconds(longRest, "longRest"),
    ...seconds(brief, "brief"),
    ...seconds(after, "after"),
  ].join(", ");
}

/** So many of its moves are named. */
const NAMED = 2;

/**
 * What a block is called: its title; else what it is for, or what it is made of: `Superset of goblet squat and
 * row`, `Circuit of goblet squat, row and more`.
 */
export function blockName(block: Block, book: MoveBook, words: Words): string {
  if (block.title) return block.title;
  const slots = slotsOf(block);
  const shape = words.name("shape", blockShape(block));
  if (slots.length === 0) return upperFirst(shape);
  if (block.role !== undefined && block.role !== "main") return upperFirst(words.name("role", block.role));
  const moves = slots.map(({ move }) => words.inside(resolveMove(move, book).name));
  const named = moves.length > NAMED + 1 ? [...moves.slice(0, NAMED), words.phrase("sheet", "more")] : moves;
  return words.phrase("sheet", "shapeOf", { shape: upperFirst(shape), moves: words.and(named) });
}
