"use client";
import { useEffect, useId, useRef, useState } from "react";
import { cx } from "@/ui/cx";

/** A field as wide as what it says, without a frame until it is pointed at. */
const PLAIN = "min-h-[24px] appearance-none [field-sizing:content] bg-transparent";
export const CELL = `${PLAIN} border-b border-transparent hover:border-hairline focus:border-ink`;
/** The same within a sentence: underlined, so that one sees what can be changed. */
export const IN_SENTENCE = `${PLAIN} border-b-2 border-pine font-bold`;

/**
 * A line of text that is taken when Enter is pressed or the field is left; Escape gives it up. What can't be taken
 * stays as it was typed, marked and answered beside the field.
 */
export function TextCell(props: {
  readonly label: string;
  readonly value: string;
  readonly onTake: (text: string) => void;
  /** Why a text can't be taken; null where it can. An empty answer marks it and says nothing more than the title. */
  readonly answer?: (text: string) => string | null;
  readonly title?: string;
  readonly placeholder?: string;
  /** Id of the words that are offered. */
  readonly list?: string;
  /** Stands in a sentence, and not in a table. */
  readonly inSentence?: boolean;
  readonly className?: string;
}) {
  const { value, answer = () => null } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const [focused, setFocused] = useState(false);
  const id = useId();
  const why = draft === null || draft === value ? null : answer(draft);
  // What comes from elsewhere (undo, another person) replaces what couldn't be taken.
  // biome-ignore lint/correctness/useExhaustiveDependencies: it is the new value that does it
  useEffect(() => setDraft(null), [value]);
  const said = useRef<HTMLSpanElement>(null);
  useEffect(() => {
    if (why !== null) said.current?.scrollIntoView({ block: "nearest" });
  }, [why]);
  const take = () => {
    if (why !== null) return;
    if (draft !== null && draft !== value) props.onTake(draft);
    setDraft(null);
  };
  return (
    <span className="relative">
      <input
        aria-label={props.label}
        title={props.title}
        placeholder={props.placeholder}
        list={props.list}
        maxLength={500}
        className={cx(
          props.inSentence ? `${IN_SENTENCE} min-w-5` : `${CELL} min-w-12`,
          "aria-invalid:border-rust aria-invalid:text-rust",
          props.className,
        )}
        aria-invalid={why !== null || undefined}
        aria-describedby={why === null ? undefined : id}
        value={draft ?? value}
        onChange={(event) => setDraft(event.target.value)}
        onFocus={() => setFocused(true)}
        onBlur={() => {
          setFocused(false);
          take();
        }}
        onKeyDown={(event) => {
          if (event.key === "Enter") take();
          else if (event.key === "Escape") setDraft(null);
        }}
      />
      {why !== null && (
        <span
          ref={said}
          id={id}
          role="status"
          className={cx(
            "absolute top-full left-0 z-20 w-max max-w-80 border border-rust bg-paper px-2 py-0.5 text-sm font-normal whitespace-normal text-rust",
            !focused && "sr-only",
          )}
        >
          {why}
        </span>
      )}
    </span>
  );
}
