"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import { EFFORTS, type SlotDone } from "@/core/log/entries";
import { MORE, type More } from "@/core/strength/more";
import { useWords } from "@/features/language/use-words";
import { Trouble } from "@/ui/trouble";
import { failureText } from "@/words/failure-words";
import { type AloneProps, Back } from "./alone-props";

/** Of a plan that was left early only the sets that were reached are filled in. */
function reached({ sets, meant }: AloneProps, through: number): Record<string, SlotDone> {
  const counts = new Map<string, number>();
  for (const { slot, nth } of sets.slice(0, through)) counts.set(slot, Math.max(counts.get(slot) ?? 0, nth));
  return Object.fromEntries(
    Object.entries(meant).flatMap(([slot, done]) => {
      const n = counts.get(slot) ?? 0;
      return n === 0 ? [] : [[slot, { ...done, sets: n }]];
    }),
  );
}

/** What was done, filled in as it was meant; how many more there were, how hard it was. Written down once. */
export function AloneAfter(
  props: AloneProps & { readonly hurt: readonly string[]; readonly through: number },
) {
  const words = useWords();
  const router = useRouter();
  const { token, id, title, sets, hurt, through } = props;
  const [slots, setSlots] = useState(() => reached(props, through));
  const [effort, setEffort] = useState<number | null>(null);
  const [note, setNote] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const names = new Map(sets.map(({ slot, own }) => [slot, own.name]));
  const save = async () => {
    const reply = await api("PUT", `/api/part/${token}/alone/${id}`, { slots, effort, note, hurt });
    if (reply.ok) router.refresh();
    else setTrouble(failureText(reply.failure, words));
  };
  return (
    <main className="mx-auto max-w-md px-5 py-6 text-lg">
      <h1 className="text-3xl font-bold leading-tight">{title}</h1>
      <p className="mt-1 text-quiet">{words.phrase("alone", "asMeant")}</p>
      <ul className="mt-3">
        {Object.entries(slots).map(([slot, done]) => (
          <SlotEntry
            key={slot}
            name={names.get(slot) ?? ""}
            done={done}
            isHurt={hurt.includes(slot)}
            onChange={(to) => setSlots({ ...slots, [slot]: to })}
          />
        ))}
      </ul>
      <label className="mt-3 flex items-center gap-2">
        {words.phrase("alone", "howHard")}
        <select
          className="border border-quiet bg-white px-2 py-1.5"
          value={effort ?? ""}
          onChange={(event) => setEffort(event.target.value === "" ? null : Number(event.target.value))}
        >
          <option value="">{words.phrase("alone", "notSaid")}</option>
          {EFFORTS.map((each) => (
            <option key={each} value={each}>
              {each}
            </option>
          ))}
        </select>
      </label>
      <label className="mt-3 block">
        <span className="block font-semibold">{words.phrase("part", "note")}</span>
        <textarea
          rows={2}
          maxLength={1000}
          className="w-full border border-quiet bg-white p-2"
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </label>
      <Trouble className="mt-2">{trouble}</Trouble>
      <button
        type="button"
        className="mt-3 min-h-14 w-full bg-ink text-xl font-bold text-paper"
        onClick={save}
      >
        {words.phrase("alone", "writeDown")}
      </button>
      <Back token={token} />
    </main>
  );
}

/** What was done of one move. */
function SlotEntry(props: {
  readonly name: string;
  readonly done: SlotDone;
  readonly isHurt: boolean;
  readonly onChange: (done: SlotDone) => void;
}) {
  const words = useWords();
  const { name, done, isHurt, onChange } = props;
  const { more, ...rest } = done;
  return (
    <li className="border-b border-hairline py-2">
      <b>{name}</b>
      {isHurt && <span className="ml-2 border-l-4 border-stop pl-1.5">{words.phrase("alone", "hurt")}</span>}
      <span className="mt-1 grid grid-cols-[auto_4.5rem_auto_4.5rem] items-center gap-2">
        <Amount
          label={words.phrase("alone", "setsOf", { move: name })}
          word={words.phrase("part", "sets")}
          value={done.sets}
          onChange={(sets) => onChange({ ...done, sets })}
        />
        {done.reps !== undefined && (
          <Amount
            label={words.phrase("alone", "repsOf", { move: name })}
            word={words.phrase("part", "reps")}
            value={done.reps}
            onChange={(reps) => onChange({ ...done, reps })}
          />
        )}
        {done.seconds !== undefined && (
          <Amount
            label={words.phrase("alone", "secondsOf", { move: name })}
            word="s"
            value={done.seconds}
            onChange={(seconds) => onChange({ ...done, seconds })}
          />
        )}
      </span>
      <label className="mt-1 flex items-center gap-2 text-base">
        {words.phrase("part", "howManyMore")}
        <select
          className="border border-quiet bg-white px-2 py-1.5"
          value={more ?? ""}
          onChange={(event) => {
            const said = event.target.value as More | "";
            onChange(said === "" ? rest : { ...rest, more: said });
          }}
        >
          <option value="">{words.phrase("alone", "notSaid")}</option>
          {MORE.map((each) => (
            <option key={each} value={each}>
              {words.name("more", each)}
            </option>
          ))}
        </select>
      </label>
    </li>
  );
}

function Amount(props: {
  readonly label: string;
  readonly word: string;
  readonly value: number | undefined;
  readonly onChange: (value: number) => void;
}) {
  return (
    <>
      <span className="text-base text-quiet">{props.word}</span>
      <input
        aria-label={props.label}
        inputMode="numeric"
        className="w-full border border-quiet bg-white px-2 py-1.5"
        value={props.value ?? ""}
        onChange={(event) => {
          const n = Number(event.target.value);
          if (/^\d{1,4}$/.test(event.target.value)) props.onChange(n);
        }}
      />
    </>
  );
}
