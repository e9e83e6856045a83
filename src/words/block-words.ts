/** A block in few words, where it isn't a sentence of numbers. */
import { type Block, slotsOf } from "../core/class/document";
import { blockShape } from "../core/class/sentence";
import { type MoveBook, resolveMove } from "../core/moves/book";
import { spanText, spanTriple } from "../core/values/span";
import { lowerFirst, upperFirst } from "./letters";
import type { Words } from "./words";

/** How a block goes round, in a few words. */
export function goesRound({ rounds, rest, longRest, cap, after, brief }: Block): string {
  const seconds = (span: Block["rest"], words: string) =>
    span !== undefined && spanTriple(span).max > 0 ? [`${spanText(span)} s ${words}`] : [];
  return [
    ...(cap === undefined ? [] : [`as many rounds as possible in ${cap} s`]),
    ...(rounds === undefined || cap !== undefined
      ? []
      : [`${spanText(rounds)} ${rounds === 1 ? "round" : "rounds"}`]),
    ...seconds(rest, "rest"),
    ...seconds(longRest, "between rounds"),
    ...seconds(brief, "talk"),
    ...seconds(after, "water"),
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
  const moves = slots.map(({ move }) => lowerFirst(resolveMove(move, book).name));
  const named = moves.length > NAMED + 1 ? [...moves.slice(0, NAMED), "more"] : moves;
  return `${upperFirst(shape)} of ${[named.slice(0, -1).join(", "), named.at(-1)].filter(Boolean).join(" and ")}`;
}
