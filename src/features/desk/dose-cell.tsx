"use client";
import type { Slot } from "@/core/class/document";
import { dosesText } from "@/core/class/dose-text";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import { typedDose, typedDoseEdit } from "@/core/notation/typed-dose";
import { useWords } from "@/features/language/use-words";
import { doseAnswer } from "@/words/sentence-words";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";

const SUCH_AS =
  "Such as: 40 s · 1:30 · hold 30 s · 8–12 reps 3010 · 10 e/s · 12/10/8 · 10 reps in 60 s · to limit 40 s";

/** A slot's dose, typed as in a plan; its sides and load where they are said with it. */
export function DoseCell(props: {
  readonly slot: Slot;
  readonly book: MoveBook;
  readonly edit: Desk["edit"];
  readonly refuses: Desk["refuses"];
}) {
  const words = useWords();
  const { slot, book, edit, refuses } = props;
  return (
    <TextCell
      label={`Dose of ${resolveMove(slot.move, book).name}`}
      title={SUCH_AS}
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
