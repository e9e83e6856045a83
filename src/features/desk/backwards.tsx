"use client";
import { Redo2, Undo2 } from "lucide-react";
import { memo } from "react";
import type { Edit } from "@/core/class/edits";
import { bookFor } from "@/core/moves/book";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { editText } from "@/words/edit-words";
import type { Desk } from "./use-desk";

/** Undo and redo, which say what they would take back or do again. */
export const Backwards = memo(function Backwards({ desk }: { readonly desk: Desk }) {
  const library = useLibrary();
  const t = useTexts("desk");
  const words = useWords();
  const named = (word: string, edit: Edit | null) =>
    edit ? `${word}: ${editText(edit, desk.doc, bookFor(desk.doc, library), words)}` : word;
  const [undo, redo] = [named(t("undo"), desk.undoes), named(t("redo"), desk.redoes)];
  return (
    <>
      <Button look="icon" aria-label={undo} title={undo} disabled={!desk.undoes} onClick={desk.undo}>
        <Undo2 size={16} aria-hidden />
      </Button>
      <Button look="icon" aria-label={redo} title={redo} disabled={!desk.redoes} onClick={desk.redo}>
        <Redo2 size={16} aria-hidden />
      </Button>
    </>
  );
});
