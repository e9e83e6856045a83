/** The room in a few words. */
import { MARK_GLYPH } from "../core/homes/home";
import type { Part, PartSlot } from "../core/parts/part";
import { spreadOver } from "../core/parts/room-rows";
import type { Words } from "./words";

/** `18 as set, 4 swapped, 2 eased`. */
export function spreadText(parts: readonly Part[], slotId: string, words: Words): string {
  return spreadOver(parts, slotId)
    .map(({ status, people }) => `${people} ${words.name("status", status)}`)
    .join(", ");
}

/** `9 as set · 5 swapped`, with those who have no way apart, so that they can stand out. */
export function roomCounts(
  parts: readonly Part[],
  slotId: string,
  words: Words,
): { readonly text: string; readonly unmet: number } {
  const spread = spreadOver(parts, slotId);
  const text = spread
    .filter(({ status }) => status !== "unmet")
    .map(({ status, people }) => `${people} ${words.name("status", status)}`)
    .join(" · ");
  return { text, unmet: spread.find(({ status }) => status === "unmet")?.people ?? 0 };
}

/** What a cell says in a few letters; the whole is in its label. */
export function cellText(slot: PartSlot, words: Words): string {
  const mark = slot.mark === "natural" ? "" : MARK_GLYPH[slot.mark];
  if (slot.status === "unmet") return words.name("status", "unmet");
  if (slot.status === "swapped") return `${words.phrase("room", "swap")}${mark && ` ${mark}`}`;
  if (slot.status === "as-set") return mark || "·";
  return `${mark} ${words.phrase("room", slot.status)}`.trim();
}
