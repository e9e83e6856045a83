"use client";
import { useEffect, useRef, useState } from "react";
import type { SentenceNumber } from "@/core/class/sentence";
import { parseSpan, type Span, spanText } from "@/core/values/span";
import { useWords } from "@/features/language/use-words";
import { useWidth } from "@/ui/use-width";
import { numberLabel } from "@/words/sentence-words";

/** A number of the sentence, edited in place: typed, or moved with the arrow keys (Shift: by more). */
export function NumberField(props: {
  readonly number: SentenceNumber;
  readonly onType: (value: Span) => void;
  readonly onStep: (by: number) => void;
  /** Told while the number has the focus, so that its effect can be shown. */
  readonly onFocus: (focused: boolean) => void;
}) {
  const words = useWords();
  const { number } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const input = useRef<HTMLInputElement>(null);
  const shown = draft ?? number.text;
  const span = draft === null ? null : parseSpan(draft);
  const bad = draft !== null && (span === null || outOfBounds(span, number));

  // What comes from elsewhere (undo, an arrow key) replaces a draft that says the same.
  useEffect(() => {
    setDraft((now) => (now !== null && spanOrNull(now) === number.text ? null : now));
  }, [number.text]);

  const type = (text: string) => {
    setDraft(text);
    const value = parseSpan(text);
    if (value !== null && !outOfBounds(value, number)) props.onType(value);
  };
  const keys = (event: React.KeyboardEvent<HTMLInputElement>) => {
    if (event.key === "ArrowUp" || event.key === "ArrowDown") {
      event.preventDefault();
      setDraft(null);
      const size = event.shiftKey ? number.bigStep : number.step;
      props.onStep(event.key === "ArrowUp" ? size : -size);
    } else if (event.key === "Enter" || event.key === "Escape") {
      setDraft(null);
      input.current?.select();
    }
  };
  useWidth(input, Math.max(1, shown.length) + 0.9);
  return (
    <input
      ref={input}
      role="spinbutton"
      inputMode="numeric"
      autoComplete="off"
      aria-label={numberLabel(number, words)}
      aria-valuenow={number.now}
      aria-valuetext={number.text}
      aria-valuemin={number.least}
      aria-valuemax={number.most}
      aria-invalid={bad || undefined}
      data-number={number.key}
      value={shown}
      size={Math.max(1, shown.length)}
      className="mx-0.5 border-b-2 border-pine bg-transparent p-0 text-center leading-tight font-bold focus:bg-marker focus:outline-none aria-invalid:border-rust aria-invalid:text-rust"
      onChange={(event) => type(event.target.value)}
      onKeyDown={keys}
      onFocus={(event) => {
        event.target.select();
        props.onFocus(true);
      }}
      onBlur={() => {
        setDraft(null);
        props.onFocus(false);
      }}
    />
  );
}

function spanOrNull(text: string): string | null {
  const span = parseSpan(text);
  return span === null ? null : spanText(span);
}

function outOfBounds(span: Span, { least, most }: SentenceNumber): boolean {
  const low = typeof span === "number" ? span : span.min;
  const high = typeof span === "number" ? span : span.max;
  return low < least || high > most || low > high;
}
