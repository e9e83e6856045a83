/** Edits of what a slot says beside its own move: its levels and its alternatives. */
import { setSlot } from "./commands";
import { alternativesOf, type Slot, type Way } from "./document";
import type { Edit } from "./edits";

/** A level with a part of it changed; what is emptied is left out, and the level where nothing of it is left. */
export function setLevel(slot: Slot, mark: "flat" | "sharp", part: Partial<Way>): Edit {
  const way = Object.fromEntries(
    Object.entries({ ...slot.marks?.[mark], ...part }).filter(
      ([, value]) => value !== undefined && value !== "",
    ),
  );
  const marks = { ...slot.marks, [mark]: Object.keys(way).length > 0 ? way : undefined };
  const kept = Object.entries(marks).filter(([, value]) => value !== undefined);
  return setSlot(slot, "marks", kept.length > 0 ? Object.fromEntries(kept) : undefined);
}

/** One more alternative behind the others; null where the slot has that move already. */
export function addAlternative(slot: Slot, move: string): Edit | null {
  const ways = alternativesOf(slot);
  const known = slot.move === move || ways.some((way) => way.move === move);
  return known ? null : setSlot(slot, "alternatives", [...ways, { move }]);
}
