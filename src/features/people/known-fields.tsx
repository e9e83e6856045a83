"use client";
import { X } from "lucide-react";
import { useMemo } from "react";
import { MARK_GLYPH, MARKS, type Mark, type Person, type WorkingSet } from "@/core/homes/home";
import { LIBRARY } from "@/core/moves/library";
import { type Move, PATTERNS, type Pattern, TENSIONS } from "@/core/moves/move";
import { dayOf, type MassUnits } from "@/core/units";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { shownIn, takenIn } from "./mass-units";
import { NumberBox } from "./number-box";

const LINE = "border-b-2 border-pine bg-transparent font-bold";
/** Moves of which a known set teaches something. */
const TAUGHT = LIBRARY.filter((move) => move.strength || move.holdSeconds !== undefined);

const isWeighed = (move: Move | undefined) => move?.needs.some((list) => list.some(({ kg }) => kg)) ?? false;
const isBand = (move: Move | undefined) =>
  move?.needs.some((list) => list.some(({ as }) => as === "long-band" || as === "mini-band")) ?? false;

/** A set of a move as it begins: reps or seconds, and what that move holds. */
function startingSet(move: Move | undefined): WorkingSet {
  const begun = { move: move?.id ?? "", date: dayOf(Date.now()) };
  if (move?.holdSeconds !== undefined) return { ...begun, seconds: 30 };
  const held = isWeighed(move) ? { kg: 5 } : isBand(move) ? { tension: "medium" as const } : {};
  return { ...begun, ...held, reps: 10, rir: 2 };
}

function without<T extends object>(object: T | undefined, key: string): T | undefined {
  const { [key]: _gone, ...rest } = (object ?? {}) as Record<string, unknown>;
  return Object.keys(rest).length > 0 ? (rest as T) : undefined;
}

type Change = (part: Partial<Person>) => void;

/** Names of moves by id, in somebody's language. */
export type MoveNames = Readonly<Record<string, string>>;

/** The moves of which sets are known, by their names in a language, in the order of those. */
function taughtIn(names: MoveNames | undefined, locale: string) {
  const all = TAUGHT.map(({ id, name }) => ({ id, name: names?.[id] ?? name }));
  return names ? all.sort((a, b) => a.name.localeCompare(b.name, locale)) : all;
}

/** Levels that differ by pattern, sets that are known, and what else is said about a person. */
export function KnownFields({
  person,
  moveNames,
  onChange,
}: {
  readonly person: Person;
  readonly moveNames: MoveNames | undefined;
  readonly onChange: Change;
}) {
  const words = useWords();
  const zones = useMemo(() => Intl.supportedValuesOf("timeZone"), []);
  return (
    <section aria-labelledby="known-heading" className="mt-6 border-t border-hairline pt-3">
      <h2 id="known-heading" className="text-lg font-bold">
        {words.phrase("home", "known")}
      </h2>
      <OtherLevels person={person} onChange={onChange} />
      <KnownSets person={person} moveNames={moveNames} onChange={onChange} />
      <p className="mt-1 flex flex-wrap items-center gap-x-2 gap-y-1.5">
        <span className="text-quiet">{words.phrase("home", "timeZone")}</span>
        <input
          aria-label={words.phrase("home", "timeZone")}
          list="time-zones"
          className={`${LINE} w-44`}
          value={person.timeZone ?? ""}
          onChange={(event) => onChange({ timeZone: event.target.value || undefined })}
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
      <span className="text-quiet">{words.phrase("home", "otherLevel")}</span>
      {marks.map(([pattern, mark]) => (
        <span key={pattern} className="flex items-center gap-1">
          {words.name("pattern", pattern)}{" "}
          <select
            aria-label={words.phrase("home", "levelFor", { pattern: words.name("pattern", pattern) })}
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
            aria-label={words.phrase("home", "noLevelFor", { pattern: words.name("pattern", pattern) })}
            onClick={() => onChange({ marks: without(person.marks, pattern) })}
          >
            <X size={14} aria-hidden />
          </button>
        </span>
      ))}
      <select
        aria-label={words.phrase("home", "addPattern")}
        className={LINE}
        value=""
        onChange={(event) => onChange({ marks: { ...person.marks, [event.target.value]: "flat" as const } })}
      >
        <option value="">{words.phrase("home", "aPattern")}</option>
        {free.map((pattern) => (
          <option key={pattern} value={pattern}>
            {words.name("pattern", pattern)}
          </option>
        ))}
      </select>
    </div>
  );
}

/** One known set: a move, what was held, how many reps with how many left, or how long. */
function SetLine(props: {
  readonly n: number;
  readonly set: WorkingSet;
  /** From which to choose. */
  readonly moves: readonly { readonly id: string; readonly name: string }[];
  readonly units: MassUnits;
  readonly onChange: (set: WorkingSet) => void;
  readonly onRemove: () => void;
}) {
  const words = useWords();
  const { n, set, moves, units, onChange, onRemove } = props;
  const move = TAUGHT.find(({ id }) => id === set.move);
  const put = (part: Partial<WorkingSet>) => onChange({ ...set, ...part });
  return (
    <li className="flex flex-wrap items-center gap-x-2 border-b border-hairline py-1">
      <select
        aria-label={words.phrase("home", "setMove", { n })}
        className={`${LINE} max-w-44`}
        value={set.move}
        onChange={(event) => onChange(startingSet(TAUGHT.find(({ id }) => id === event.target.value)))}
      >
        {!move && <option value={set.move}>{set.move}</option>}
        {moves.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
      {set.tension !== undefined ? (
        <select
          aria-label={words.phrase("home", "setBand", { n })}
          className={LINE}
          value={set.tension}
          onChange={(event) => put({ tension: TENSIONS.find((one) => one === event.target.value) })}
        >
          {TENSIONS.map((tension) => (
            <option key={tension} value={tension}>
              {words.name("tension", tension)}
            </option>
          ))}
        </select>
      ) : (
        isWeighed(move) && (
          <>
            <NumberBox
              className="w-12"
              label={words.phrase("home", "setOf", { n, what: units })}
              value={shownIn(units, set.kg)}
              onChange={(value) => put({ kg: takenIn(units, value) })}
            />
            <span>{words.phrase("home", "unitEach", { unit: units })}</span>
          </>
        )
      )}
      {set.seconds !== undefined ? (
        <>
          <NumberBox
            className="w-12"
            label={words.phrase("home", "setOf", { n, what: words.phrase("home", "seconds") })}
            value={set.seconds}
            onChange={(value) => put({ seconds: Math.max(1, Math.round(value ?? 1)) })}
          />
          s
        </>
      ) : (
        <Reps n={n} set={set} put={put} />
      )}
      <button
        type="button"
        aria-label={words.phrase("home", "removeSet", { n })}
        className="ml-auto p-1"
        onClick={onRemove}
      >
        <X size={16} aria-hidden />
      </button>
    </li>
  );
}

/** How many reps, and how many were left. */
function Reps(props: {
  readonly n: number;
  readonly set: WorkingSet;
  readonly put: (part: Partial<WorkingSet>) => void;
}) {
  const words = useWords();
  const { n, set, put } = props;
  return (
    <>
      <span>×</span>
      <NumberBox
        className="w-12"
        label={words.phrase("home", "setOf", { n, what: words.phrase("home", "reps") })}
        value={set.reps}
        onChange={(value) => put({ reps: Math.max(1, Math.round(value ?? 1)) })}
      />
      {words.phrase("home", "with")}
      <NumberBox
        className="w-12"
        label={words.phrase("home", "setOf", { n, what: words.phrase("home", "inReserve") })}
        value={set.rir}
        onChange={(value) => put({ rir: value === undefined ? undefined : Math.min(10, value) })}
      />
      {words.phrase("home", "inReserve")}
    </>
  );
}

/** Sets that are known: loads are worked out from them. */
function KnownSets({
  person,
  moveNames,
  onChange,
}: {
  readonly person: Person;
  readonly moveNames: MoveNames | undefined;
  readonly onChange: Change;
}) {
  const words = useWords();
  const moves = useMemo(() => taughtIn(moveNames, words.locale), [moveNames, words.locale]);
  const units = person.units ?? "kg";
  const sets = person.workingSets ?? [];
  const putSet = (i: number, next: WorkingSet) =>
    onChange({ workingSets: sets.map((set, j) => (j === i ? next : set)) });
  return (
    <>
      <ul className="mt-2">
        {sets.map((set, i) => (
          <SetLine
            // biome-ignore lint/suspicious/noArrayIndexKey: a set being written has no other name than its place
            key={i}
            n={i + 1}
            set={set}
            moves={moves}
            units={units}
            onChange={(next) => putSet(i, next)}
            onRemove={() => onChange({ workingSets: sets.filter((_, j) => j !== i) })}
          />
        ))}
      </ul>
      <Button
        look="bare"
        className="px-0"
        onClick={() => onChange({ workingSets: [...sets, startingSet(TAUGHT.find(isWeighed))] })}
      >
        {words.phrase("home", "addSet")}
      </Button>
    </>
  );
}
