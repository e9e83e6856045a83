/** A change that fitting makes, and the edit that makes several in one step. */
import { setBlock, setSlot, together } from "../class/commands";
import { type Block, type ClassDoc, type Slot, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import type { Span } from "../values/span";

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
