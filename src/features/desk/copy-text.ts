import { toast } from "sonner";
import type { ClassDoc } from "@/core/class/document";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { printPlan } from "@/core/notation/print-plan";

/** The class as text, for a mail or another class. */
export async function copyText(doc: ClassDoc): Promise<void> {
  try {
    await navigator.clipboard.writeText(printPlan(doc, LIBRARY_BOOK));
    toast.success("The class is copied as text.");
  } catch {
    toast.error("This browser keeps the clipboard to itself.");
  }
}
