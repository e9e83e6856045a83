"use client";
import type { Slot } from "@/core/class/document";
import { dosesText } from "@/core/class/dose-text";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import { typedDose, typedDoseEdit } from "@/core/notation/typed-dose";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { doseAnswer } from "@/words/sentence-words";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

/** A slot's dose, typed as in a plan; its sides and load where they are said with it. */
export function DoseCell(props: {
  readonly slot: Slot;
  readonly book: MoveBook;
  readonly edit: Desk["edit"];
  readonly refuses: Desk["refuses"];
}) {
  const t = useTexts("slots");
  const words = useWords();
  const { slot, book, edit, refuses } = props;
  return (
    <TextCell
      label={t("dose", { name: resolveMove(slot.move, book).name })}
      title={t("doseSuch")}
      value={dosesText(slot.dose)}
      answer={(text) => {
        const typed = typedDose(text, slot, book);
        return typed.ok ? refuses(typedDoseEdit(slot, typed, book)) : doseAnswer(typed, words);
      }}
      onTake={(text) => {
        const typed = typedDose(text, slot, book);
        if (typed.ok) edit(typedDoseEdit(slot, typed, book));
      }}
    />
  );
}
