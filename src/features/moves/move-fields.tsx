"use client";
/** The fields of a move's form. */
import { useState } from "react";
import { Choice, Field } from "@/ui/field";

export function Pick<T extends string>(props: {
  readonly label: string;
  readonly value: T;
  readonly all: readonly T[];
  readonly name: (value: T) => string;
  readonly onChange: (value: T) => void;
}) {
  return (
    <Choice
      label={props.label}
      value={props.value}
      onChange={(event) => props.onChange(event.target.value as T)}
    >
      {props.all.map((value) => (
        <option key={value} value={value}>
          {props.name(value)}
        </option>
      ))}
    </Choice>
  );
}

export function NumberField(props: {
  readonly label: string;
  readonly value: number;
  readonly onChange: (value: number) => void;
}) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <Field
      label={props.label}
      name={props.label}
      inputMode="decimal"
      value={draft ?? String(props.value)}
      onBlur={() => setDraft(null)}
      onChange={(event) => {
        setDraft(event.target.value);
        const value = Number(event.target.value.replace(",", "."));
        if (event.target.value !== "" && Number.isFinite(value)) props.onChange(value);
      }}
    />
  );
}

export function Tick(props: {
  readonly label: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex items-center gap-1.5">
      <input type="checkbox" checked={props.on} onChange={(event) => props.onChange(event.target.checked)} />
      {props.label}
    </label>
  );
}

export function Several<T extends string>(props: {
  readonly legend: string;
  readonly all: readonly T[];
  readonly name: (value: T) => string;
  readonly chosen: readonly T[];
  readonly onChange: (chosen: readonly T[]) => void;
}) {
  const { chosen } = props;
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{props.legend}</legend>
      <div className="flex flex-wrap gap-1.5">
        {props.all.map((value) => (
          <button
            key={value}
            type="button"
            aria-pressed={chosen.includes(value)}
            className="border border-hairline bg-white px-2 py-0.5 aria-pressed:border-ink aria-pressed:bg-marker"
            onClick={() =>
              props.onChange(
                chosen.includes(value) ? chosen.filter((other) => other !== value) : [...chosen, value],
              )
            }
          >
            {props.name(value)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

export function Lines(props: {
  readonly label: string;
  readonly list: readonly string[];
  readonly onChange: (list: readonly string[]) => void;
}) {
  return (
    <label className="block">
      <span className="mb-1 block font-semibold">{props.label}</span>
      <textarea
        rows={3}
        className="w-full border border-quiet bg-white px-2 py-1.5"
        value={props.list.join("\n")}
        onChange={(event) => props.onChange(event.target.value.split("\n"))}
      />
    </label>
  );
}
