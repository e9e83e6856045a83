"use client";
import { useState } from "react";
import { setBlock } from "@/core/class/commands";
import { type Block, type ClassDoc, slotsOf } from "@/core/class/document";
import { applyEdit, type Edit } from "@/core/class/edits";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import type { FitResult } from "@/core/shape/fit";
import { fitEdit } from "@/core/shape/fit-change";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { type Question, useAnswer } from "@/features/room/use-answer";
import type { Room } from "@/features/room/use-parts";
import { MiniScore } from "@/features/score/mini-score";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { changesText } from "@/words/shape-words";

/** Every key of a block that a fit could change. */
const KEYS = ["rounds", "rest", "longRest", "brief", "demo", "prepare", "after", "cap", "slots"];

/** Making the class as long as it should be: up to five ways, each drawn beside the present one. */
export function FitDialog(props: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly doc: ClassDoc;
  readonly room: Room;
  readonly onEdit: (edit: Edit) => void;
}) {
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onOpenChange}
      title="Fit to a length"
      description="The cheapest changes that get there: talk and rests first, the main work last. One press takes them all; undo takes them back."
      wide
    >
      <Options {...props} />
    </Dialog>
  );
}

function Options({ doc, room, onEdit, onOpenChange }: Parameters<typeof FitDialog>[0]) {
  const words = useWords();
  const [minutes, setMinutes] = useState(
    String(doc.promise?.minutes ?? Math.round(scoreOf(doc, LIBRARY_BOOK).seconds.plan / 60)),
  );
  const { ask, settings } = room;
  const wanted = /^\d{1,3}$/.test(minutes.trim()) && Number(minutes) > 0 ? Number(minutes) * 60 : null;
  const question: Question<FitResult> | null =
    wanted === null ? null : (worker, about) => worker.fit(about, wanted);
  const result = useAnswer(ask, question, [wanted, doc, settings]);
  const present = scoreOf(doc, LIBRARY_BOOK);
  const options = (result?.options ?? []).flatMap((option) => {
    const next = applyEdit(doc, fitEdit(doc, option.changes));
    return next.ok ? [{ option, doc: next.value, score: scoreOf(next.value, LIBRARY_BOOK) }] : [];
  });
  const longest = Math.max(present.seconds.plan, ...options.map((entry) => entry.score.seconds.plan));
  const lock = (block: Block) => {
    const locked = KEYS.every((key) => block.locked?.includes(key));
    onEdit(setBlock(block, "locked", locked ? undefined : KEYS));
  };
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label className="flex items-center gap-2">
          <b>Minutes</b>
          <input
            inputMode="numeric"
            className="w-16 border border-quiet bg-white px-2 py-1 text-center font-bold"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          />
        </label>
        <fieldset className="flex flex-wrap gap-x-3">
          <legend className="float-left mr-2 text-quiet">Leave as they are:</legend>
          {doc.blocks.map((block) => (
            <label key={block.id} className="flex items-center gap-1">
              <input
                type="checkbox"
                checked={KEYS.every((key) => block.locked?.includes(key))}
                onChange={() => lock(block)}
              />
              {block.title || (slotsOf(block).length > 0 ? "a block" : "talk")}
            </label>
          ))}
        </fieldset>
      </div>
      <div className="mt-4 border-t-2 border-ink pt-2">
        <p className="flex justify-between">
          <b>As it is</b> <span className="tabular-nums">{clockText(present.seconds.plan)}</span>
        </p>
        <MiniScore doc={doc} score={present} longestSeconds={longest} />
      </div>
      {wanted === null ? (
        <p className="mt-3 text-rust">A whole number of minutes.</p>
      ) : result === null ? (
        <p className="mt-3 text-quiet">Working it out…</p>
      ) : options.length === 0 ? (
        <p className="mt-3" role="status">
          Out of reach: the nearest is {result.nearest === null ? "none" : clockText(result.nearest)}.
          {result.locked.length > 0 && " Unlock a block to get nearer."}
        </p>
      ) : (
        <ol aria-label="Ways to fit">
          {options.map(({ option, doc: next, score }) => (
            <li key={JSON.stringify(option.changes)} className="mt-2 border-t border-hairline pt-2">
              <div className="flex items-start justify-between gap-4">
                <p>
                  <b className="tabular-nums">{clockText(option.total)}</b>{" "}
                  {option.changes.length === 0
                    ? "as it stands."
                    : `${changesText(option, doc, LIBRARY_BOOK, words)}.`}
                </p>
                <Button
                  look="solid"
                  disabled={option.changes.length === 0}
                  onClick={() => {
                    onEdit(fitEdit(doc, option.changes));
                    onOpenChange(false);
                  }}
                >
                  Take it
                </Button>
              </div>
              <div className="opacity-60">
                <MiniScore doc={next} score={score} longestSeconds={longest} />
              </div>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
