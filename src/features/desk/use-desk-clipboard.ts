"use client";
import { useEffect, useRef } from "react";
import { toast } from "sonner";
import { removeBlock } from "@/core/class/commands";
import type { MoveBook } from "@/core/moves/book";
import { printBlocks } from "@/core/notation/print-plan";
import { readPlan } from "@/core/notation/read-plan";
/** The Desk's clipboard: a block as text, so that it pastes into another class and into a mail alike. */
import type { Say } from "@/words/screens/screens";
import { putBlocks } from "./put-blocks";
import type { Desk } from "./use-desk";

interface Doing {
  readonly desk: Desk;
  readonly t: Say<"desk">;
  /** The library as the instructor reads it: moves are named by it, and read by it. */
  readonly library: MoveBook;
  /** A dialog has the keys. */
  readonly quiet: boolean;
  /** What isn't certain of a pasted text is looked at first. */
  readonly review: (text: string) => void;
}

/** Text that is selected, or a field that is typed into, keeps the clipboard to itself. */
function isElsewhere(event: ClipboardEvent): boolean {
  const { target } = event;
  const typing =
    target instanceof HTMLElement && (target.matches("input, select, textarea") || target.isContentEditable);
  return typing || (event.type !== "paste" && (window.getSelection()?.toString() ?? "") !== "");
}

function copied({ desk, t, library }: Doing, event: ClipboardEvent): void {
  const block = desk.doc.blocks.find(({ id }) => id === desk.selection.block);
  if (!block) return;
  event.preventDefault();
  event.clipboardData?.setData("text/plain", printBlocks(desk.doc, [block], library));
  const title = block.title || t("theBlock");
  if (event.type === "copy") {
    toast.success(t("copiedText", { title }));
    return;
  }
  if (desk.doc.blocks.length < 2) {
    toast.error(t("copiedLastBlockClass"));
    return;
  }
  desk.edit(removeBlock(desk.doc, block));
  toast.success(t("cutNow", { title }));
}

function pasted({ desk, t, library, review }: Doing, event: ClipboardEvent): void {
  const text = event.clipboardData?.getData("text/plain") ?? "";
  if (text.trim() === "") return;
  event.preventDefault();
  const { doc, notes } = readPlan(text, library, { stance: desk.doc.stance });
  if (!doc || notes.some(({ code }) => code !== "no-dose")) {
    review(text);
    return;
  }
  putBlocks(desk, doc);
  toast.success(t("putIn", { blocks: doc.blocks.length }));
}

export function useDeskClipboard(doing: Doing): void {
  const now = useRef(doing);
  now.current = doing;
  useEffect(() => {
    const take = (run: (at: Doing, event: ClipboardEvent) => void) => (event: ClipboardEvent) => {
      if (!now.current.quiet && !isElsewhere(event)) run(now.current, event);
    };
    const [copy, paste] = [take(copied), take(pasted)];
    window.addEventListener("copy", copy);
    window.addEventListener("cut", copy);
    window.addEventListener("paste", paste);
    return () => {
      window.removeEventListener("copy", copy);
      window.removeEventListener("cut", copy);
      window.removeEventListener("paste", paste);
    };
  }, []);
}
