"use client";
import { useState } from "react";
import { toast } from "sonner";
import { type Change, changeTogether, chosenBlocks, chosenIn } from "@/core/class/change-together";
import { dosesText } from "@/core/class/dose-text";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { printBlocks } from "@/core/notation/print-plan";
import { typedSeconds } from "@/core/values/typed-number";
import { Button } from "@/ui/button";
import type { Desk } from "./use-desk";
import type { Marks } from "./use-marks";

const STEP = "min-h-7 min-w-9 border border-hairline bg-white px-1.5 font-bold hover:border-ink";

/** Several moves in place of one block's sentence: what is changed of all of them in one step. */
export function TogetherLine({ desk, marks }: { readonly desk: Desk; readonly marks: Marks }) {
  const { doc } = desk;
  const { ids } = marks;
  const chosen = chosenIn(doc, ids);
  const whole = chosen.filter((own) => own.whole).length;
  const [rest, setRest] = useState("");
  const book = bookFor(doc, LIBRARY_BOOK);
  const editOf = (change: Change) => changeTogether(doc, ids, change, book);
  const act = (change: Change) => () => {
    const edit = editOf(change);
    if (edit) desk.edit(edit);
  };
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(printBlocks(doc, chosenBlocks(doc, ids), LIBRARY_BOOK));
      toast.success(`${ids.size} moves are copied as text.`);
    } catch {
      toast.error("This browser keeps the clipboard to itself.");
    }
  };
  const restSpan = typedSeconds(rest);
  const restSeconds = typeof restSpan === "number" && restSpan <= 7200 ? restSpan : null;
  const steps = (label: string, what: "work" | "reps" | "rounds", by: number, unit: string) => (
    <span className="whitespace-nowrap">
      {label}{" "}
      {([-1, 1] as const).map((sign) => {
        const change = { do: what, by: sign * by } as const;
        return (
          <button
            key={sign}
            type="button"
            className={STEP}
            aria-label={`${label} ${sign < 0 ? "less" : "more"}: ${by} ${unit}`}
            disabled={editOf(change) === null}
            onClick={act(change)}
          >
            {sign < 0 ? "−" : "+"}
            {by}
          </button>
        );
      })}
    </span>
  );
  return (
    <section aria-label="Several moves" className="mt-1 border-t-2 border-ink pt-2">
      <p role="status" className="text-base font-bold">
        {ids.size} moves in {chosen.length === 1 ? "1 block" : `${chosen.length} blocks`}
        {whole > 0 && <span className="font-normal text-quiet"> · {whole} of them whole</span>}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-2">
        {steps("Work", "work", 5, "s")}
        {steps("Reps", "reps", 1, "reps")}
        {whole > 0 && steps("Rounds", "rounds", 1, "round")}
        <form
          className="flex items-center gap-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            if (restSeconds !== null) act({ do: "rest", to: restSeconds })();
          }}
        >
          <label>
            All rests{" "}
            <input
              aria-label="All rests"
              className="w-14 border border-quiet bg-white px-1.5 py-1 text-center font-bold"
              placeholder="15 s"
              value={rest}
              onChange={(event) => setRest(event.target.value)}
            />
          </label>
          <Button type="submit" disabled={restSeconds === null} className="px-2 py-1">
            Set
          </Button>
        </form>
        <Button
          look="bare"
          className="px-1"
          disabled={editOf({ do: "ease" }) === null}
          onClick={act({ do: "ease" })}
        >
          Ease these
        </Button>
        <Button look="bare" className="px-1" onClick={copy}>
          Copy as text
        </Button>
        <Button
          look="bare"
          className="px-1"
          disabled={editOf({ do: "remove" }) === null}
          onClick={act({ do: "remove" })}
        >
          Remove them
        </Button>
        <Button look="bare" className="px-1" onClick={marks.clear}>
          Only one again
        </Button>
      </div>
      <ul className="mt-2 columns-3 gap-6" aria-label="Chosen moves">
        {chosen.flatMap(({ block, slots }) =>
          slots.map((slot) => (
            <li key={slot.id} className="truncate">
              <b>{resolveMove(slot.move, book).name}</b> {dosesText(slot.dose)}{" "}
              <span className="text-quiet">{block.title}</span>
            </li>
          )),
        )}
      </ul>
    </section>
  );
}
