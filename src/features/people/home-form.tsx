"use client";
import { useState } from "react";
import { FLOORS, MARK_GLYPH, MARKS, type Mark, type Person, type Space } from "@/core/homes/home";
import type { KitItem } from "@/core/homes/kit";
import { LIMITS, type Limit } from "@/core/homes/limits";
import { checkPerson } from "@/core/homes/roster";
import { faultLine } from "@/core/values/faults";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { cx } from "@/ui/cx";
import { Choice, Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import { addedItem, KitTaps } from "./add-kit";
import { KitLines } from "./kit-line";
import { KnownFields } from "./known-fields";
import { PrivateFields } from "./private-fields";

/** The whole home in one form: tick what is there, measures where they matter. Used for every way of entering a home. */
export function HomeForm(props: {
  readonly person: Person;
  /** Stores the person; gives what went wrong, or null. `next`: goes on to the next person. */
  readonly onSave: (person: Person, next: boolean) => Promise<string | null>;
  /** What comes after this one, in words; left out where nothing does. */
  readonly next?: string;
  /** Who hasn't said anything yet can be asked; left out where nobody can be. */
  readonly onAsk?: () => void;
  /** On the person's own page: also what only they see. */
  readonly isOwn?: boolean;
}) {
  const [person, setPerson] = useState(props.person);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const change = (part: Partial<Person>) => setPerson((now) => stated({ ...now, ...part }));
  const kit = person.kit ?? [];
  const setKit = (next: readonly KitItem[] | undefined) =>
    setPerson(({ kit: _old, ...rest }) => (next ? { ...rest, kit: next } : rest));
  const space = (part: Partial<Space>) => change({ space: stated({ ...person.space, ...part }) });
  const submit = async (event: React.FormEvent<HTMLFormElement>) => {
    event.preventDefault();
    const by = (event.nativeEvent as SubmitEvent).submitter as HTMLButtonElement | null;
    const name = person.name.trim();
    const checked = checkPerson({ ...person, name, id: person.id || "new" });
    if (!checked.ok)
      return setTrouble(name === "" ? "A name is missing." : checked.error.map(faultLine).join("; "));
    setBusy(true);
    setTrouble(await props.onSave({ ...person, name }, by?.value === "next"));
    setBusy(false);
  };
  const units = person.units ?? "kg";
  return (
    <form onSubmit={submit} noValidate>
      <WhoItIs person={person} change={change} busy={busy} next={props.next} />
      <Trouble className="mt-3">{trouble}</Trouble>
      <div className="mt-4 grid gap-x-10 gap-y-6 md:grid-cols-[1fr_17rem]">
        <section aria-labelledby="kit-heading">
          <h2 id="kit-heading" className="text-lg font-bold">
            What is at home
          </h2>
          <WhatIsSaid kit={person.kit} onKit={setKit} onAsk={props.onAsk} />
          <KitTaps kit={kit} onKit={setKit} />
          <KitLines kit={kit} units={units} onKit={setKit} />
          <KnownFields person={person} onChange={change} />
          {props.isOwn && <PrivateFields person={person} onChange={change} />}
        </section>
        <div className="space-y-6">
          <SpaceFields space={person.space} onChange={space} />
          <LimitTicks limits={person.limits ?? []} onChange={(limits) => change({ limits })} />
        </div>
      </div>
    </form>
  );
}

/** Without the keys that nothing was said about. */
function stated<T extends object>(object: T): T {
  return Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined)) as T;
}
function SpaceFields({
  space,
  onChange,
}: {
  readonly space: Space | undefined;
  readonly onChange: (part: Partial<Space>) => void;
}) {
  const number = (text: string) => (text === "" || Number.isNaN(Number(text)) ? undefined : Number(text));
  return (
    <fieldset className="space-y-2">
      <legend className="text-lg font-bold">Space</legend>
      <Choice
        label="Floor"
        value={space?.floor ?? ""}
        onChange={(event) => onChange({ floor: (event.target.value || undefined) as Space["floor"] })}
      >
        <option value="">not said</option>
        {FLOORS.map((floor) => (
          <option key={floor} value={floor}>
            {floor}
          </option>
        ))}
      </Choice>
      <div className="flex gap-3">
        <Field
          label="Ceiling, cm"
          name="ceiling"
          inputMode="numeric"
          defaultValue={space?.ceilingCm ?? ""}
          onChange={(event) => onChange({ ceilingCm: number(event.target.value) })}
        />
        <Field
          label="Clear length, m"
          name="length"
          inputMode="decimal"
          defaultValue={space?.lengthM ?? ""}
          onChange={(event) => onChange({ lengthM: number(event.target.value) })}
        />
      </div>
      <Choice
        label="A wall to lean on"
        value={space?.wall === false ? "no" : ""}
        onChange={(event) => onChange({ wall: event.target.value === "no" ? false : undefined })}
      >
        <option value="">there is one</option>
        <option value="no">none that is free</option>
      </Choice>
      <Choice
        label="Jumping"
        value={space?.jumping === undefined ? "" : space.jumping ? "yes" : "no"}
        onChange={(event) =>
          onChange({ jumping: event.target.value === "" ? undefined : event.target.value === "yes" })
        }
      >
        <option value="">not said</option>
        <option value="yes">possible</option>
        <option value="no">not here: floor or neighbours</option>
      </Choice>
    </fieldset>
  );
}

/** Whether anything was said of what is there: nothing at all is an answer. */
function WhatIsSaid({
  kit,
  onKit,
  onAsk,
}: {
  readonly kit: readonly KitItem[] | undefined;
  readonly onKit: (kit: readonly KitItem[] | undefined) => void;
  readonly onAsk?: () => void;
}) {
  const says = kit === undefined ? "unknown" : kit.length === 0 ? "nothing" : "some";
  const kitFor = { unknown: undefined, nothing: [], some: kit?.length ? kit : [addedItem([], "wall")] };
  return (
    <fieldset className="mt-1 flex min-h-7 flex-wrap items-center gap-x-5">
      <legend className="sr-only">Has this person said what they have?</legend>
      {(
        [
          ["unknown", "not said yet"],
          ["nothing", "nothing"],
          ["some", "these things"],
        ] as const
      ).map(([value, meaning]) => (
        <label key={value} className="flex items-center gap-1.5">
          <input type="radio" name="says" checked={says === value} onChange={() => onKit(kitFor[value])} />
          {meaning}
        </label>
      ))}
      {onAsk && (
        <Button
          look="bare"
          className={cx("px-1 py-0.5", says === "unknown" ? "" : "invisible")}
          onClick={onAsk}
        >
          Ask them by mail
        </Button>
      )}
    </fieldset>
  );
}

/** Name, usual level, units; and the button. */
function WhoItIs({
  person,
  change,
  busy,
  next,
}: {
  readonly person: Person;
  readonly change: (part: Partial<Person>) => void;
  readonly busy: boolean;
  readonly next: string | undefined;
}) {
  const words = useWords();
  return (
    <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2 border-b-2 border-ink pb-3">
      <Field
        label="Name"
        name="name"
        className="min-w-44 flex-1"
        value={person.name}
        maxLength={120}
        autoComplete="off"
        onChange={(event) => change({ name: event.target.value })}
      />
      <Field
        label="E-mail for invitations"
        name="email"
        type="email"
        className="min-w-52 flex-1"
        value={person.email ?? ""}
        maxLength={254}
        autoComplete="off"
        onChange={(event) => change({ email: event.target.value.trim() || undefined })}
      />
      <Choice
        label="Usual level"
        className="w-28"
        value={person.mark ?? "natural"}
        onChange={(event) => change({ mark: event.target.value as Mark })}
      >
        {MARKS.map((mark) => (
          <option key={mark} value={mark}>
            {MARK_GLYPH[mark]} {words.name("mark", mark)}
          </option>
        ))}
      </Choice>
      <Choice
        label="Weights in"
        className="w-20"
        value={person.units ?? "kg"}
        onChange={(event) => change({ units: event.target.value as "kg" | "lb" })}
      >
        <option value="kg">kg</option>
        <option value="lb">lb</option>
      </Choice>
      <div className="flex gap-2">
        <Button look={next ? "line" : "solid"} type="submit" disabled={busy} className="px-4 py-2.5">
          Save
        </Button>
        {next && (
          <Button look="solid" type="submit" value="next" disabled={busy} className="px-4 py-2.5">
            {next}
          </Button>
        )}
      </div>
    </div>
  );
}

/** What to leave out. */
function LimitTicks({
  limits,
  onChange,
}: {
  readonly limits: readonly Limit[];
  readonly onChange: (limits: readonly Limit[]) => void;
}) {
  const words = useWords();
  const toggle = (limit: Limit, on: boolean) =>
    onChange(LIMITS.filter((entry) => (entry === limit ? on : limits.includes(entry))));
  return (
    <fieldset>
      <legend className="text-lg font-bold">Limits</legend>
      <p className="mb-1 text-sm text-quiet">
        What to leave out, without giving a reason. If unsure, they ask a professional.
      </p>
      {LIMITS.map((limit) => (
        <label key={limit} className="flex items-center gap-2 py-px">
          <input
            type="checkbox"
            checked={limits.includes(limit)}
            onChange={(event) => toggle(limit, event.target.checked)}
          />
          {words.name("limit", limit)}
        </label>
      ))}
    </fieldset>
  );
}
