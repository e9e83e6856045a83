"use client";
import { X } from "lucide-react";
import { combinedName, dropEntry, entriesOf, MOST_COMBINED, setEntryReps } from "@/core/class/combine";
import type { Slot } from "@/core/class/document";
import { REPS } from "@/core/class/dose-kinds";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import { typedCount } from "@/core/values/typed-number";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { lowerFirst } from "@/words/letters";
import { numberAnswer } from "@/words/sentence-words";
import { oneNumber } from "./level-line";
import { TextCell } from "./text-cell";
import type { Desk } from "./use-desk";
import { useJoined } from "./use-joined";

const LINK = "underline underline-offset-2";

/** Whole reps as they are typed; null where it isn't one number. */
function repsIn(text: string): number | null {
  const reps = typedCount(text);
  return typeof reps === "number" ? reps : null;
}

/** Several moves in turn within the one: what they are, how many of each, one more, one less. */
export function CombinationLine(props: {
  readonly slot: Slot;
  readonly book: MoveBook;
  readonly edit: Desk["edit"];
  readonly onPick: () => void;
}) {
  const t = useTexts("slots");
  const { slot, book, edit, onPick } = props;
  const words = useWords();
  const naming = { book, joined: useJoined() };
  const entries = entriesOf(slot);
  if (entries.length === 0)
    return (
      <p>
        {t("oneMove")}{" "}
        <button type="button" className={LINK} onClick={onPick}>
          {t("doAnotherTurnWith")}
        </button>
      </p>
    );
  return (
    <p>
      {t("turn")}{" "}
      {entries.map(({ move, reps }, i) => {
        const { name } = resolveMove(move, book);
        return (
          // The same move may stand twice, at different places of the turn.
          // biome-ignore lint/suspicious/noArrayIndexKey: an entry has no other name than its place
          <span key={`${move} ${i}`} className="whitespace-nowrap">
            {i > 0 && `${t("then")} `}
            <TextCell
              label={t("repsEachTurn", { name })}
              inSentence
              value={String(reps)}
              answer={(text) => numberAnswer(text, "reps", REPS, words) ?? oneNumber(typedCount(text), t)}
              onTake={(text) => edit(setEntryReps(slot, i, repsIn(text) ?? reps, naming))}
            />{" "}
            {lowerFirst(name)}
            <button
              type="button"
              aria-label={t("leaveOutTurn", { name })}
              className="mx-1 align-middle"
              onClick={() => edit(dropEntry(slot, i, naming))}
            >
              <X size={14} aria-hidden />
            </button>
          </span>
        );
      })}
      {entries.length < MOST_COMBINED && (
        <>
          {" "}
          <button type="button" className={LINK} onClick={onPick}>
            {t("oneMoreTurn")}
          </button>
        </>
      )}
      <span className="text-quiet">
        {" "}
        {t("calledIt", { name: resolveMove(slot.move, book).name || combinedName(entries, naming) })}
      </span>
    </p>
  );
}
