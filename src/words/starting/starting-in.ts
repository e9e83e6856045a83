/** Our own starting points in the language of who begins from them; what is made of one is theirs from then on. */
import type { ClassDoc } from "../../core/class/document";
import { STARTING_IN_SPANISH } from "./spanish";

const TABLES: Readonly<Record<string, Readonly<Record<string, string>>>> = { es: STARTING_IN_SPANISH };

/** A title or a sentence of a starting point in a language; as it is where that has none. `tag`: BCP 47. */
export const startingIn = (text: string, tag: string): string => TABLES[tag]?.[text] ?? text;

/** A class of ours with its titles in a language. */
export function titlesIn(doc: ClassDoc, tag: string): ClassDoc {
  if (!TABLES[tag]) return doc;
  return {
    ...doc,
    title: startingIn(doc.title, tag),
    blocks: doc.blocks.map((block) => ({ ...block, title: startingIn(block.title, tag) })),
  };
}
