"use client";
import { type RefObject, useMemo, useRef } from "react";
import type { Note } from "@/core/notation/note";
import { useTexts } from "@/features/language/use-texts";

/** A stretch of the text, under which a note stands or none. */
interface Stretch {
  readonly text: string;
  readonly code: Note["code"] | null;
}

/** A text in stretches, by the notes that stand in it; where two meet the first one holds. */
export function stretchesOf(text: string, notes: readonly Note[]): readonly Stretch[] {
  const starts: number[] = [0];
  for (const line of text.split("\n")) starts.push((starts.at(-1) ?? 0) + line.length + 1);
  const made: Stretch[] = [];
  let at = 0;
  const upTo = (end: number, code: Stretch["code"]) => {
    if (end > at) made.push({ text: text.slice(at, end), code });
    at = Math.max(at, end);
  };
  const ordered = [...notes].sort((a, b) => a.place.line - b.place.line || a.place.from - b.place.from);
  for (const { place, code } of ordered) {
    const start = starts[place.line - 1];
    if (start === undefined || start + place.from - 1 < at) continue;
    upTo(start + place.from - 1, null);
    upTo(Math.min(text.length, start + place.to - 1), code);
  }
  upTo(text.length, null);
  return made;
}

/** How a stretch is underlined: what no move is called in waves, what was read as something in dots. */
const LINES: Readonly<Partial<Record<Note["code"], string>>> = {
  "unknown-move": "underline decoration-wavy decoration-rust decoration-2",
  "not-read": "underline decoration-wavy decoration-rust decoration-2",
  "read-as": "underline decoration-dotted decoration-pine decoration-2",
  "no-dose": "underline decoration-dotted decoration-quiet decoration-2",
  "list-length": "underline decoration-dotted decoration-pine decoration-2",
};

const TEXT =
  "absolute inset-0 h-full w-full overflow-y-scroll whitespace-pre-wrap break-words p-2 text-left font-[inherit] leading-relaxed [scrollbar-gutter:stable]";

/** The field of a plan: what isn't certain is underlined in it, in the very words. */
export function PlanField(props: {
  readonly text: string;
  /** The text that the notes are of: a moment behind while somebody types fast. */
  readonly noted: string;
  readonly notes: readonly Note[];
  readonly placeholder: string;
  readonly field: RefObject<HTMLTextAreaElement | null>;
  readonly onChange: (text: string) => void;
}) {
  const t = useTexts("classes");
  const { noted, notes } = props;
  const under = useRef<HTMLDivElement>(null);
  const stretches = useMemo(() => stretchesOf(noted, notes), [noted, notes]);
  let from = 0;
  return (
    <div className="relative h-[420px] border border-quiet bg-white focus-within:outline-2 focus-within:outline-ink">
      <div ref={under} aria-hidden className={`${TEXT} pointer-events-none select-none text-transparent`}>
        {stretches.map(({ text, code }) => {
          const key = from;
          from += text.length;
          return (
            <span key={key} data-note={code ?? undefined} className={code ? LINES[code] : undefined}>
              {text}
            </span>
          );
        })}
        {"\n"}
      </div>
      <textarea
        ref={props.field}
        aria-label={t("plan")}
        className={`${TEXT} resize-none bg-transparent outline-none`}
        placeholder={props.placeholder}
        maxLength={40_000}
        spellCheck={false}
        value={props.text}
        onChange={(event) => props.onChange(event.target.value)}
        onScroll={(event) => {
          if (under.current) under.current.scrollTop = event.currentTarget.scrollTop;
        }}
      />
    </div>
  );
}
