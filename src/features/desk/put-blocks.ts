import { addBlocks } from "@/core/class/add-blocks";
import type { ClassDoc } from "@/core/class/document";
import { idAfter } from "@/core/class/edits";
import type { Desk } from "./use-desk";

/** Puts the blocks of another class in behind the selected one, in one step. */
export function putBlocks({ doc, selection, edit }: Desk, { blocks, moves }: ClassDoc): void {
  edit(addBlocks(doc, blocks, idAfter(doc.blocks, selection.block ?? ""), moves));
}
