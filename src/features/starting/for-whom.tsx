"use client";
import { useMemo, useState } from "react";
import type { Person } from "@/core/homes/home";
import type { KitType } from "@/core/homes/kit";
import { kitFacts } from "@/core/homes/kit-types";
import { isFound, searchable } from "@/core/values/typed-search";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
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
  return (
    <div className="grid grid-cols-[4.5rem_minmax(0,1fr)] items-baseline gap-x-3 gap-y-2">
      <span className="font-semibold">For</span>
      <Whom {...props} />
      <span className="font-semibold">Minutes</span>
      <Length minutes={props.minutes} onMinutes={props.onMinutes} />
      <span className="font-semibold">With</span>
      <WithWhat {...props} />
    </div>
  );
}

const CHIP =
  "min-h-6 border border-hairline px-1.5 leading-tight aria-pressed:border-ink aria-pressed:bg-marker";

function Whom({ people, asked, onAsk }: Props) {
  const [open, setOpen] = useState(false);
  const [typed, setTyped] = useState("");
  const texts = useMemo(() => new Map(people.map(({ id, name }) => [id, searchable([name])])), [people]);
  if (people.length === 0)
    return <span>whoever comes: nobody is on the list yet, and the class can be adapted later.</span>;
  const shown = people.filter(({ id }) => isFound(typed, texts.get(id) ?? ""));
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
            ? `everybody (${people.length})`
            : asked.size === 0
              ? "nobody in particular"
              : `${asked.size} of ${people.length}`}
        </span>
        <Button look="bare" className="px-1 py-0.5" aria-expanded={open} onClick={() => setOpen(!open)}>
          {open ? "Done choosing" : "Choose"}
        </Button>
        {open && (
          <>
            <Button
              look="bare"
              className="px-1 py-0.5"
              onClick={() => onAsk(new Set(people.map(({ id }) => id)))}
            >
              Everybody
            </Button>
            <Button look="bare" className="px-1 py-0.5" onClick={() => onAsk(new Set())}>
              Nobody
            </Button>
            {people.length > 12 && (
              <SearchField
                label="Look for a person"
                placeholder="a name"
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
          <legend className="sr-only">Who comes</legend>
          {shown.map(({ id, name }) => (
            <button
              key={id}
              type="button"
              aria-pressed={asked.has(id)}
              className={CHIP}
              onClick={() => toggle(id)}
            >
              {name}
            </button>
          ))}
        </fieldset>
      )}
    </div>
  );
}

function Length({ minutes, onMinutes }: Pick<Props, "minutes" | "onMinutes">) {
  const [draft, setDraft] = useState<string | null>(null);
  return (
    <div className="flex items-center gap-1.5">
      <input
        aria-label="Minutes"
        inputMode="numeric"
        className="w-14 border border-quiet bg-white px-2 py-0.5 text-center font-bold"
        value={draft ?? minutes ?? ""}
        placeholder="as is"
        onBlur={() => setDraft(null)}
        onChange={(event) => {
          setDraft(event.target.value);
          const number = Number(event.target.value);
          if (Number.isInteger(number) && number >= 10 && number <= 180) onMinutes(number);
        }}
      />
      {LENGTHS.map((length) => (
        <button
          key={length}
          type="button"
          aria-pressed={minutes === length}
          className={CHIP}
          onClick={() => {
            setDraft(null);
            onMinutes(length);
          }}
        >
          {length}
        </button>
      ))}
    </div>
  );
}

/** Kinds of kit that are offered at once: what most have. */
const FEW = 5;
const USUAL: readonly KitType[] = ["dumbbell", "kettlebell", "tube-band", "mini-band"];

/** Whatever each has, or no more than some kinds of it; what is in every home may always be used. */
function WithWhat({ people, kit, onKit }: Props) {
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
      <legend className="sr-only">With what</legend>
      <button type="button" aria-pressed={kit === null} className={CHIP} onClick={() => onKit(null)}>
        whatever each has
      </button>
      <button
        type="button"
        aria-pressed={kit !== null && kit.length === 0}
        className={CHIP}
        onClick={() => onKit([])}
      >
        what every home has
      </button>
      <span className="text-quiet">or only</span>
      {types.slice(0, all ? types.length : FEW).map((type) => (
        <button
          key={type}
          type="button"
          aria-pressed={(kit ?? []).includes(type)}
          className={CHIP}
          onClick={() => toggle(type)}
        >
          {kitName(type, 2, words)}
        </button>
      ))}
      {!all && types.length > FEW && (
        <Button look="bare" className="px-1 py-0.5" onClick={() => setAll(true)}>
          More
        </Button>
      )}
    </fieldset>
  );
}
