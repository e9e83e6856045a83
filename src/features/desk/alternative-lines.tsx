"use client";
import { ArrowUp, X } from "lucide-react";
import { type Alternative, alternativesOf, type Slot } from "@/core/class/document";
import { type MoveBook, resolveMove } from "@/core/moves/book";
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
        Who can’t do it gets the nearest way of the library.{" "}
        <button type="button" className={LINK} onClick={onPick}>
          Say another way yourself
        </button>
      </p>
    );
  return (
    <div>
      <p>
        <select
          aria-label="Who does the other ways"
          className={IN_SENTENCE}
          value={slot.choice ? "choice" : "cant"}
          onChange={(event) => set("choice", event.target.value === "choice" ? true : undefined)}
        >
          <option value="cant">Who can’t do it</option>
          <option value="choice">Whoever likes it better</option>
        </select>{" "}
        does
      </p>
      <ol aria-label={`Other ways for ${name}`} className="ml-5 list-decimal">
        {ways.map((way, i) => {
          const own = resolveMove(way.move, book).name;
          return (
            <li key={way.move}>
              <b>{own}</b>,{" "}
              <TextCell
                label={`What to say of ${own}`}
                inSentence
                placeholder="what to say, such as: no sliders"
                value={way.note ?? ""}
                onTake={(note) => say(i, note)}
              />
              {i > 0 && (
                <button type="button" aria-label={`${own} one up`} className="mx-1" onClick={() => up(i)}>
                  <ArrowUp size={14} aria-hidden />
                </button>
              )}
              <button
                type="button"
                aria-label={`Leave out ${own}`}
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
          One more way
        </button>
      )}
    </div>
  );
}
