import { MARK_GLYPH } from "../homes/home";
import { type PartSlot, STATUS_WORDS } from "./part";

/** The status with its mark: `swapped ♭`. */
export function statusText({ status, mark }: PartSlot): string {
  return mark === "natural" ? STATUS_WORDS[status] : `${STATUS_WORDS[status]} ${MARK_GLYPH[mark]}`;
}
