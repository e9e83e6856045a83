"use client";
import { ArrowUp, X } from "lucide-react";
import { type Alternative, alternativesOf, type Slot } from "@/core/class/document";
import { type MoveBook, resolveMove } from "@/core/moves/book";
import { useTexts } from "@/features/language/use-texts";
import type { SetKey } from "./level-line";
import { IN_SENTENCE, TextCell } from "./text-cell";

const LINK = "underline underline-offset-2";

/** The instructor's own ways for who can't do the move, in order; or equals, to choose from. */
export function AlternativeLines(props: {
  readonly slot: Slot;
  readonly book: MoveBook;
  readonly set: SetKey;
  readonly onPick: () => void;
}) {
  const t = useTexts("slots");
  const { slot, book, set, onPick } = props;
  const ways = alternativesOf(slot);
  const { name } = resolveMove(slot.move, book);
  const put = (next: readonly Alternative[]) => set("alternatives", next.length > 0 ? next : undefined);
  const say = (i: number, note: string) =>
    put(ways.map((way, j) => (j === i ? { move: way.move, ...(note ? { note } : {}) } : way)));
  const up = (i: number) => {
    const next = [...ways];
    next.splice(i - 1, 0, ...next.splice(i, 1));
    put(next);
  };
  if (ways.length === 0)
    return (
      <p>
        {t("whoCantDoGets")}{" "}
        <button type="button" className={LINK} onClick={onPick}>
          {t("sayAnotherWayYourself")}
        </button>
      </p>
    );
  return (
    <div>
      <p>
        <select
          aria-label={t("whoDoesOtherWays")}
          className={IN_SENTENCE}
          value={slot.choice ? "choice" : "cant"}
          onChange={(event) => set("choice", event.target.value === "choice" ? true : undefined)}
        >
          <option value="cant">{t("whoCantDo")}</option>
          <option value="choice">{t("whoeverLikesBetter")}</option>
        </select>{" "}
        {t("does")}
      </p>
      <ol aria-label={t("otherWays", { name })} className="ml-5 list-decimal">
        {ways.map((way, i) => {
          const own = resolveMove(way.move, book).name;
          return (
            <li key={way.move}>
              <b>{own}</b>,{" "}
              <TextCell
                label={t("whatSay", { own })}
                inSentence
                placeholder={t("whatSaySuchNo")}
                value={way.note ?? ""}
                onTake={(note) => say(i, note)}
              />
              {i > 0 && (
                <button type="button" aria-label={t("oneUp", { own })} className="mx-1" onClick={() => up(i)}>
                  <ArrowUp size={14} aria-hidden />
                </button>
              )}
              <button
                type="button"
                aria-label={t("leaveOut", { own })}
                className="mx-1"
                onClick={() => put(ways.filter((_, j) => j !== i))}
              >
                <X size={14} aria-hidden />
              </button>
            </li>
          );
        })}
      </ol>
      {ways.length < 10 && (
        <button type="button" className={LINK} onClick={onPick}>
          {t("oneMoreWay")}
        </button>
      )}
    </div>
  );
}
