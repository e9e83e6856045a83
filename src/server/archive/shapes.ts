/** What each file of an archive holds, and the checks of it: nothing is taken in that Brontle wouldn't have written. */
import { array, boolean, lazy, mixed, number, object, type Schema, string, ValidationError } from "yup";
import type { ClassDoc } from "../../core/class/document";
import { MARKS, type Mark, type Person } from "../../core/homes/home";
import { LIMITS } from "../../core/homes/limits";
import type { Tonight } from "../../core/homes/tonight";
import { EVENT_KINDS, factsOf, type SessionEventKind } from "../../core/live/event-kinds";
import type { SessionEvent } from "../../core/live/events";
import type { Substitute } from "../../core/live/substitutes";
import type { LogField, LogValue } from "../../core/log/entries";
import type { Move } from "../../core/moves/move";
import { type Part, STATUSES } from "../../core/parts/part";
import { VERDICTS, type Verdict } from "../../core/progress/decisions";
import type { Step } from "../../core/progress/proposal";
import type { AloneDone } from "../../core/season/alone";
import { MOST_LINES, MOST_WEEKS, type SeasonPlan } from "../../core/season/pattern";
import { isTimeZone } from "../../core/settings/settings";
import { isDay } from "../../core/units";
import type { SoundBounds } from "../../core/values/sound";
import { fieldsSchema } from "../field-schema";
import type { FrozenMove } from "../frozen";
import { aloneSlots, written } from "../log-schema";
import { MOST_ENTRY_BYTES } from "./zip";

/** Of any file: parts of forty people at three levels are the longest lists. */
export const ENTRY: SoundBounds = { depth: 32, entries: 20_000, bytes: MOST_ENTRY_BYTES };

export interface ArchivedStudio {
  readonly format: "brontle.studio";
  readonly version: 1;
  readonly id: string;
  readonly name: string;
  readonly madeAt: string;
  readonly settings: Readonly<Record<string, unknown>>;
  /** Classes that went on while it was made, which aren't in it. */
  readonly goingOn: number;
}

export interface ArchivedClass {
  readonly id: string;
  readonly tags: readonly string[];
  readonly archived: boolean;
  readonly doc: ClassDoc;
  /** Those that were given a name. */
  readonly versions: readonly { readonly name: string; readonly at: string; readonly doc: ClassDoc }[];
}

export interface ArchivedSession {
  readonly id: string;
  readonly class: string | null;
  readonly state: "planned" | "ended" | "cancelled";
  readonly startsAt: string;
  readonly timeZone: string;
  readonly startedAt: string | null;
  readonly endedAt: string | null;
  readonly sequence: number;
  readonly title: string | null;
  readonly substitutes: readonly Substitute[];
  /** What it was taught from; null before. */
  readonly taught: {
    readonly doc: ClassDoc;
    readonly parts: readonly Part[];
    readonly partsByMark: Readonly<Record<Mark, readonly Part[]>> | null;
    readonly moves: readonly FrozenMove[];
  } | null;
  /** By roster id. */
  readonly people: readonly { readonly person: string; readonly tonight: Tonight | null }[];
  readonly events: readonly {
    readonly id: string;
    readonly kind: SessionEventKind;
    readonly payload: SessionEvent["payload"];
    readonly at: string;
  }[];
  readonly log: readonly {
    readonly person: string;
    readonly field: LogField;
    readonly value: LogValue;
    readonly by: string;
    readonly at: string;
  }[];
}

export interface ArchivedSeason {
  readonly id: string;
  readonly title: string;
  readonly plan: SeasonPlan;
  readonly classes: readonly {
    readonly week: number;
    readonly line: number;
    readonly session: string;
    readonly class: string;
    readonly made: ClassDoc;
  }[];
}

export interface ArchivedStep {
  readonly person: string;
  readonly move: string;
  readonly step: Step;
  readonly verdict: Verdict;
  readonly day: string;
  readonly evidence: string;
  readonly by: string;
  readonly at: string;
}

export interface ArchivedPlan {
  readonly id: string;
  readonly person: string;
  readonly title: string;
  readonly doc: ClassDoc;
  readonly day: string;
  readonly note: string;
  readonly withdrawn: boolean;
  readonly done: AloneDone | null;
  readonly doneAt: string | null;
}

const id = () => string().uuid().required();
const name = (most = 120) => string().min(1).max(most).required();
const at = () => string().datetime().required();
const day = () =>
  string()
    .test(
      "day",
      ({ path }) => `${path} is no day`,
      (text) => isDay(text ?? ""),
    )
    .required();
const zone = () =>
  name(60).test(
    "zone",
    ({ path }) => `${path} is no time zone`,
    (text) => isTimeZone(text ?? ""),
  );
/** Held against checks of its own where it is used. */
const whole = <T extends object = object>() =>
  mixed<T>()
    .test("object", ({ path }) => `${path} is no object`, isRecord)
    .required();
const isRecord = (value: unknown) => typeof value === "object" && value !== null && !Array.isArray(value);
const none = <S extends Schema>(schema: S) => schema.nullable().defined();

export const STUDIO = object({
  format: string().oneOf(["brontle.studio"]).required(),
  version: number().oneOf([1]).required(),
  id: id(),
  name: name(),
  madeAt: at(),
  settings: whole(),
  goingOn: number().integer().min(0).required(),
}).noUnknown();

export const MOVES = object({ moves: array().of(whole<Move>()).max(300).required() }).noUnknown();
export const ROSTER = object({
  format: string().required(),
  version: number().required(),
  people: array().of(whole<Person>()).max(2000).required(),
}).noUnknown();

export const CLASS = object({
  id: id(),
  tags: array().of(name(40)).max(50).required(),
  archived: boolean().required(),
  doc: whole<ClassDoc>(),
  versions: array()
    .of(object({ name: name(), at: at(), doc: whole<ClassDoc>() }).noUnknown())
    .max(500)
    .required(),
}).noUnknown();

/** What every reader of a part takes for given; the rest of it is only shown. */
const part = object({
  person: name(100),
  name: name(200),
  cost: number().required(),
  slots: array()
    .of(
      object({
        slot: name(100),
        status: string().oneOf(STATUSES).required(),
        mark: string().oneOf(MARKS).required(),
        move: none(string().max(100)),
        name: name(200),
        uses: array().max(100).required(),
        adjust: array().max(100).required(),
        why: whole(),
        cost: whole(),
        instead: array().max(100).required(),
      }),
    )
    .max(2000)
    .required(),
  bring: array().max(500).required(),
  changeovers: array().max(5000).required(),
  kinds: whole(),
});
const parts = () => array().of(part).max(500).required();

const tonight = none(
  object({
    limits: array().of(string().oneOf(LIMITS).required()).max(100),
    without: array().of(name(100)).max(200),
    mark: string().oneOf(MARKS),
  }).noUnknown(),
);

const KINDS = Object.keys(EVENT_KINDS) as SessionEventKind[];
const event = object({
  id: id(),
  kind: string().oneOf(KINDS).required(),
  payload: mixed().when("kind", ([kind]: unknown[]) => {
    const known = KINDS.find((each) => each === kind);
    return (known ? fieldsSchema(factsOf(known).payload, { ours: true }) : mixed()).required() as never;
  }),
  at: at(),
}).noUnknown();

const entry = lazy((given: unknown) => {
  const { field, value } = (given ?? {}) as { readonly field?: unknown; readonly value?: unknown };
  return object({
    person: name(100),
    field: name(110),
    value: mixed().nullable().defined(),
    by: name(200),
    at: at(),
  })
    .noUnknown()
    .test(
      "said",
      ({ path }) => `${path} is nothing that can be written down`,
      () => written.isValidSync([{ field, value }], { strict: true }),
    );
});

export const SESSION = object({
  id: id(),
  class: none(string().uuid()),
  state: string().oneOf(["planned", "ended", "cancelled"]).required(),
  startsAt: at(),
  timeZone: zone(),
  startedAt: none(string().datetime()),
  endedAt: none(string().datetime()),
  sequence: number().integer().min(0).max(1_000_000).required(),
  title: none(string().max(120)),
  substitutes: array()
    .of(object({ slot: name(100), move: name(100), person: string().max(100) }).noUnknown())
    .max(1000)
    .required(),
  taught: none(
    object({
      doc: whole<ClassDoc>(),
      parts: parts(),
      partsByMark: none(object({ flat: parts(), natural: parts(), sharp: parts() }).noUnknown()),
      moves: array()
        .of(object({ id: none(string().max(100)), name: name(), repSeconds: number().min(0).required() }))
        .max(2000)
        .required(),
    }).noUnknown(),
  ),
  people: array()
    .of(object({ person: name(100), tonight }).noUnknown())
    .max(2000)
    .required(),
  events: array().of(event).max(20_000).required(),
  log: array().of(entry).max(20_000).required(),
}).noUnknown();

export const SEASON = object({
  id: id(),
  title: name(),
  plan: object({
    from: day(),
    weeks: number().integer().min(1).max(MOST_WEEKS).required(),
    timeZone: zone(),
    lines: array()
      .of(
        object({
          weekday: number().integer().min(1).max(7).required(),
          time: string().length(5).required(),
          classId: id(),
          focus: string().max(60).defined(),
        }).noUnknown(),
      )
      .min(1)
      .max(MOST_LINES)
      .required(),
    growEvery: number().integer().required(),
    easierEvery: number().integer().required(),
    off: array().of(day()).max(200).required(),
    says: string().max(500).defined(),
  })
    .noUnknown()
    .required(),
  classes: array()
    .of(
      object({
        week: number().integer().min(0).required(),
        line: number().integer().min(0).required(),
        session: id(),
        class: id(),
        made: whole<ClassDoc>(),
      }).noUnknown(),
    )
    .max(500)
    .required(),
}).noUnknown();

const amount = () => number().min(0).max(100_000);
/** One of the steps of `core/progress/proposal.ts`. */
const step = object({
  do: name(20),
  fromKg: amount(),
  toKg: amount(),
  from: amount(),
  to: lazy((value) => (typeof value === "string" ? string().max(100) : amount())),
  way: string().oneOf(["easier", "harder"]),
  rounds: amount(),
  seconds: amount(),
}).noUnknown();

export const STEPS = object({
  steps: array()
    .of(
      object({
        person: name(100),
        move: name(100),
        step: step.required(),
        verdict: string().oneOf(VERDICTS).required(),
        day: day(),
        evidence: string().max(2000).defined(),
        by: name(200),
        at: at(),
      }).noUnknown(),
    )
    .max(20_000)
    .required(),
}).noUnknown();

export const PLAN = object({
  id: id(),
  person: name(100),
  title: name(),
  doc: whole<ClassDoc>(),
  day: day(),
  note: string().max(2000).defined(),
  withdrawn: boolean().required(),
  done: none(
    object({
      slots: aloneSlots,
      effort: none(number().integer().min(0).max(10)),
      note: string().max(1000).defined(),
      hurt: array().of(name(100)).max(200).required(),
      part,
    }).noUnknown(),
  ),
  doneAt: none(string().datetime()),
}).noUnknown();

/** The first thing in a value that isn't as its schema says, as a sentence; null where there is none. */
export function shapeFault(schema: Schema, value: unknown): string | null {
  try {
    schema.validateSync(value, { strict: true, abortEarly: true });
    return null;
  } catch (error) {
    if (error instanceof ValidationError) return error.message.slice(0, 200);
    throw error;
  }
}
