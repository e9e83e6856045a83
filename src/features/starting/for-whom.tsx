"use client";
import { useId, useMemo, useState } from "react";
import type { Person } from "@/core/homes/home";
import type { KitType } from "@/core/homes/kit";
import { kitFacts } from "@/core/homes/kit-types";
import { minutesIn } from "@/core/values/typed-number";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { useFound } from "@/features/search/use-found";
import { Button } from "@/ui/button";
import { Chip } from "@/ui/chip";
import { SearchField } from "@/ui/search-field";
import { kitName } from "@/words/kit-words";

const LENGTHS = [20, 30, 45, 60] as const;

interface Props {
  readonly people: readonly Person[];
  readonly asked: ReadonlySet<string>;
  readonly onAsk: (asked: ReadonlySet<string>) => void;
  readonly minutes: number | null;
  readonly onMinutes: (minutes: number | null) => void;
  readonly kit: readonly KitType[] | null;
  readonly onKit: (kit: readonly KitType[] | null) => void;
}

/** For whom, how long, with what: what a starting point is adapted to. */
export function ForWhom(props: Props) {
  const t = useTexts("starting");
  return (
    <div className="grid grid-cols-[4.5rem_minmax(0,1fr)] items-baseline gap-x-3 gap-y-2">
      <span className="font-semibold">{t("for")}</span>
      <Whom {...props} />
      <span className="font-semibold">{t("minutes")}</span>
      <Length minutes={props.minutes} onMinutes={props.onMinutes} />
      <span className="font-semibold">{t("with")}</span>
      <WithWhat {...props} />
    </div>
  );
}

const nameOf = ({ name }: Person) => [name];

function Whom({ people, asked, onAsk }: Props) {
  const t = useTexts("starting");
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState("");
  const shown = useFound(people, typed, nameOf);
  if (people.length === 0) return <span>{t("whoeverComesNobodyList")}</span>;
  const toggle = (id: string) => {
    const next = new Set(asked);
    if (!next.delete(id)) next.add(id);
    onAsk(next);
  };
  return (
    <div>
      <div className="flex flex-wrap items-center gap-2">
        <span>
          {asked.size === people.length
            ? t("everybody", { people: people.length })
            : asked.size === 0
              ? t("nobodyParticular")
              : t("askedOf", { asked: asked.size, people: people.length })}
        </span>
        <Button look="bare" className="px-1 py-0.5" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? t("doneChoosing") : t("choose")}
        </Button>
        {open && (
          <>
            <Button
              look="bare"
              className="px-1 py-0.5"
              onClick={() => onAsk(new Set(people.map(({ id }) => id)))}
            >
              {t("everybody2")}
            </Button>
            <Button look="bare" className="px-1 py-0.5" onClick={() => onAsk(new Set())}>
              {t("nobody")}
            </Button>
            {people.length > 12 && (
              <SearchField
                label={t("lookPerson")}
                placeholder={t("name")}
                className="w-40"
                value={typed}
                onChange={setTyped}
              />
            )}
          </>
        )}
      </div>
      {open && (
        <fieldset className="mt-1.5 flex flex-wrap gap-1.5">
          <legend className="sr-only">{t("whoComes")}</legend>
          {shown.map(({ id, name }) => (
            <Chip key={id} pressed={asked.has(id)} onPress={() => toggle(id)}>
              {name}
            </Chip>
          ))}
        </fieldset>
      )}
    </div>
  );
}

/** A class is begun for no fewer and no more minutes than these. */
const LEAST_MINUTES = 10;
const MOST_MINUTES = 180;

/** Minutes as they are typed; null where they aren't any, or too few or too many. */
function lengthIn(text: string): number | null {
  const minutes = minutesIn(text);
  return minutes !== null && minutes >= LEAST_MINUTES && minutes <= MOST_MINUTES ? minutes : null;
}

/** How long: as it is typed, or of the usual ones. With nothing typed it is as long as what it is begun from. */
function Length({ minutes, onMinutes }: Pick<Props, "minutes" | "onMinutes">) {
  const t = useTexts("starting");
  const answered = useId();
  /** What is typed, and the length that it stands for: with another length it is over. */
  const [typed, setTyped] = useState<{ readonly text: string; readonly of: number | null } | null>(null);
  const draft = typed?.of === minutes ? typed.text : null;
  const isEmpty = draft?.trim() === "";
  const isWrong = draft !== null && !isEmpty && lengthIn(draft) === null;
  return (
    <div className="flex items-center gap-1.5">
      <input
        aria-label={t("minutes")}
        aria-invalid={isWrong || undefined}
        aria-describedby={isWrong ? answered : undefined}
        autoComplete="off"
        className="w-14 border border-quiet bg-white px-2 py-0.5 text-center font-bold aria-invalid:border-rust aria-invalid:text-rust"
        value={draft ?? minutes ?? ""}
        placeholder={t("asIs")}
        onBlur={() => {
          if (isEmpty) onMinutes(null);
          if (!isWrong) setTyped(null);
        }}
        onChange={({ target: { value } }) => {
          const length = lengthIn(value);
          setTyped({ text: value, of: length ?? minutes });
          if (length !== null) onMinutes(length);
        }}
      />
      {LENGTHS.map((length) => (
        <Chip
          key={length}
          pressed={minutes === length}
          onPress={() => {
            setTyped(null);
            onMinutes(length);
          }}
        >
          {length}
        </Chip>
      ))}
      {isWrong && (
        <span id={answered} role="status" className="text-rust">
          {t("minutesSuch", { least: LEAST_MINUTES, most: MOST_MINUTES })}
        </span>
      )}
    </div>
  );
}

/** Kinds of kit that are offered at once: what most have. */
const FEW = 5;
const USUAL: readonly KitType[] = ["dumbbell", "kettlebell", "tube-band", "mini-band"];

/** Whatever each has, or no more than some kinds of it; what is in every home may always be used. */
function WithWhat({ people, kit, onKit }: Props) {
  const t = useTexts("starting");
  const words = useWords();
  const [all, setAll] = useState(false);
  const types = useMemo(() => {
    const counts = new Map<KitType, number>();
    for (const person of people)
      for (const type of new Set((person.kit ?? []).map((item) => item.type)))
        if (kitFacts(type).from === "shop") counts.set(type, (counts.get(type) ?? 0) + 1);
    const most = [...counts].sort(([, a], [, b]) => b - a).map(([type]) => type);
    return most.length > 0 ? most : USUAL;
  }, [people]);
  const toggle = (type: KitType) =>
    onKit((kit ?? []).includes(type) ? (kit ?? []).filter((own) => own !== type) : [...(kit ?? []), type]);
  return (
    <fieldset className="flex flex-wrap items-center gap-1.5">
      <legend className="sr-only">{t("withWhat")}</legend>
      <Chip pressed={kit === null} onPress={() => onKit(null)}>
        {t("whateverEachHas")}
      </Chip>
      <Chip pressed={kit !== null && kit.length === 0} onPress={() => onKit([])}>
        {t("whatEveryHomeHas")}
      </Chip>
      <span className="text-quiet">{t("orOnly")}</span>
      {types.slice(0, all ? types.length : FEW).map((type) => (
        <Chip key={type} pressed={(kit ?? []).includes(type)} onPress={() => toggle(type)}>
          {kitName(type, 2, words)}
        </Chip>
      ))}
      {!all && types.length > FEW && (
        <Button look="bare" className="px-1 py-0.5" onClick={() => setAll(true)}>
          {t("more")}
        </Button>
      )}
    </fieldset>
  );
}
