import { MARK_GLYPH } from "@/core/homes/home";
import { type PartSlot, STATUS_WORDS } from "@/core/parts/part";

/** The status with its mark: `swapped ♭`. */
export function statusText({ status, mark }: PartSlot): string {
  return mark === "natural" ? STATUS_WORDS[status] : `${STATUS_WORDS[status]} ${MARK_GLYPH[mark]}`;
}
