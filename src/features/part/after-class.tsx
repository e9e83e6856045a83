"use client";
import Link from "next/link";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import { type ClassDoc, findSlot } from "@/core/class/document";
import { isMain } from "@/core/effort/hard";
import type { OwnSession } from "@/core/live/own-part";
import { EFFORTS, inEach, type SlotDone, type Written } from "@/core/log/entries";
import type { Part, PartSlot } from "@/core/parts/part";
import { MORE } from "@/core/strength/more";
import { useWords } from "@/features/language/use-words";
import { failureText } from "@/words/failure-words";
import { effortText } from "@/words/log-words";
import { whenText } from "@/words/own-words";
import { Send } from "./form-parts";
import { OtherClasses } from "./other-classes";
import { OwnAhead } from "./own-ahead";
import type { OwnEntries, OwnPage } from "./own-page";
import { StopWords } from "./stop-words";
import { useOtherClass } from "./use-other-class";
import { YourData } from "./your-data";

type Done = Readonly<Record<string, SlotDone>>;

function saidOr(entries: OwnEntries, own: PartSlot): SlotDone | undefined {
  const said = entries.kept[`slot:${own.slot}`]?.value ?? entries.prefilled[own.slot];
  return said && inEach(said, own);
}

/** After a class: its effort and what was done, filled in already; most people press two things. */
export function AfterClass(
  props: OwnPage & { readonly session: OwnSession; readonly part: Part; readonly entries: OwnEntries },
) {
  const words = useWords();
  const { token, studio, session, part, entries } = props;
  useOtherClass(token, { session: session.id, state: session.state }, !props.pinned);
  const slots = part.slots.filter((slot) => saidOr(entries, slot));
  const effortBefore = entries.kept.effort?.value;
  const noteBefore = entries.kept.note?.value;
  const [effort, setEffort] = useState<number | null>(effortBefore ?? null);
  const [note, setNote] = useState(noteBefore ?? "");
  const [done, setDone] = useState<Done>(
    Object.fromEntries(slots.map((slot) => [slot.slot, saidOr(entries, slot) ?? {}])),
  );
  const [said, setSaid] = useState(typeof effortBefore === "number" ? words.phrase("part", "kept") : "");
  const [busy, setBusy] = useState(false);
  const put = (slot: string, part: SlotDone) => setDone({ ...done, [slot]: { ...done[slot], ...part } });
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const list: readonly Written[] = [
      ...(effort === null ? [] : [{ field: "effort", value: effort } as const]),
      ...(note.trim() === (noteBefore ?? "") ? [] : [{ field: "note", value: note.trim() || null } as const]),
      ...slots.map(({ slot }) => ({ field: `slot:${slot}`, value: done[slot] ?? {} }) as const),
    ];
    const reply = await api("PUT", `/api/part/${token}/log`, { session: session.id, entries: list });
    setBusy(false);
    setSaid(
      reply.ok
        ? words.phrase("part", "keptThanks")
        : words.phrase("part", "notStored", { why: failureText(reply.failure, words) }),
    );
  };
  return (
    <main className="mx-auto max-w-md px-5 py-5 text-lg" data-phase="after">
      <p className="text-quiet" suppressHydrationWarning>
        {studio} · {whenText(session.startsAtMs, props.person.timeZone, words)}
      </p>
      <h1 className="text-3xl font-bold leading-tight">{session.doc.title}</h1>
      <form onSubmit={save} className="mt-3">
        <HowHard effort={effort} onEffort={setEffort} />
        {slots.length > 0 && <WhatWasDone doc={session.doc} slots={slots} done={done} put={put} />}
        <label className="mt-4 block">
          <span className="font-bold">{words.phrase("part", "note")}</span>
          <textarea
            className="mt-1 h-20 w-full border border-quiet bg-white px-2 py-1.5 text-base"
            maxLength={1000}
            value={note}
            onChange={(event) => setNote(event.target.value)}
          />
        </label>
        <Send busy={busy || (effort === null && slots.length === 0)}>{words.phrase("part", "keepIt")}</Send>
        <p className="min-h-7 text-base" role="status">
          {said}
        </p>
      </form>
      <p>
        <Link className="font-bold underline underline-offset-4" href={`/p/${token}/home`}>
          {words.phrase("part", "yourHome")}
        </Link>
      </p>
      <OwnAhead {...props} />
      <OtherClasses {...props} />
      <StopWords country={props.person.country} />
      <YourData {...props} />
    </main>
  );
}

function SlotLine(props: {
  readonly own: PartSlot;
  readonly done: SlotDone;
  readonly asksMore: boolean;
  readonly onChange: (part: SlotDone) => void;
}) {
  const words = useWords();
  const { own, done, asksMore, onChange } = props;
  const { name } = own;
  const timed = done.reps === undefined;
  const box = (label: string, value: number | undefined, key: "sets" | "reps" | "seconds" | "eachKg") => (
    <input
      aria-label={words.phrase("part", "ofMove", { move: name, what: label })}
      inputMode="decimal"
      className="w-full border border-quiet bg-white px-1.5 py-2 text-center"
      value={value ?? ""}
      onChange={(event) => {
        const number = Number(event.target.value.replace(",", "."));
        if (Number.isFinite(number) && number >= 0)
          onChange({ [key]: key === "eachKg" ? number : Math.round(number) });
      }}
    />
  );
  return (
    <div className="border-b border-hairline py-1">
      <div className="grid grid-cols-[1fr_3.2rem_4.2rem_4.2rem] items-center gap-x-2">
        <span className="text-base leading-tight">
          {name}
          {timed && done.seconds !== undefined && <span className="text-quiet"> (s)</span>}
        </span>
        {box(words.phrase("part", "sets"), done.sets, "sets")}
        {timed
          ? box(words.phrase("part", "secondsEach"), done.seconds, "seconds")
          : box(words.phrase("part", "repsEach"), done.reps, "reps")}
        {done.eachKg === undefined ? <span /> : box(words.phrase("part", "kgEach"), done.eachKg, "eachKg")}
      </div>
      {asksMore && <HowManyMore name={name} done={done} onChange={onChange} />}
    </div>
  );
}

/** Whether a person is asked how many more there were: in the main work, of what is lifted; not of holds, runs and stretches. */
function teachesMore({ slot, sets }: PartSlot, doc: ClassDoc): boolean {
  const block = findSlot(doc, slot)?.block;
  return block !== undefined && isMain(block) && sets?.[0]?.limbReps != null;
}

/** One press: how many more there were in the last set. Pressed again it is taken back. */
function HowManyMore(props: {
  readonly name: string;
  readonly done: SlotDone;
  readonly onChange: (part: SlotDone) => void;
}) {
  const words = useWords();
  const { name, done, onChange } = props;
  return (
    <fieldset className="mt-1 flex items-center gap-x-1.5 text-base">
      <legend className="sr-only">
        {words.phrase("part", "ofMove", {
          move: name,
          what: words.inside(words.phrase("part", "howManyMore")),
        })}
      </legend>
      <span aria-hidden className="mr-auto text-quiet">
        {words.phrase("part", "howManyMore")}
      </span>
      {MORE.map((more) => (
        <button
          key={more}
          type="button"
          aria-pressed={done.more === more}
          className="min-h-9 border border-quiet px-2.5 aria-pressed:bg-marker aria-pressed:font-bold"
          onClick={() => onChange({ more: done.more === more ? undefined : more })}
        >
          {words.name("more", more)}
        </button>
      ))}
    </fieldset>
  );
}

/** Effort of the whole class, one press. */
function HowHard({
  effort,
  onEffort,
}: {
  readonly effort: number | null;
  readonly onEffort: (effort: number) => void;
}) {
  const words = useWords();
  return (
    <fieldset>
      <legend className="text-xl font-bold">{words.phrase("part", "howHard")}</legend>
      <div className="mt-1 grid grid-cols-11">
        {EFFORTS.map((n) => (
          <button
            key={n}
            type="button"
            aria-pressed={effort === n}
            aria-label={`${n}: ${words.name("effort", n)}`}
            className="flex h-14 items-end justify-center border border-l-0 border-hairline pb-1.5 font-bold first:border-l aria-pressed:bg-marker"
            onClick={() => onEffort(n)}
          >
            {n}
          </button>
        ))}
      </div>
      <p className="mt-1 flex justify-between text-base text-quiet">
        <span>{words.phrase("part", "easiest")}</span>
        <b className="text-ink">{effortText(effort, words)}</b>
        <span>{words.phrase("part", "hardest")}</span>
      </p>
    </fieldset>
  );
}

/** What was done in each slot, filled in already. */
function WhatWasDone({
  doc,
  slots,
  done,
  put,
}: {
  readonly doc: ClassDoc;
  readonly slots: readonly PartSlot[];
  readonly done: Done;
  readonly put: (slot: string, part: SlotDone) => void;
}) {
  const words = useWords();
  return (
    <fieldset className="mt-4">
      <legend className="text-xl font-bold">{words.phrase("part", "whatYouDid")}</legend>
      <p className="text-base text-quiet">{words.phrase("part", "filledIn")}</p>
      <div className="mt-1 grid grid-cols-[1fr_3.2rem_4.2rem_4.2rem] items-baseline gap-x-2 text-sm text-quiet">
        <span />
        <span>{words.phrase("part", "sets")}</span>
        <span>{words.phrase("part", "each")}</span>
        <span>{words.phrase("part", "kgEach")}</span>
      </div>
      {slots.map((slot) => (
        <SlotLine
          key={slot.slot}
          own={slot}
          done={done[slot.slot] ?? {}}
          asksMore={teachesMore(slot, doc)}
          onChange={(part) => put(slot.slot, part)}
        />
      ))}
    </fieldset>
  );
}
