/** A block in few words, where it isn't a sentence of numbers. */
import type { Block } from "../core/class/document";
import { spanText, spanTriple } from "../core/values/span";
import { upperFirst } from "./letters";
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

/** What a block is called: its title, or what it is for. */
export function blockName({ title, role = "main" }: Pick<Block, "title" | "role">, words: Words): string {
  if (title) return title;
  return role === "main" ? "Block" : upperFirst(words.name("role", role));
}
