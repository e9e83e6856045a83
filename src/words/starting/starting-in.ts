/** Our own starting points in the language of who begins from them; what is made of one is theirs from then on. */
import type { Block, ClassDoc } from "../../core/class/document";
import type { Edit } from "../../core/class/edits";
import { replaced } from "../replaced";
import { STARTING_IN_SPANISH } from "./spanish";

const TABLES: Readonly<Record<string, Readonly<Record<string, string>>>> = { es: STARTING_IN_SPANISH };

/** A title or a sentence of a starting point in a language; as it is where that has none. `tag`: BCP 47. */
export const startingIn = (text: string, tag: string): string => TABLES[tag]?.[text] ?? text;

const blockIn = (block: Block, tag: string): Block => ({ ...block, title: startingIn(block.title, tag) });

/** A class of ours with its titles in a language. `theirs`: ids of blocks that an instructor named. */
export function titlesIn(doc: ClassDoc, tag: string, theirs?: ReadonlySet<string>): ClassDoc {
  if (!TABLES[tag]) return doc;
  return {
    ...doc,
    title: theirs ? doc.title : startingIn(doc.title, tag),
    blocks: doc.blocks.map((block) => (theirs?.has(block.id) ? block : blockIn(block, tag))),
  };
}

/** A change that Brontle offers, with the titles of blocks that it puts in in a language. */
export function offeredIn(edit: Edit, tag: string): Edit {
  if (edit.op === "insert-block") return { ...edit, block: blockIn(edit.block, tag) };
  if (edit.op !== "together") return edit;
  return { ...edit, edits: edit.edits.map((each) => offeredIn(each, tag)) };
}

const isBlockName = (value: object): value is { readonly block: string } =>
  "block" in value && typeof value.block === "string" && Object.keys(value).length === 1;

/** Reasons with the blocks that they tell of renamed. */
export const blocksRenamed = <R>(reason: R, renamed: (title: string) => string): R =>
  replaced(reason, (value) => (isBlockName(value) ? { block: renamed(value.block) } : null));
