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

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly doc: ClassDoc;
  readonly room: Room;
  readonly onEdit: (edit: Edit) => void;
}

/** Making the class as long as it should be: up to five ways, each drawn beside the present one. */
export function FitDialog(props: Props) {
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

/** A block that a fit is to leave as it is. */
function LockBox({ block, onEdit }: { readonly block: Block } & Pick<Props, "onEdit">) {
  const locked = KEYS.every((key) => block.locked?.includes(key));
  return (
    <label className="flex items-center gap-1">
      <input
        type="checkbox"
        checked={locked}
        onChange={() => onEdit(setBlock(block, "locked", locked ? undefined : KEYS))}
      />
      {block.title || (slotsOf(block).length > 0 ? "a block" : "talk")}
    </label>
  );
}

/** A length that can be had, by which changes, and the press that makes them. */
function OptionLine(props: {
  readonly option: FitResult["options"][number];
  readonly doc: ClassDoc;
  readonly onTake: () => void;
}) {
  const { option, doc, onTake } = props;
  const words = useWords();
  const isSame = option.changes.length === 0;
  return (
    <div className="flex items-start justify-between gap-4">
      <p>
        <b className="tabular-nums">{clockText(option.total)}</b>{" "}
        {isSame ? "as it stands." : `${changesText(option, doc, LIBRARY_BOOK, words)}.`}
      </p>
      <Button look="solid" disabled={isSame} onClick={onTake}>
        Take it
      </Button>
    </div>
  );
}

/** Why there is nothing to choose: no length asked for, not worked out yet, or out of reach. */
function NoOptions({
  wanted,
  result,
}: {
  readonly wanted: number | null;
  readonly result: FitResult | null;
}) {
  if (wanted === null) return <p className="mt-3 text-rust">A whole number of minutes.</p>;
  if (result === null) return <p className="mt-3 text-quiet">Working it out…</p>;
  return (
    <p className="mt-3" role="status">
      Out of reach: the nearest is {result.nearest === null ? "none" : clockText(result.nearest)}.
      {result.locked.length > 0 && " Unlock a block to get nearer."}
    </p>
  );
}

function Options({ doc, room, onEdit, onOpenChange }: Props) {
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
            <LockBox key={block.id} block={block} onEdit={onEdit} />
          ))}
        </fieldset>
      </div>
      <div className="mt-4 border-t-2 border-ink pt-2">
        <p className="flex justify-between">
          <b>As it is</b> <span className="tabular-nums">{clockText(present.seconds.plan)}</span>
        </p>
        <MiniScore doc={doc} score={present} longestSeconds={longest} />
      </div>
      {wanted === null || result === null || options.length === 0 ? (
        <NoOptions wanted={wanted} result={result} />
      ) : (
        <ol aria-label="Ways to fit">
          {options.map(({ option, doc: next, score }) => (
            <li key={JSON.stringify(option.changes)} className="mt-2 border-t border-hairline pt-2">
              <OptionLine
                option={option}
                doc={doc}
                onTake={() => {
                  onEdit(fitEdit(doc, option.changes));
                  onOpenChange(false);
                }}
              />
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
