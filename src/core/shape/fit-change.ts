/** A change that fitting makes, and the edit that makes several in one step. */
import { removeSlot, setBlock, setSlot, together } from "../class/commands";
import { type Block, type ClassDoc, type Slot, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import type { Span } from "../values/span";

/** Another number of a block or of one of its slots. */
export interface NumberChange {
  readonly block: string;
  readonly slot: string | null;
  /** A dot path inside it, list places as numbers: `dose.1.seconds`. */
  readonly key: string;
  readonly from: Span;
  readonly to: Span;
}

/** A slot left out; made after all others. */
export interface RemoveChange {
  readonly block: string;
  readonly slot: string;
  readonly remove: true;
}
export type FitChange = NumberChange | RemoveChange;

export function isRemoval(change: FitChange): change is RemoveChange {
  return "remove" in change;
}

/** What a change is of: its key, or `remove`. */
export function keyOfChange(change: FitChange): string {
  return isRemoval(change) ? "remove" : change.key;
}

/** A value with the one at a path in it replaced; list items by their index. */
export function setPath(value: unknown, [step, ...rest]: readonly string[], to: unknown): unknown {
  if (step === undefined) return to;
  if (Array.isArray(value))
    return value.map((entry, i) => (i === Number(step) ? setPath(entry, rest, to) : entry));
  const object = value as Record<string, unknown>;
  return { ...object, [step]: setPath(object[step], rest, to) };
}

function slotEdit(slot: Slot, { key: path, to }: NumberChange, known: Edit | undefined): Edit {
  const [key = "", ...rest] = path.split(".");
  const now = known?.op === "set" ? known.to : slot[key as keyof Slot];
  return setSlot(slot, key as keyof Slot, setPath(now, rest, to) as never);
}

/** The edit that makes these changes in one step. */
export function fitEdit(doc: ClassDoc, changes: readonly FitChange[]): Edit {
  const edits = new Map<string, Edit>();
  const removals: Edit[] = [];
  for (const change of changes) {
    const block = doc.blocks.find((entry) => entry.id === change.block) as Block;
    const slot = slotsOf(block).find((entry) => entry.id === change.slot);
    if (isRemoval(change)) {
      if (slot) removals.push(removeSlot(block, slot));
      continue;
    }
    if (change.slot === null) {
      const edit = setBlock(block, change.key as keyof Block, change.to as never);
      edits.set(`${change.block} ${change.key}`, edit);
      continue;
    }
    const id = `${change.slot} ${change.key.split(".")[0]}`;
    if (slot) edits.set(id, slotEdit(slot, change, edits.get(id)));
  }
  return together([...edits.values(), ...removals], "fit");
}
