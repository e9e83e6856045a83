"use client";
import { X } from "lucide-react";
import { useMemo, useState } from "react";
import type { ClassDoc } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import { differences, turnInto } from "@/core/class/turn-into";
import { bookFor } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { type Score, scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import { useLibrary } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { StillScore } from "@/features/score/still-score";
import { Button } from "@/ui/button";
import { cx } from "@/ui/cx";
import { Dialog } from "@/ui/dialog";
import { differenceLines } from "@/words/difference-words";
import type { Say } from "@/words/screens/screens";
import { shortWhen } from "@/words/when-words";
import type { Words } from "@/words/words";
import { useVersions, type VersionLine } from "./use-versions";

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly classId: string;
  readonly doc: ClassDoc;
  readonly score: Score;
  /** What isn't sent yet is sent before a version gets its name. */
  readonly onSave: () => Promise<unknown>;
  readonly onRestore: (edit: Edit) => void;
}

/** Versions of the class: a name for this one, what an earlier one was, what differs, and putting it back. */
export function VersionsDialog(props: Props) {
  const t = useTexts("versions");
  const { open, onOpenChange } = props;
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title={t("versions")}
      description={t("keptByThemselvesBefore")}
      broad
    >
      <Versions {...props} />
    </Dialog>
  );
}

function Versions({ open, onOpenChange, classId, doc, score, onSave, onRestore }: Props) {
  const t = useTexts("versions");
  const versions = useVersions(classId, open);
  const { list, chosen, trouble } = versions;
  return (
    <div className="grid grid-cols-[17rem_minmax(0,1fr)] gap-6 max-[760px]:grid-cols-1">
      <div>
        <NameIt
          onName={async (name) => {
            await onSave();
            return versions.keep(name);
          }}
        />
        {trouble && (
          <p role="alert" className="mt-2 text-rust">
            {trouble}
          </p>
        )}
        {list?.length === 0 && <p className="mt-3 text-quiet">{t("noneYetFirstKept")}</p>}
        <ol aria-label={t("versions")} className="mt-3">
          {list?.map((version) => (
            <VersionItem
              key={version.id}
              version={version}
              chosen={version.id === chosen?.id}
              onChoose={() => void versions.choose(version.id)}
              onDrop={() => void versions.drop(version.id)}
            />
          ))}
        </ol>
      </div>
      {chosen ? (
        <Compared
          key={chosen.id}
          now={{ doc, score }}
          then={chosen.doc}
          onRestore={(edit) => {
            onRestore(edit);
            onOpenChange(false);
          }}
        />
      ) : (
        <p className="mt-1 text-quiet">{list && list.length > 0 && t("chooseVersionSeeBeside")}</p>
      )}
    </div>
  );
}

function NameIt({ onName }: { readonly onName: (name: string) => Promise<boolean> }) {
  const t = useTexts("versions");
  const [name, setName] = useState("");
  return (
    <form
      className="flex items-end gap-2"
      onSubmit={async (event) => {
        event.preventDefault();
        if (name.trim() !== "" && (await onName(name.trim()))) setName("");
      }}
    >
      <label className="min-w-0 flex-1">
        {t("nameClass")}
        <input
          className="w-full border border-quiet bg-white px-2 py-1"
          maxLength={80}
          placeholder={t("suchBeforeStormWeek")}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <Button type="submit" disabled={name.trim() === ""}>
        {t("keep")}
      </Button>
    </form>
  );
}

/** What a version is called: its name, or whose changes came after it. */
function titleOf({ name, by }: VersionLine, t: Say<"versions">): string {
  if (name !== null) return name;
  return by === null ? t("beforeChanges") : t("beforeChangesBy", { by });
}

function whenText({ atMs }: VersionLine, words: Words): string {
  const { day, time } = shortWhen(atMs, undefined, words);
  return `${day}, ${time}`;
}

function VersionItem(props: {
  readonly version: VersionLine;
  readonly chosen: boolean;
  readonly onChoose: () => void;
  readonly onDrop: () => void;
}) {
  const t = useTexts("versions");
  const words = useWords();
  const { version, chosen, onChoose, onDrop } = props;
  const title = titleOf(version, t);
  return (
    <li className={cx("flex items-start border-b border-hairline", chosen && "bg-marker")}>
      <button
        type="button"
        aria-pressed={chosen}
        className="min-w-0 flex-1 px-1.5 py-1.5 text-left"
        onClick={onChoose}
      >
        <span className={version.name === null ? "" : "font-bold"}>{title}</span>
        <span className={cx("block text-sm", !chosen && "text-quiet")}>{whenText(version, words)}</span>
      </button>
      {version.name !== null && (
        <button
          type="button"
          aria-label={t("takeAwayVersion", { title })}
          className="grid size-7 place-items-center"
          onClick={onDrop}
        >
          <X size={14} aria-hidden />
        </button>
      )}
    </li>
  );
}

/** The moves that aren't the same in both. */
function changedSlots(edits: readonly Edit[]): ReadonlySet<string> {
  return new Set(
    edits.flatMap((edit) => {
      if (edit.op === "set") return edit.target.in === "slot" ? [edit.target.id] : [];
      if (edit.op === "insert-slot" || edit.op === "remove-slot") return [edit.slot.id];
      return edit.op === "move-slot" ? [edit.id] : [];
    }),
  );
}

/** The class as it is over the class as it was, to one scale, and what differs in words. */
function Compared(props: {
  readonly now: { readonly doc: ClassDoc; readonly score: Score };
  readonly then: ClassDoc;
  readonly onRestore: (edit: Edit) => void;
}) {
  const library = useLibrary();
  const t = useTexts("versions");
  const words = useWords();
  const { now, then } = props;
  const was = useMemo(() => scoreOf(then, LIBRARY_BOOK), [then]);
  const edits = useMemo(() => differences(then, now.doc), [then, now.doc]);
  const lines = differenceLines(edits, now.doc, bookFor(now.doc, library), words);
  const marked = useMemo(() => changedSlots(edits), [edits]);
  if (edits.length === 0) return <p className="mt-1">{t("versionClass")}</p>;
  return (
    <div>
      <div className="flex items-baseline gap-4">
        <h3 className="flex-1 font-bold">{t("sinceThen", { count: lines.length })}</h3>
        <Button look="solid" onClick={() => props.onRestore(turnInto(now.doc, then))}>
          {t("putBack")}
        </Button>
      </div>
      <ul
        aria-label={t("whatHasChangedSince")}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
        tabIndex={0}
        className="mb-3 max-h-28 columns-2 gap-6 overflow-y-auto"
      >
        {lines.map((line, i) => (
          // Two lines may say the same of different things.
          // biome-ignore lint/suspicious/noArrayIndexKey: a line has no other name
          <li key={`${line} ${i}`} className="break-inside-avoid">
            {line}
          </li>
        ))}
      </ul>
      {(
        [
          [t("asItIs"), now.doc, now.score],
          [t("was"), then, was],
        ] as const
      ).map(([word, doc, score]) => (
        <section key={word} aria-label={word} className="mb-1">
          <h3 className="font-bold">
            {word} <span className="font-clock text-lg">{clockText(score.seconds.plan)}</span>
          </h3>
          <StillScore
            doc={doc}
            score={score}
            marked={marked}
            label={t("drawnAs", {
              word,
              clock: clockText(score.seconds.plan),
              pieces: score.pieces,
              blocks: doc.blocks.length,
            })}
          />
        </section>
      ))}
    </div>
  );
}
