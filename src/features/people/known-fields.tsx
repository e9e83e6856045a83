"use client";
import { X } from "lucide-react";
import { useMemo } from "react";
import { MARK_GLYPH, MARKS, type Mark, type Person, type WorkingSet } from "@/core/homes/home";
import { LIBRARY } from "@/core/moves/library";
import { PATTERNS, type Pattern } from "@/core/moves/move";
import { KG_PER_LB } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { NumberBox } from "./number-box";

const LINE = "border-b-2 border-pine bg-transparent font-bold";
/** Moves that have a weight to write down. */
const WEIGHED = LIBRARY.filter((move) => move.needs.some((list) => list.some((need) => need.kg)));

function without<T extends object>(object: T | undefined, key: string): T | undefined {
  const { [key]: _gone, ...rest } = (object ?? {}) as Record<string, unknown>;
  return Object.keys(rest).length > 0 ? (rest as T) : undefined;
}

type Change = (part: Partial<Person>) => void;
type Units = NonNullable<Person["units"]>;

/** Kilograms as the person's units show them, and back. */
function shownIn(units: Units, kg: number | undefined): number | undefined {
  return kg === undefined || units === "kg" ? kg : Math.round((kg / KG_PER_LB) * 10) / 10;
}
function takenIn(units: Units, value: number | undefined): number | undefined {
  return value === undefined || units === "kg" ? value : Math.round(value * KG_PER_LB * 100) / 100;
}

/** Levels that differ by pattern, sets that are known, and what else is said about a person. */
export function KnownFields({ person, onChange }: { readonly person: Person; readonly onChange: Change }) {
  const units = person.units ?? "kg";
  const zones = useMemo(() => Intl.supportedValuesOf("timeZone"), []);
  return (
    <section aria-labelledby="known-heading" className="mt-6 border-t border-hairline pt-3">
      <h2 id="known-heading" className="text-lg font-bold">
        What is known
      </h2>
      <OtherLevels person={person} onChange={onChange} />
      <KnownSets person={person} onChange={onChange} />
      <p className="mt-1 flex flex-wrap items-center gap-x-2 gap-y-1.5">
        <span className="text-quiet">Body mass, only if they choose to say:</span>
        <NumberBox
          className="w-12"
          label={`Body mass in ${units}`}
          value={shownIn(units, person.bodyKg)}
          onChange={(value) => onChange({ bodyKg: takenIn(units, value) })}
        />
        {units}
        <span className="ml-4 text-quiet">Time zone</span>
        <input
          aria-label="Time zone"
          list="time-zones"
          className={`${LINE} w-44`}
          value={person.timeZone ?? ""}
          onChange={(event) => onChange({ timeZone: event.target.value || undefined })}
        />
        <span className="text-quiet">E-mail for invitations</span>
        <input
          aria-label="E-mail for invitations"
          type="email"
          autoComplete="off"
          className={`${LINE} w-60`}
          value={person.email ?? ""}
          onChange={(event) => onChange({ email: event.target.value.trim() || undefined })}
        />
        <datalist id="time-zones">
          {zones.map((zone) => (
            <option key={zone} value={zone} />
          ))}
        </datalist>
      </p>
    </section>
  );
}

/** Patterns in which they work at another level than usual. */
function OtherLevels({ person, onChange }: { readonly person: Person; readonly onChange: Change }) {
  const words = useWords();
  const marks = Object.entries(person.marks ?? {}) as [Pattern, Mark][];
  const free = PATTERNS.filter((pattern) => !(pattern in (person.marks ?? {})));
  return (
    <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
      <span className="text-quiet">Another level for</span>
      {marks.map(([pattern, mark]) => (
        <span key={pattern} className="flex items-center gap-1">
          {words.name("pattern", pattern)}{" "}
          <select
            aria-label={`Level for ${words.name("pattern", pattern)}`}
            className={LINE}
            value={mark}
            onChange={(event) =>
              onChange({ marks: { ...person.marks, [pattern]: event.target.value as Mark } })
            }
          >
            {MARKS.map((entry) => (
              <option key={entry} value={entry}>
                {MARK_GLYPH[entry]} {words.name("mark", entry)}
              </option>
            ))}
          </select>
          <button
            type="button"
            aria-label={`No other level for ${words.name("pattern", pattern)}`}
            onClick={() => onChange({ marks: without(person.marks, pattern) })}
          >
            <X size={14} aria-hidden />
          </button>
        </span>
      ))}
      <select
        aria-label="Add a pattern with another level"
        className={LINE}
        value=""
        onChange={(event) => onChange({ marks: { ...person.marks, [event.target.value]: "flat" as const } })}
      >
        <option value="">a pattern…</option>
        {free.map((pattern) => (
          <option key={pattern} value={pattern}>
            {words.name("pattern", pattern)}
          </option>
        ))}
      </select>
    </div>
  );
}

/** Sets that are known: loads are worked out from them. */
function KnownSets({ person, onChange }: { readonly person: Person; readonly onChange: Change }) {
  const units = person.units ?? "kg";
  const sets = person.workingSets ?? [];
  const putSet = (i: number, part: Partial<WorkingSet>) =>
    onChange({ workingSets: sets.map((set, j) => (j === i ? { ...set, ...part } : set)) });
  return (
    <>
      <ul className="mt-2">
        {sets.map((set, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a set being written has no other name than its place
          <li key={i} className="flex flex-wrap items-center gap-x-2 border-b border-hairline py-1">
            <select
              aria-label={`Set ${i + 1}: move`}
              className={`${LINE} max-w-44`}
              value={set.move}
              onChange={(event) => putSet(i, { move: event.target.value })}
            >
              {WEIGHED.map((move) => (
                <option key={move.id} value={move.id}>
                  {move.name}
                </option>
              ))}
            </select>
            <NumberBox
              className="w-12"
              label={`Set ${i + 1}: ${units}`}
              value={shownIn(units, set.kg)}
              onChange={(value) => putSet(i, { kg: takenIn(units, value) })}
            />
            {units} each ×
            <NumberBox
              className="w-12"
              label={`Set ${i + 1}: reps`}
              value={set.reps}
              onChange={(value) => putSet(i, { reps: Math.max(1, Math.round(value ?? 1)) })}
            />
            with
            <NumberBox
              className="w-12"
              label={`Set ${i + 1}: in reserve`}
              value={set.rir}
              onChange={(value) => putSet(i, { rir: value === undefined ? undefined : Math.min(10, value) })}
            />
            in reserve
            <button
              type="button"
              aria-label={`Remove set ${i + 1}`}
              className="ml-auto p-1"
              onClick={() => onChange({ workingSets: sets.filter((_, j) => j !== i) })}
            >
              <X size={16} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      <Button
        look="bare"
        className="px-0"
        onClick={() =>
          onChange({ workingSets: [...sets, { move: WEIGHED[0]?.id ?? "", kg: 5, reps: 10, rir: 2 }] })
        }
      >
        Add a set that is known
      </Button>
    </>
  );
}
