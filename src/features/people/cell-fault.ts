/** What is wrong in a cell of a roster's table, in the language of the screen. */
import type { CellFault } from "@/core/formats/roster-columns";
import { faultText } from "@/words/refusals/faults";
import type { Say } from "@/words/screens/screens";
import type { Words } from "@/words/words";

export function cellFaultText(fault: CellFault, words: Words, t: Say<"people">): string {
  switch (fault.code) {
    case "quotes":
      return t("cellQuotes");
    case "cells":
      return t("cellCells", fault);
    case "no-column":
      return t("cellNoColumn");
    case "not-a-column":
      return t("cellNotAColumn");
    case "same-as":
      return t("cellSameAs", { line: fault.other });
    case "unread":
      return t("cellUnread", fault);
    case "unread-of":
      return t("cellUnreadOf", fault);
    case "unknown":
      return t("cellUnknown", fault);
    case "yes-or-no":
      return t("cellYesOrNo", fault);
    case "things":
      return t("cellThings", fault);
    case "rule": {
      const sentence = [fault.part, faultText(fault.rule, words)].filter(Boolean).join(" ");
      return fault.text === "" ? sentence : t("cellRule", { text: fault.text, sentence });
    }
  }
}
