"use client";
import { memo, useEffect, useLayoutEffect, useRef, useState } from "react";
import type { NumberKey, SentenceNumber } from "@/core/class/sentence";
import { type Span, spanText } from "@/core/values/span";
import { typedNumber } from "@/core/values/typed-number";
import { useWords } from "@/features/language/use-words";
import { useWidth } from "@/ui/use-width";
import { countedBy, numberAnswer, numberLabel } from "@/words/sentence-words";

/** What is done with a number of the sentence: the same object from one drawing to the next. */
export interface NumberDoing {
  /** What is typed so far; null where it can't be taken. `begins`: with its first letter. */
  readonly type: (key: NumberKey, value: Span | null, begins: boolean) => void;
  /** Gives what it then reads; null where that can't be told. */
  readonly step: (number: SentenceNumber, by: number) => string | null;
  /** Told while a number has the focus, so that its effect can be shown. */
  readonly focus: (number: SentenceNumber | null) => void;
}

interface Props {
  readonly number: SentenceNumber;
  /** Id of the line that answers. */
  readonly answeredBy: string;
  readonly doing: NumberDoing;
  /** Told why what stands in it isn't taken; null where it is. */
  readonly onAnswer: (answer: string | null) => void;
}

/**
 * A number of the sentence, edited in place: typed as people write it, or moved with the arrow keys (Shift: by more).
 * What can't be taken stays as it was typed and is answered, until it is mended or given up with Escape. Drawn again
 * when its own number changes only: the others of a sentence stay when one is typed.
 */
export const NumberField = memo(function NumberField(props: Props) {
  const words = useWords();
  const { number, doing, onAnswer } = props;
  const [draft, setDraft] = useState<string | null>(null);
  /** Each step draws the number again, also one that wasn't taken. */
  const [, setSteps] = useState(0);
  const input = useRef<HTMLInputElement>(null);
  /** Whether what is being drawn comes of a letter typed here. */
  const isOwn = useRef(false);
  const shown = draft ?? number.text;
  const answer = draft === null ? null : numberAnswer(draft, countedBy(number), number, words);

  useEffect(() => onAnswer(answer), [answer, onAnswer]);
  // What comes from elsewhere (undo, another person) replaces a draft that meant something else. What typing itself
  // does to the number never does: "0:" of "0:20" is no number yet and gives back the one before.
  useEffect(() => {
    if (isOwn.current) return;
    setDraft((now) => (now !== null && meaning(now, number.unit) !== number.text ? null : now));
  }, [number.text, number.unit]);
  useEffect(() => {
    isOwn.current = false;
  });

  // What was written ahead of an edit that wasn't taken.
  useLayoutEffect(() => {
    if (input.current && input.current.value !== shown) input.current.value = shown;
  });

  const type = (text: string) => {
    isOwn.current = true;
    setDraft(text);
    const value = typedNumber(text, number.unit, number);
    doing.type(number.key, value.ok ? value.span : null, draft === null);
  };
  const keys = (event: React.KeyboardEvent<HTMLInputElement>) => {
    const direction = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (direction !== undefined) {
      event.preventDefault();
      setDraft(null);
      setSteps((steps) => steps + 1);
      const reads = doing.step(number, direction * (event.shiftKey ? number.bigStep : number.step));
      // Written before the rest of the page changes: a field that has the focus is laid out with all that has
      // changed before it, for its caret's sake.
      event.currentTarget.value = reads ?? shown;
    } else if (event.key === "Escape" || (event.key === "Enter" && answer === null)) {
      setDraft(null);
      input.current?.select();
    }
  };
  // Two figures at least: 5 and 10 are as wide, and what follows stays where it is.
  useWidth(input, Math.max(2, shown.length) + 0.9);
  return (
    <input
      ref={input}
      role="spinbutton"
      autoComplete="off"
      spellCheck={false}
      aria-label={numberLabel(number, words)}
      aria-valuenow={number.now}
      aria-valuetext={number.text}
      aria-valuemin={number.least}
      aria-valuemax={number.most}
      aria-invalid={answer !== null || undefined}
      aria-describedby={answer === null ? undefined : props.answeredBy}
      data-number={number.key}
      value={shown}
      maxLength={20}
      size={Math.max(2, shown.length)}
      // Of a fixed size and laid out by itself: what is typed in it leaves the page as it is. So it has no line of
      // letters of its own either, and is put as deep as these would be.
      className="mx-0.5 h-[calc(1.25em+2px)] border-b-2 border-pine bg-transparent p-0 text-center align-[-0.465em] leading-tight font-bold [contain:strict] focus:bg-marker focus:outline-none aria-invalid:border-rust aria-invalid:text-rust"
      onChange={(event) => type(event.target.value)}
      onKeyDown={keys}
      onFocus={(event) => {
        event.target.select();
        doing.focus(number);
      }}
      onBlur={() => {
        if (answer === null) setDraft(null);
        doing.focus(null);
      }}
    />
  );
});

/** What a draft would be shown as; null where it can't be read, whatever the limits. */
function meaning(draft: string, unit: SentenceNumber["unit"]): string | null {
  const typed = typedNumber(draft, unit, { least: 0, most: 100_000 });
  return typed.ok ? spanText(typed.span) : null;
}
