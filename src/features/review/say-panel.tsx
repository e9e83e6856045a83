"use client";
import { useMemo } from "react";
import { setSlot } from "@/core/class/commands";
import { type ClassDoc, findSlot, type Slot } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import type { CallLine } from "@/core/shape/call-sheet";
import { clockText } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { useAnswer } from "@/features/room/use-answer";
import type { Room } from "@/features/room/use-parts";
import { cx } from "@/ui/cx";
import { type SpokenLine, spokenLines } from "@/words/shape-words";

const KIND_WORDS: Record<SpokenLine["kind"], string> = {
  talk: "talk",
  show: "show",
  next: "before",
  side: "sides",
  cue: "during",
  "half-way": "half-way",
  "last-ten": "last ten",
  rest: "rest",
};

const NO_LINES: readonly CallLine[] = [];

/** What to say when, each line with the seconds it takes and has; the selected move's own words are written here. */
export function SayPanel(props: {
  readonly doc: ClassDoc;
  readonly room: Room;
  readonly slotId: string | null;
  readonly blockId: string;
  readonly onEdit: (edit: Edit) => void;
}) {
  const words = useWords();
  const { room, slotId } = props;
  const { ask, settings, parts } = room;
  const said = useAnswer(ask, (worker, about) => worker.say(about), [parts, settings]) ?? NO_LINES;
  const { wordsPerSecond } = settings.thresholds;
  const lines = useMemo(() => spokenLines(said, words, wordsPerSecond), [said, words, wordsPerSecond]);
  const slot = slotId ? findSlot(props.doc, slotId)?.slot : undefined;
  const shown = lines.filter((line) => line.block === props.blockId);
  return (
    <div className="mt-2">
      {slot && <OwnWords key={slot.id} slot={slot} lines={lines} onEdit={props.onEdit} />}
      <ol>
        {shown.map((line) => (
          <li
            key={`${line.at} ${line.kind}`}
            className={cx("border-t border-hairline py-1", line.slot === slotId && "-mx-4 bg-marker px-4")}
          >
            <span className={cx("tabular-nums", line.slot === slotId ? "text-ink" : "text-quiet")}>
              {clockText(line.at)} {KIND_WORDS[line.kind]}
            </span>{" "}
            {line.text}{" "}
            <span className={cx("text-sm", line.slot === slotId ? "text-ink" : "text-quiet")}>
              {line.takes} of {line.room} s{line.own ? ", yours" : ""}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}

function OwnWords(props: {
  readonly slot: Slot;
  readonly lines: readonly SpokenLine[];
  readonly onEdit: (edit: Edit) => void;
}) {
  const { slot } = props;
  const made = (kind: SpokenLine["kind"]) =>
    props.lines.find((line) => line.slot === slot.id && line.kind === kind && !line.own)?.text ?? "";
  const field = (key: "call" | "cue", label: string, kind: SpokenLine["kind"]) => (
    <label className="block">
      <span className="text-sm font-semibold">{label}</span>
      <textarea
        rows={2}
        maxLength={500}
        className="w-full border border-quiet bg-white px-2 py-1 placeholder:text-quiet"
        placeholder={made(kind) || "nothing"}
        defaultValue={slot[key] ?? ""}
        onBlur={(event) => {
          const to = event.target.value.trim() || undefined;
          if (to === slot[key]) return;
          props.onEdit(setSlot(slot, key, to));
        }}
      />
    </label>
  );
  return (
    <div className="mb-3 space-y-1.5 border-b-2 border-ink pb-3">
      {field("call", "Your own words before it", "next")}
      {field("cue", "Your own words during it", "cue")}
    </div>
  );
}
