"use client";
import type { ReactNode } from "react";
import { useHydrated } from "@/ui/use-hydrated";

/** A line that opens: its question, and what was said so far. */
export function Fold(props: {
  readonly title: string;
  readonly said: string;
  readonly open?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <details className="mt-4 border-t-2 border-ink pt-2" open={props.open}>
      <summary className="cursor-pointer text-xl font-bold">
        {props.title}
        <span className="block text-base font-normal text-quiet">{props.said}</span>
      </summary>
      <div className="pb-2 pt-1">{props.children}</div>
    </details>
  );
}

/** A tick with its words, large enough for a thumb. */
export function Tick(props: {
  readonly words: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-11 items-center gap-3 border-b border-hairline py-1.5 text-base leading-snug">
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-pine"
        checked={props.on}
        onChange={(event) => props.onChange(event.target.checked)}
      />
      {props.words}
    </label>
  );
}

/** A code that the person chose: not shown, not kept by the browser. */
export function CodeField(props: {
  readonly label: string;
  readonly hint: string;
  readonly value: string;
  readonly onChange: (value: string) => void;
}) {
  return (
    <label className="mt-3 block text-base font-bold">
      {props.label}
      <input
        type="password"
        className="mt-1 w-full border border-quiet bg-white px-2 py-2.5 text-lg"
        minLength={4}
        maxLength={64}
        required
        autoComplete="off"
        value={props.value}
        onChange={(event) => props.onChange(event.target.value)}
      />
      <span className="block font-normal text-quiet">{props.hint}</span>
    </label>
  );
}

/** A list with one entry put in or taken out. */
function toggled<T>(list: readonly T[], entry: T, on: boolean): readonly T[] {
  const rest = list.filter((other) => other !== entry);
  return on ? [...rest, entry] : rest;
}

/** The one button of a form on the phone. */
export function Send(props: { readonly children: ReactNode; readonly busy: boolean }) {
  // Before the page listens the browser would send the form itself.
  const hydrated = useHydrated();
  return (
    <button
      type="submit"
      disabled={props.busy || !hydrated}
      className="mt-3 w-full bg-ink py-3 text-lg font-bold text-paper disabled:opacity-50"
    >
      {props.children}
    </button>
  );
}

/** A question with one answer. */
export function OneOf<T extends string>(props: {
  readonly legend: string;
  readonly all: readonly T[];
  readonly words: (entry: T) => string;
  readonly chosen: T | null;
  readonly onChange: (chosen: T) => void;
}) {
  return (
    <fieldset className="mt-3">
      <legend className="font-bold">{props.legend}</legend>
      {props.all.map((entry) => (
        <label
          key={entry}
          className="flex min-h-11 items-center gap-3 border-b border-hairline py-1.5 text-base leading-snug"
        >
          <input
            type="radio"
            className="size-6 shrink-0 accent-pine"
            name={props.legend}
            checked={props.chosen === entry}
            onChange={() => props.onChange(entry)}
          />
          {props.words(entry)}
        </label>
      ))}
    </fieldset>
  );
}

/** A list of things to tick, under its question. */
export function Ticks<T extends string>(props: {
  readonly legend: string;
  readonly all: readonly T[];
  readonly words: (entry: T) => string;
  readonly chosen: readonly T[];
  readonly onChange: (chosen: readonly T[]) => void;
  readonly hint?: string;
}) {
  return (
    <fieldset className="mt-3">
      <legend className="font-bold">{props.legend}</legend>
      {props.hint && <p className="text-base text-quiet">{props.hint}</p>}
      {props.all.map((entry) => (
        <Tick
          key={entry}
          words={props.words(entry)}
          on={props.chosen.includes(entry)}
          onChange={(on) => props.onChange(toggled(props.chosen, entry, on))}
        />
      ))}
    </fieldset>
  );
}
