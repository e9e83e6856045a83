"use client";
import { useMemo } from "react";
import { setSlot } from "@/core/class/commands";
import { type ClassDoc, findSlot, type Slot } from "@/core/class/document";
import type { Edit } from "@/core/class/edits";
import type { CallLine } from "@/core/shape/call-sheet";
import { clockText } from "@/core/units";
import { useMoveTexts } from "@/features/language/use-library";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { useAnswer } from "@/features/room/use-answer";
import type { Room } from "@/features/room/use-parts";
import { cx } from "@/ui/cx";
import { callsWith } from "@/words/moves/moves-with";
import type { PlainKey } from "@/words/screens/screens";
import { type SpokenLine, spokenLines } from "@/words/shape-words";

const KIND_WORDS: Record<SpokenLine["kind"], PlainKey<"review">> = {
  talk: "talk",
  show: "show",
  next: "before",
  side: "sides",
  cue: "during",
  "half-way": "halfWay",
  "last-ten": "lastTen",
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
  const t = useTexts("review");
  const words = useWords();
  const texts = useMoveTexts();
  const { room, slotId } = props;
  const { ask, settings, parts } = room;
  const said = useAnswer(ask, (worker, about) => worker.say(about), [parts, settings]) ?? NO_LINES;
  const { wordsPerSecond } = settings.thresholds;
  const lines = useMemo(
    () => spokenLines(texts ? callsWith(said, texts) : said, words, wordsPerSecond),
    [said, texts, words, wordsPerSecond],
  );
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
              {clockText(line.at)} {t(KIND_WORDS[line.kind])}
            </span>{" "}
            {line.text}{" "}
            <span className={cx("text-sm", line.slot === slotId ? "text-ink" : "text-quiet")}>
              {t("takesOf", {
                takes: words.number(line.takes),
                room: words.number(line.room),
                own: line.own ? "yes" : "no",
              })}
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
  const t = useTexts("review");
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
        placeholder={made(kind) || t("nothing")}
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
      {field("call", t("yourOwnWordsBefore"), "next")}
      {field("cue", t("yourOwnWordsDuring"), "cue")}
    </div>
  );
}
