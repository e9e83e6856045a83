/** A change that fitting makes: in words, and as an edit. */
import { setBlock, setSlot, together } from "../class/commands";
import { type Block, type ClassDoc, type Slot, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import { type Span, spanText } from "../values/span";

export interface FitChange {
  readonly block: string;
  readonly slot: string | null;
  readonly key: string;
  readonly from: Span;
  readonly to: Span;
}

/** A value with the one at a path in it replaced; list items by their index. */
export function setPath(value: unknown, [step, ...rest]: readonly string[], to: unknown): unknown {
  if (step === undefined) return to;
  if (Array.isArray(value))
    return value.map((entry, i) => (i === Number(step) ? setPath(entry, rest, to) : entry));
  const object = value as Record<string, unknown>;
  return { ...object, [step]: setPath(object[step], rest, to) };
}

const KEY_WORDS: Readonly<Record<string, string>> = {
  rounds: "rounds",
  rest: "s rest",
  longRest: "s between rounds",
  brief: "s of talk",
  demo: "s to show each",
  prepare: "s to get ready",
  after: "s after it",
  cap: "s for as many rounds as possible",
};

/** A change in words: `15 s rest instead of 20 in Quay circuit`. */
export function changeText(change: FitChange, doc: ClassDoc, library: MoveBook): string {
  const block = doc.blocks.find((entry) => entry.id === change.block);
  const slot = block && slotsOf(block).find((entry) => entry.id === change.slot);
  const words = KEY_WORDS[change.key] ?? "s of work";
  const place = slot
    ? resolveMove(slot.move, bookFor(doc, library)).name.toLowerCase()
    : block?.title || "the block";
  const join = slot ? (change.key === "rest" ? "after" : "in") : "in";
  return `${spanText(change.to)} ${words} instead of ${spanText(change.from)} ${join} ${place}`;
}

/** The edit that makes these changes in one step. */
export function fitEdit(doc: ClassDoc, changes: readonly FitChange[]): Edit {
  const edits = new Map<string, Edit>();
  for (const change of changes) {
    const block = doc.blocks.find((entry) => entry.id === change.block) as Block;
    if (change.slot === null) {
      edits.set(
        `${change.block} ${change.key}`,
        setBlock(block, change.key as keyof Block, change.to as never),
      );
      continue;
    }
    const slot = slotsOf(block).find((entry) => entry.id === change.slot);
    const [key = "", ...path] = change.key.split(".");
    const id = `${change.slot} ${key}`;
    const known = edits.get(id);
    const now = known?.op === "set" ? known.to : slot?.[key as keyof Slot];
    if (slot) edits.set(id, setSlot(slot, key as keyof Slot, setPath(now, path, change.to) as never));
  }
  return together([...edits.values()], "fit");
}
