"use client";
import { useState } from "react";
import { MOST_NOTE_CHARACTERS } from "@/core/live/event-kinds";
import { useTexts } from "@/features/language/use-texts";
import { Dialog } from "@/ui/dialog";

/** A note for the log, at this second: nobody else sees it. */
export function NoteDialog(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly onNote: (text: string) => void;
}) {
  const t = useTexts("teach");
  const [text, setText] = useState("");
  return (
    <Dialog
      night
      wide
      open={props.open}
      onOpenChange={props.onOpenChange}
      title={t("noteLog")}
      description={t("standsLogSecondOnly")}
    >
      <form
        onSubmit={(event) => {
          event.preventDefault();
          if (text.trim() === "") return;
          props.onNote(text.trim());
          setText("");
          props.onOpenChange(false);
        }}
      >
        <input
          aria-label={t("note")}
          autoFocus
          className="w-full border-2 border-night-line bg-night px-3 py-3 text-2xl"
          maxLength={MOST_NOTE_CHARACTERS}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
        <button type="submit" className="mt-3 bg-marker px-6 py-2 text-2xl font-bold text-night">
          {t("keep")}
        </button>
      </form>
    </Dialog>
  );
}
