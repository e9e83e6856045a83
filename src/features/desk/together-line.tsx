"use client";
import { useState } from "react";
import { toast } from "sonner";
import { type Change, changeTogether, chosenBlocks, chosenIn } from "@/core/class/change-together";
import type { Edit } from "@/core/class/edits";
import { bookFor, resolveMove } from "@/core/moves/book";
import { printBlocks } from "@/core/notation/print-plan";
import { typedSeconds } from "@/core/values/typed-number";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { shownDoses } from "@/words/dose-words";
import type { Desk } from "./use-desk";
import type { Marks } from "./use-marks";

const STEP = "min-h-7 min-w-9 border border-hairline bg-white px-1.5 font-bold hover:border-ink";

/** Several moves in place of one block's sentence: what is changed of all of them in one step. */
export function TogetherLine({ desk, marks }: { readonly desk: Desk; readonly marks: Marks }) {
  const library = useLibrary();
  const words = useWords();
  const t = useTexts("desk");
  const { doc } = desk;
  const { ids } = marks;
  const chosen = chosenIn(doc, ids);
  const whole = chosen.filter((own) => own.whole).length;
  const [rest, setRest] = useState("");
  const book = bookFor(doc, library);
  const editOf = (change: Change) => changeTogether(doc, ids, change, book);
  const act = (change: Change) => () => {
    const edit = editOf(change);
    if (edit) desk.edit(edit);
  };
  const copy = async () => {
    try {
      await navigator.clipboard.writeText(printBlocks(doc, chosenBlocks(doc, ids), library));
      toast.success(t("copiedMoves", { ids: ids.size }));
    } catch {
      toast.error(t("browserKeepsClipboardItself"));
    }
  };
  const restSpan = typedSeconds(rest);
  const restSeconds = typeof restSpan === "number" && restSpan <= 7200 ? restSpan : null;
  return (
    <section aria-label={t("severalMoves")} className="mt-1 border-t-2 border-ink pt-2">
      <p role="status" className="text-base font-bold">
        {t("movesInBlocks", { ids: ids.size, blocks: chosen.length })}
        {whole > 0 && <span className="font-normal text-quiet"> {t("wholeOnes", { whole })}</span>}
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-x-5 gap-y-2">
        <Steps label={t("work")} what="work" by={5} unit="s" {...{ editOf, act }} />
        <Steps label={t("reps")} what="reps" by={1} unit="reps" {...{ editOf, act }} />
        {whole > 0 && <Steps label={t("rounds")} what="rounds" by={1} unit="round" {...{ editOf, act }} />}
        <form
          className="flex items-center gap-1.5"
          onSubmit={(event) => {
            event.preventDefault();
            if (restSeconds !== null) act({ do: "rest", to: restSeconds })();
          }}
        >
          <label>
            {t("allRests")}{" "}
            <input
              aria-label={t("allRests")}
              className="w-14 border border-quiet bg-white px-1.5 py-1 text-center font-bold"
              placeholder="15 s"
              value={rest}
              onChange={(event) => setRest(event.target.value)}
            />
          </label>
          <Button type="submit" disabled={restSeconds === null} className="px-2 py-1">
            {t("set")}
          </Button>
        </form>
        <Button
          look="bare"
          className="px-1"
          disabled={editOf({ do: "ease" }) === null}
          onClick={act({ do: "ease" })}
        >
          {t("easeThese")}
        </Button>
        <Button look="bare" className="px-1" onClick={copy}>
          {t("copyText")}
        </Button>
        <Button
          look="bare"
          className="px-1"
          disabled={editOf({ do: "remove" }) === null}
          onClick={act({ do: "remove" })}
        >
          {t("removeThem")}
        </Button>
        <Button look="bare" className="px-1" onClick={marks.clear}>
          {t("onlyOneAgain")}
        </Button>
      </div>
      <ul className="mt-2 columns-3 gap-6" aria-label={t("chosenMoves")}>
        {chosen.flatMap(({ block, slots }) =>
          slots.map((slot) => (
            <li key={slot.id} className="truncate">
              <b>{resolveMove(slot.move, book).name}</b> {shownDoses(slot.dose, words, book)}{" "}
              <span className="text-quiet">{block.title}</span>
            </li>
          )),
        )}
      </ul>
    </section>
  );
}

/** Less and more of one thing for all of them; what can't be done of it can't be pressed. */
function Steps(props: {
  readonly label: string;
  readonly what: "work" | "reps" | "rounds";
  readonly by: number;
  readonly unit: "s" | "reps" | "round";
  readonly editOf: (change: Change) => Edit | null;
  readonly act: (change: Change) => () => void;
}) {
  const t = useTexts("desk");
  const { label, what, by, unit, editOf, act } = props;
  return (
    <span className="whitespace-nowrap">
      {label}{" "}
      {([-1, 1] as const).map((sign) => {
        const change = { do: what, by: sign * by } as const;
        return (
          <button
            key={sign}
            type="button"
            className={STEP}
            aria-label={t("stepOf", { label, way: sign < 0 ? "less" : "more", by, unit })}
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
}
