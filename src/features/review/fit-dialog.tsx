"use client";
import { useState } from "react";
import { addBlock, setBlock } from "@/core/class/commands";
import { type Block, type ClassDoc, slotsOf } from "@/core/class/document";
import { applyEdit, type Edit } from "@/core/class/edits";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { scoreOf } from "@/core/score/score";
import type { FitResult } from "@/core/shape/fit";
import { fitEdit } from "@/core/shape/fit-change";
import { clockText } from "@/core/units";
import { spanTriple } from "@/core/values/span";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { type Question, useAnswer } from "@/features/room/use-answer";
import type { Room } from "@/features/room/use-parts";
import { MiniScore, shortOf } from "@/features/score/mini-score";
import { Button } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { upperFirst } from "@/words/letters";
import type { PlainKey } from "@/words/screens/screens";
import { changesText, lossText, proposalText, unlockText } from "@/words/shape-words";
import { offeredIn } from "@/words/starting/starting-in";

/** Every key of a block that a fit could change. */
const KEYS = ["rounds", "rest", "longRest", "brief", "demo", "prepare", "after", "cap", "slots"];
/** What may stay as it is in the whole class. */
const KEPT = [
  { keys: ["rest", "longRest"], words: "rests" },
  { keys: ["rounds"], words: "rounds" },
  { keys: ["moves"], words: "everyMove" },
] as const satisfies readonly { readonly keys: readonly string[]; readonly words: PlainKey<"review"> }[];

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly doc: ClassDoc;
  readonly room: Room;
  readonly onEdit: (edit: Edit) => void;
}

/** Making the class as long as it should be: up to five ways, each drawn beside the present one. */
export function FitDialog(props: Props) {
  const t = useTexts("review");
  return (
    <Dialog
      open={props.open}
      onOpenChange={props.onOpenChange}
      title={t("fitLength")}
      description={t("smallestChangesGetThere")}
      wide
    >
      <Options {...props} />
    </Dialog>
  );
}

const isClosed = (block: Block) => KEYS.every((key) => block.locked?.includes(key));

/** What a fit may do with each block: leave it, take from it last, leave at least so many rounds. */
function BlockRules({ doc, onEdit }: Pick<Props, "doc" | "onEdit">) {
  const t = useTexts("review");
  return (
    <table className="mt-3 w-full text-left">
      <thead>
        <tr className="border-b border-hairline text-quiet">
          <th className="font-normal">{t("block")}</th>
          <th className="font-normal">{t("leave")}</th>
          <th className="font-normal">{t("heart")}</th>
          <th className="font-normal">{t("least")}</th>
        </tr>
      </thead>
      <tbody>
        {doc.blocks.map((block) => (
          <BlockRule key={block.id} block={block} onEdit={onEdit} />
        ))}
      </tbody>
    </table>
  );
}

function BlockRule({ block, onEdit }: { readonly block: Block } & Pick<Props, "onEdit">) {
  const t = useTexts("review");
  const title = block.title || (slotsOf(block).length > 0 ? t("block2") : t("talkAlone"));
  const rounds = spanTriple(block.rounds, 1).min;
  const closed = isClosed(block);
  return (
    <tr className="border-b border-hairline">
      <td className="py-0.5 font-semibold">{title}</td>
      <td>
        <input
          type="checkbox"
          aria-label={t("leave2", { title })}
          checked={closed}
          onChange={() => onEdit(setBlock(block, "locked", closed ? undefined : KEYS))}
        />
      </td>
      <td>
        <input
          type="checkbox"
          aria-label={t("heart2", { title })}
          checked={block.heart ?? false}
          onChange={() => onEdit(setBlock(block, "heart", block.heart ? undefined : true))}
        />
      </td>
      <td>
        {rounds > 1 && (
          <select
            aria-label={t("roundsLeast", { title })}
            className="border border-quiet bg-white"
            value={block.least?.rounds ?? 1}
            onChange={(event) => {
              const least = Number(event.target.value);
              onEdit(setBlock(block, "least", least > 1 ? { rounds: least } : undefined));
            }}
          >
            {Array.from({ length: rounds }, (_, i) => i + 1).map((n) => (
              <option key={n} value={n}>
                {t("roundCount", { n })}
              </option>
            ))}
          </select>
        )}
      </td>
    </tr>
  );
}

/** What stays as it is in the whole class. */
function KeptBoxes(props: {
  readonly kept: readonly string[];
  readonly onKept: (kept: readonly string[]) => void;
}) {
  const t = useTexts("review");
  return (
    <fieldset className="flex flex-wrap gap-x-3">
      <legend className="float-left mr-2 text-quiet">{t("stayThey")}</legend>
      {KEPT.map(({ keys, words }) => {
        const on = keys.every((key) => props.kept.includes(key));
        const others = props.kept.filter((key) => !keys.some((own) => own === key));
        return (
          <label key={words} className="flex items-center gap-1">
            <input
              type="checkbox"
              checked={on}
              onChange={() => props.onKept(on ? others : [...others, ...keys])}
            />
            {t(words)}
          </label>
        );
      })}
    </fieldset>
  );
}

/** What is missing, or another block, with the press that puts it in. */
function ProposalLines({
  result,
  onEdit,
}: {
  readonly result: FitResult;
  readonly onEdit: (edit: Edit) => void;
}) {
  const library = useLibrary();
  const t = useTexts("review");
  const words = useWords();
  return (
    <ul aria-label={t("moreClass")}>
      {result.proposals.map((proposal) => (
        <li
          key={proposal.kind}
          className="mt-2 flex items-start justify-between gap-4 border-t border-hairline pt-2"
        >
          <p>
            <b className="tabular-nums">{clockText(proposal.total)}</b>{" "}
            {t("withProposal", { proposal: proposalText(proposal, library, words) })}
          </p>
          <Button
            onClick={() => onEdit(offeredIn(addBlock(proposal.block, proposal.before), words.language))}
          >
            {t("put")}
          </Button>
        </li>
      ))}
    </ul>
  );
}

/** A length that can be had, by which changes, and the press that makes them. */
function OptionLine(props: {
  readonly option: FitResult["options"][number];
  readonly doc: ClassDoc;
  readonly next: ClassDoc;
  readonly onTake: () => void;
}) {
  const library = useLibrary();
  const t = useTexts("review");
  const { option, doc, next, onTake } = props;
  const words = useWords();
  const isSame = option.changes.length === 0;
  return (
    <div className="flex items-start justify-between gap-4">
      <p>
        <b className="tabular-nums">{clockText(option.total)}</b>{" "}
        {isSame ? t("stands") : `${changesText(option, doc, library, words)}.`}
        {!isSame && (
          <span className="block text-quiet">{upperFirst(lossText(doc, next, library, words))}.</span>
        )}
      </p>
      <Button look="solid" disabled={isSame} onClick={onTake}>
        {t("take")}
      </Button>
    </div>
  );
}

/** Why there is nothing to choose: no length asked for, not worked out yet, or out of reach. */
function NoOptions({
  wanted,
  result,
  doc,
}: {
  readonly wanted: number | null;
  readonly result: FitResult | null;
  readonly doc: ClassDoc;
}) {
  const t = useTexts("review");
  const words = useWords();
  if (wanted === null) return <p className="mt-3 text-rust">{t("wholeNumberMinutes")}</p>;
  if (result === null) return <p className="mt-3 text-quiet">{t("workingOut")}</p>;
  return (
    <p className="mt-3" role="status">
      {t("nearestIs", { nearest: result.nearest === null ? "no" : clockText(result.nearest) })}
      {result.unlock.map((entry) => (
        <span key={entry.block} className="block">
          {upperFirst(unlockText(entry, doc, words))}.
        </span>
      ))}
    </p>
  );
}

function Options({ doc, room, onEdit, onOpenChange }: Props) {
  const t = useTexts("review");
  const [minutes, setMinutes] = useState(
    String(doc.promise?.minutes ?? Math.round(scoreOf(doc, LIBRARY_BOOK).seconds.plan / 60)),
  );
  const [kept, setKept] = useState<readonly string[]>([]);
  const { ask, settings } = room;
  const wanted = /^\d{1,3}$/.test(minutes.trim()) && Number(minutes) > 0 ? Number(minutes) * 60 : null;
  const question: Question<FitResult> | null =
    wanted === null ? null : (worker, about) => worker.fit(about, wanted, kept);
  const result = useAnswer(ask, question, [wanted, doc, settings, kept]);
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
          <b>{t("minutes")}</b>
          <input
            inputMode="numeric"
            className="w-16 border border-quiet bg-white px-2 py-1 text-center font-bold"
            value={minutes}
            onChange={(event) => setMinutes(event.target.value)}
          />
        </label>
        <KeptBoxes kept={kept} onKept={setKept} />
      </div>
      <details>
        <summary className="mt-2 cursor-pointer text-quiet">{t("blockByBlock")}</summary>
        <BlockRules doc={doc} onEdit={onEdit} />
      </details>
      <div className="mt-4 border-t-2 border-ink pt-2">
        <p className="flex justify-between">
          <b>{t("asItIs")}</b> <span className="tabular-nums">{clockText(present.seconds.plan)}</span>
        </p>
        <MiniScore {...shortOf(doc, present)} longestSeconds={longest} />
      </div>
      {result && <ProposalLines result={result} onEdit={onEdit} />}
      {wanted === null || result === null || options.length === 0 ? (
        <NoOptions wanted={wanted} result={result} doc={doc} />
      ) : (
        <ol aria-label={t("waysFit")}>
          {options.map(({ option, doc: next, score }) => (
            <li key={JSON.stringify(option.changes)} className="mt-2 border-t border-hairline pt-2">
              <OptionLine
                option={option}
                doc={doc}
                next={next}
                onTake={() => {
                  onEdit(fitEdit(doc, option.changes));
                  onOpenChange(false);
                }}
              />
              <div className="opacity-60">
                <MiniScore {...shortOf(next, score)} longestSeconds={longest} />
              </div>
            </li>
          ))}
        </ol>
      )}
    </>
  );
}
