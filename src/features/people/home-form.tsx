"use client";
import { useState } from "react";
import { FLOORS, MARK_GLYPH, MARKS, type Mark, type Person, type Space } from "@/core/homes/home";
import type { KitItem } from "@/core/homes/kit";
import { LIMITS, type Limit } from "@/core/homes/limits";
import { checkPerson } from "@/core/homes/roster";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { cx } from "@/ui/cx";
import { Choice, Field } from "@/ui/field";
import { Trouble } from "@/ui/trouble";
import { languageName } from "@/words/language-names";
import { LANGUAGES, languageOf } from "@/words/languages";
import { faultLineIn } from "@/words/refusals/faults";
import { addedItem, KitTaps } from "./add-kit";
import { KitLines } from "./kit-line";
import { KnownFields, type MoveNames } from "./known-fields";
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
  /** What the library's moves are called where that isn't English, by id. */
  readonly moveNames?: MoveNames | undefined;
  /** On the person's own page: also what only they see. */
  readonly isOwn?: boolean;
}) {
  const words = useWords();
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
      return setTrouble(
        name === ""
          ? words.phrase("home", "nameMissing")
          : checked.error.map((fault) => faultLineIn(fault, words)).join("; "),
      );
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
            {words.phrase("home", "atHome")}
          </h2>
          <WhatIsSaid kit={person.kit} onKit={setKit} onAsk={props.onAsk} />
          <KitTaps kit={kit} onKit={setKit} />
          <KitLines kit={kit} units={units} onKit={setKit} />
          <KnownFields person={person} moveNames={props.moveNames} onChange={change} />
          {props.isOwn && <PrivateFields person={person} onChange={change} />}
        </section>
        <div className="space-y-6">
          <SpaceFields space={person.space} onChange={space} />
          <LimitTicks limits={person.limits ?? []} onChange={(limits) => change({ limits })} />
          {!props.isOwn && (
            <Field
              label={words.phrase("home", "oneRoom")}
              name="household"
              maxLength={100}
              placeholder={words.phrase("home", "roomName")}
              hint={words.phrase("home", "roomHint")}
              defaultValue={person.household ?? ""}
              onChange={(event) => change({ household: event.target.value.trim() || undefined })}
            />
          )}
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
  const words = useWords();
  const number = (text: string) => (text === "" || Number.isNaN(Number(text)) ? undefined : Number(text));
  return (
    <fieldset className="space-y-2">
      <legend className="text-lg font-bold">{words.phrase("home", "space")}</legend>
      <Choice
        label={words.phrase("home", "floor")}
        value={space?.floor ?? ""}
        onChange={(event) => onChange({ floor: (event.target.value || undefined) as Space["floor"] })}
      >
        <option value="">{words.phrase("home", "notSaid")}</option>
        {FLOORS.map((floor) => (
          <option key={floor} value={floor}>
            {words.phrase("home", "floorKind", { floor })}
          </option>
        ))}
      </Choice>
      <div className="flex gap-3">
        <Field
          label={words.phrase("home", "ceiling")}
          name="ceiling"
          inputMode="numeric"
          defaultValue={space?.ceilingCm ?? ""}
          onChange={(event) => onChange({ ceilingCm: number(event.target.value) })}
        />
        <Field
          label={words.phrase("home", "length")}
          name="length"
          inputMode="decimal"
          defaultValue={space?.lengthM ?? ""}
          onChange={(event) => onChange({ lengthM: number(event.target.value) })}
        />
      </div>
      <Choice
        label={words.phrase("home", "wall")}
        value={space?.wall === false ? "no" : ""}
        onChange={(event) => onChange({ wall: event.target.value === "no" ? false : undefined })}
      >
        <option value="">{words.phrase("home", "wallThere")}</option>
        <option value="no">{words.phrase("home", "wallNone")}</option>
      </Choice>
      <Choice
        label={words.phrase("home", "jumping")}
        value={space?.jumping === undefined ? "" : space.jumping ? "yes" : "no"}
        onChange={(event) =>
          onChange({ jumping: event.target.value === "" ? undefined : event.target.value === "yes" })
        }
      >
        <option value="">{words.phrase("home", "notSaid")}</option>
        <option value="yes">{words.phrase("home", "jumpingYes")}</option>
        <option value="no">{words.phrase("home", "jumpingNo")}</option>
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
  const words = useWords();
  const says = kit === undefined ? "unknown" : kit.length === 0 ? "nothing" : "some";
  const kitFor = { unknown: undefined, nothing: [], some: kit?.length ? kit : [addedItem([], "wall")] };
  return (
    <fieldset className="mt-1 flex min-h-7 flex-wrap items-center gap-x-5">
      <legend className="sr-only">{words.phrase("home", "hasSaid")}</legend>
      {(["unknown", "nothing", "some"] as const).map((value) => (
        <label key={value} className="flex items-center gap-1.5">
          <input type="radio" name="says" checked={says === value} onChange={() => onKit(kitFor[value])} />
          {words.phrase("home", "said", { says: value })}
        </label>
      ))}
      {onAsk && (
        <Button
          look="bare"
          className={cx("px-1 py-0.5", says === "unknown" ? "" : "invisible")}
          onClick={onAsk}
        >
          {words.phrase("home", "askByMail")}
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
        label={words.phrase("home", "name")}
        name="name"
        className="min-w-44 flex-1"
        value={person.name}
        maxLength={120}
        autoComplete="off"
        onChange={(event) => change({ name: event.target.value })}
      />
      <Field
        label={words.phrase("home", "email")}
        name="email"
        type="email"
        className="min-w-52 flex-1"
        value={person.email ?? ""}
        maxLength={254}
        autoComplete="off"
        onChange={(event) => change({ email: event.target.value.trim() || undefined })}
      />
      <Choice
        label={words.phrase("home", "usualLevel")}
        className="w-36"
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
        label={words.phrase("home", "weightsIn")}
        className="w-20"
        value={person.units ?? "kg"}
        onChange={(event) => change({ units: event.target.value as "kg" | "lb" })}
      >
        <option value="kg">kg</option>
        <option value="lb">lb</option>
      </Choice>
      <Choice
        label={words.phrase("home", "language")}
        className="w-32"
        value={languageOf(person.language)}
        onChange={(event) => change({ language: event.target.value })}
      >
        {LANGUAGES.map((language) => (
          <option key={language} value={language} lang={language}>
            {languageName(language)}
          </option>
        ))}
      </Choice>
      <div className="flex gap-2">
        <Button look={next ? "line" : "solid"} type="submit" disabled={busy} className="px-4 py-2.5">
          {words.phrase("home", "save")}
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
      <legend className="text-lg font-bold">{words.phrase("home", "limits")}</legend>
      <p className="mb-1 text-sm text-quiet">{words.phrase("home", "limitsHint")}</p>
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
