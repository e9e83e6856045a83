"use client";
import { useRouter } from "next/navigation";
import { useDeferredValue, useMemo, useRef, useState } from "react";
import { api } from "@/browser/api";
import { type Block, type ClassDoc, STANCES, type Stance, slotsOf } from "@/core/class/document";
import { resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import type { Note } from "@/core/notation/note";
import { readPlan } from "@/core/notation/read-plan";
import { scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button, type Look } from "@/ui/button";
import { Dialog } from "@/ui/dialog";
import { blockName, goesRound } from "@/words/block-words";
import { shownDoses } from "@/words/dose-words";
import { noteText, noteWhere } from "@/words/note-words";
import { PlanField } from "./plan-field";

/** A plan that was typed or copied, as a class. */
export function PastePlan({
  stance: usual,
  look = "line",
}: {
  readonly stance: Stance;
  readonly look?: Look;
}) {
  const t = useTexts("classes");
  const router = useRouter();
  const [open, setOpen] = useState(false);
  const store = async (doc: ClassDoc): Promise<string | null> => {
    const result = await api<{ id: string }>("POST", "/api/classes", { doc });
    if (!result.ok) return result.failure.message;
    router.push(`/classes/${result.value.id}`);
    return null;
  };
  return (
    <>
      <Button look={look} onClick={() => setOpen(true)}>
        {t("pastePlan")}
      </Button>
      <Dialog
        open={open}
        onOpenChange={setOpen}
        title={t("pastePlan")}
        description={t("fromMessageDocumentGym")}
        broad
      >
        <Plan usual={usual} take={t("makeClass")} onTake={store} />
      </Dialog>
    </>
  );
}

/** The text with one stretch of a line replaced. */
function withWords(text: string, { place }: Note, words: string): string {
  const lines = text.split("\n");
  const line = lines[place.line - 1] ?? "";
  lines[place.line - 1] = line.slice(0, place.from - 1) + words + line.slice(place.to - 1);
  return lines.join("\n");
}

/** The text, and beside it what was understood while one types. */
export function Plan({
  usual,
  take,
  blocksOnly = false,
  begin = "",
  onTake,
}: {
  /** What stands in the field at first. */
  readonly begin?: string;
  readonly usual: Stance;
  /** Only its blocks are wanted, and no class of a name. */
  readonly blocksOnly?: boolean;
  /** What is done with it, in words. */
  readonly take: string;
  /** Gives what went wrong, or null. */
  readonly onTake: (doc: ClassDoc) => Promise<string | null>;
}) {
  const library = useLibrary();
  const t = useTexts("classes");
  const words = useWords();
  const [text, setText] = useState(begin);
  const [stance, setStance] = useState<Stance>(usual);
  const [trouble, setTrouble] = useState<string | null>(null);
  const field = useRef<HTMLTextAreaElement>(null);
  const late = useDeferredValue(text);
  const { doc, notes } = useMemo(() => readPlan(late, library, { stance }), [late, library, stance]);
  /** Words that were told to be used as they are typed. */
  const [kept, setKept] = useState<ReadonlySet<string>>(new Set());
  const open = useMemo(
    () => notes.filter((note) => note.code !== "unknown-move" || !kept.has(note.text)),
    [notes, kept],
  );
  /** The words of a note, chosen in the field. */
  const show = ({ place }: Note) => {
    const before = text.split("\n").slice(0, place.line - 1);
    const start = before.reduce((sum, line) => sum + line.length + 1, 0);
    field.current?.focus();
    field.current?.setSelectionRange(start + place.from - 1, start + place.to - 1);
  };
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)_minmax(0,0.9fr)] gap-5">
        <PlanField
          text={text}
          noted={late}
          notes={open}
          placeholder={t("planExample")}
          field={field}
          onChange={setText}
        />
        <section aria-label={t("whatWasUnderstood")} aria-live="polite" className="h-[420px] overflow-auto">
          {doc ? (
            <>
              <p className="flex justify-between gap-3 border-b-2 border-ink font-bold">
                <span>{blocksOnly ? t("blockCount", { blocks: doc.blocks.length }) : doc.title}</span>
                <span className="tabular-nums">{clockText(scoreOf(doc, LIBRARY_BOOK).seconds.plan)}</span>
              </p>
              {doc.blocks.map((block) => (
                <BlockLines key={block.id} block={block} />
              ))}
            </>
          ) : (
            <p className="text-quiet">{late.trim() === "" ? t("blocksMovesAppearHere") : t("noMoveYet")}</p>
          )}
        </section>
        <section aria-label={t("whatIsntCertain")} aria-live="polite" className="h-[420px] overflow-auto">
          <Notes
            notes={open}
            empty={late.trim() === ""}
            onShow={show}
            onKeep={({ text: words }) => setKept(new Set([...kept, words]))}
            onChoose={(note, words) => setText(withWords(text, note, words))}
          />
        </section>
      </div>
      {trouble && (
        <p role="alert" className="mt-2 text-rust">
          {trouble}
        </p>
      )}
      <div className="mt-3 flex items-center justify-between">
        <label className="flex items-center gap-2">
          {t("restsWhereNoneSaid")}
          <select
            className="border border-quiet bg-white px-2 py-1"
            value={stance}
            onChange={(event) => setStance(STANCES.find((name) => name === event.target.value) ?? usual)}
          >
            {STANCES.map((name) => (
              <option key={name} value={name}>
                {words.name("stance", name)}
              </option>
            ))}
          </select>
        </label>
        <Button look="solid" disabled={!doc} onClick={async () => doc && setTrouble(await onTake(doc))}>
          {take}
        </Button>
      </div>
    </>
  );
}

function BlockLines({ block }: { readonly block: Block }) {
  const library = useLibrary();
  const words = useWords();
  return (
    <div className="mt-2">
      <p>
        <b>{blockName(block, library, words)}</b>{" "}
        <span className="text-quiet">{goesRound(block, words)}</span>
      </p>
      <ol className="ml-5 list-decimal">
        {slotsOf(block).map((slot) => (
          <li key={slot.id}>
            {resolveMove(slot.move, library).name}{" "}
            <span className="text-quiet">{shownDoses(slot.dose, words, library)}</span>
          </li>
        ))}
      </ol>
    </div>
  );
}

/** What wasn't certain, each with where it stands and what it could be. */
function Notes(props: {
  readonly notes: readonly Note[];
  /** Whether there is no text yet. */
  readonly empty: boolean;
  readonly onShow: (note: Note) => void;
  readonly onChoose: (note: Note, words: string) => void;
  readonly onKeep: (note: Note) => void;
}) {
  const library = useLibrary();
  const t = useTexts("classes");
  const words = useWords();
  if (props.notes.length === 0) return <p className="text-quiet">{props.empty ? "" : t("allUnderstood")}</p>;
  return (
    <ul aria-label={t("notCertain")} className="border-t-2 border-ink">
      {props.notes.map((note) => (
        <li
          key={`${note.code} ${note.place.line} ${note.place.from}`}
          className="border-b border-hairline py-1"
        >
          <button type="button" className="text-left" onClick={() => props.onShow(note)}>
            <span className="mr-1.5 text-quiet">{noteWhere(note, words)}</span>
            {noteText(note, words, library)}
          </button>
          {"near" in note && (
            <span className="flex flex-wrap gap-x-3">
              {note.near.map((id) => {
                const { name } = resolveMove(id, library);
                return (
                  <button
                    key={id}
                    type="button"
                    className="min-h-[24px] font-semibold underline underline-offset-2"
                    onClick={() => props.onChoose(note, name)}
                  >
                    {name}
                  </button>
                );
              })}
              {note.code === "unknown-move" && (
                <button
                  type="button"
                  className="min-h-[24px] underline underline-offset-2"
                  onClick={() => props.onKeep(note)}
                >
                  {t("useTyped")}
                </button>
              )}
            </span>
          )}
        </li>
      ))}
    </ul>
  );
}
