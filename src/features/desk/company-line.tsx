"use client";
import { memo } from "react";
import { findSlot } from "@/core/class/document";
import { bookFor, resolveMove } from "@/core/moves/book";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { blockName } from "@/words/block-words";
import { lowerFirst } from "@/words/letters";
import { type Companion, useCompany } from "./use-company";
import type { Desk } from "./use-desk";

/** In words who else is at the class, and where in it; nothing where one is alone. */
export const CompanyLine = memo(function CompanyLine({
  id,
  desk,
}: {
  readonly id: string;
  readonly desk: Desk;
}) {
  const library = useLibrary();
  const t = useTexts("desk");
  const words = useWords();
  const others = useCompany(id, desk);
  if (others.length === 0) return null;
  const { doc } = desk;
  const book = bookFor(doc, library);
  const place = ({ block: blockId, slot: slotId }: Companion) => {
    const block = doc.blocks.find((each) => each.id === blockId);
    const slot = slotId === null ? null : findSlot(doc, slotId)?.slot;
    return [
      block ? blockName(block, book, words) : "",
      slot ? lowerFirst(resolveMove(slot.move, book).name) : "",
    ]
      .filter(Boolean)
      .join(", ");
  };
  return (
    <section aria-label={t("whoElseHere")} className="border-b border-hairline px-4 py-0.5 text-sm">
      {others.map((other, i) => {
        const where = place(other);
        return (
          // Of two tabs of one person both are told.
          // biome-ignore lint/suspicious/noArrayIndexKey: they have no name but their place
          <span key={`${other.name} ${i}`}>
            {i > 0 && " · "}
            <b>{other.name}</b> {t("hereToo", { where: where || "no" })}
          </span>
        );
      })}
      <span className="text-quiet">{t("whatEachYouChanges")}</span>
    </section>
  );
});
