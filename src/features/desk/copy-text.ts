import { toast } from "sonner";
import type { ClassDoc } from "@/core/class/document";
import type { MoveBook } from "@/core/moves/book";
import { printPlan } from "@/core/notation/print-plan";
import type { Say } from "@/words/screens/screens";

/** The class as text, for a mail or another class. */
export async function copyText(doc: ClassDoc, library: MoveBook, t: Say<"desk">): Promise<void> {
  try {
    await navigator.clipboard.writeText(printPlan(doc, library));
    toast.success(t("classCopiedText"));
  } catch {
    toast.error(t("browserKeepsClipboardItself"));
  }
}
