"use client";
import { useState } from "react";
import { cx } from "@/ui/cx";

/** A number as it is typed, kept as text until it is one, so that "2." can become "2.5". */
export function NumberBox(props: {
  readonly label: string;
  readonly value: number | undefined;
  readonly onChange: (value: number | undefined) => void;
  readonly className?: string;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <input
      aria-label={props.label}
      inputMode="decimal"
      className={cx(
        "border-b-2 border-pine bg-transparent text-center font-bold focus:bg-marker focus:outline-none",
        props.className ?? "w-14",
      )}
      value={draft ?? props.value ?? ""}
      onBlur={() => setDraft(null)}
      onChange={(event) => {
        setDraft(event.target.value);
        const value = Number(event.target.value.replace(",", "."));
        if (event.target.value === "") props.onChange(undefined);
        else if (Number.isFinite(value) && value >= 0) props.onChange(value);
      }}
    />
  );
}
