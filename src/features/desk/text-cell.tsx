"use client";
import { useState } from "react";
import { cx } from "@/ui/cx";

/** A field as wide as what it says, without a frame until it is pointed at. */
const PLAIN = "appearance-none [field-sizing:content] bg-transparent";
export const CELL = `${PLAIN} border-b border-transparent hover:border-hairline focus:border-ink`;
/** The same within a sentence: underlined, so that one sees what can be changed. */
export const IN_SENTENCE = `${PLAIN} border-b-2 border-pine font-bold`;

/** A line of text that is taken when Enter is pressed or the field is left; Escape gives it up. */
export function TextCell(props: {
  readonly label: string;
  readonly value: string;
  readonly onTake: (text: string) => void;
  /** Whether a text can be taken; what can't is marked and given up on leaving. */
  readonly fits?: (text: string) => boolean;
  readonly title?: string;
  readonly placeholder?: string;
  /** Stands in a sentence, and not in a table. */
  readonly inSentence?: boolean;
  readonly className?: string;
}) {
  const { value, fits = () => true } = props;
  const [draft, setDraft] = useState<string | null>(null);
  const take = () => {
    if (draft !== null && draft !== value && fits(draft)) props.onTake(draft);
    setDraft(null);
  };
  return (
    <input
      aria-label={props.label}
      title={props.title}
      placeholder={props.placeholder}
      maxLength={500}
      className={cx(
        props.inSentence ? `${IN_SENTENCE} min-w-5` : `${CELL} min-w-12`,
        "aria-invalid:text-rust",
        props.className,
      )}
      aria-invalid={(draft !== null && !fits(draft)) || undefined}
      value={draft ?? value}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={take}
      onKeyDown={(event) => {
        if (event.key === "Enter") take();
        else if (event.key === "Escape") setDraft(null);
      }}
    />
  );
}
