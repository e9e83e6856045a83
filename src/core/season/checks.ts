/**
 * What a season contradicts: too much or too little of a muscle, too soon again, days running, two classes at once, a
 * jump, a muscle forgotten, holidays, clocks that change between zones. One line a cause, over all the weeks it holds in.
 */
import type { Thresholds } from "../effort/thresholds";
import { fieldsIn } from "../live/when";
import type { Muscle } from "../moves/move";
import type { Ms } from "../units";
import { type BusyTime, busyAt } from "./busy-calendar";
import { examine } from "./exam";
import { daysFrom, mondayOf, type SeasonPlan } from "./pattern";
import { classesOf, hardSetsOf, type PlannedClass, type Week, weeksOf } from "./week";

export const SEASON_RANKS = ["fix", "consider"] as const;
export type SeasonRank = (typeof SEASON_RANKS)[number];

/** A muscle with the weeks, from 0, in which something holds of it, and the sets there. */
export interface MuscleWeeks {
  readonly muscle: Muscle;
  readonly weeks: readonly number[];
  readonly least: number;
  readonly most: number;
}

export type SeasonSays =
  | { readonly code: "at-once"; readonly pairs: readonly (readonly [string, string])[] }
  /** At a time that a calendar of the instructors' says is taken. */
  | { readonly code: "busy"; readonly meets: readonly string[] }
  | { readonly code: "day-off"; readonly days: readonly string[] }
  | {
      readonly code: "not-as-said";
      readonly says: string;
      readonly days: readonly (readonly [string, string])[];
    }
  | {
      readonly code: "not-so-often";
      readonly says: string;
      readonly said: number;
      readonly weeks: readonly number[];
    }
  | {
      readonly code: "too-soon";
      readonly muscles: readonly Muscle[];
      readonly hours: number;
      readonly weeks: readonly number[];
    }
  | { readonly code: "running"; readonly days: number; readonly from: readonly string[] }
  | {
      readonly code: "week-many" | "week-few";
      readonly bound: number;
      readonly muscles: readonly MuscleWeeks[];
    }
  | { readonly code: "jump"; readonly muscles: readonly (MuscleWeeks & { readonly week: number })[] }
  | {
      readonly code: "gone";
      readonly muscles: readonly { readonly muscle: Muscle; readonly weeks: readonly number[] }[];
    }
  | {
      readonly code: "clock-change";
      readonly zone: string;
      readonly people: readonly string[];
      readonly day: string;
      readonly minutes: number;
      /** The time of day there from then on. */
      readonly time: string;
    };

export interface SeasonFinding {
  readonly rank: SeasonRank;
  readonly says: SeasonSays;
  /** Ids of the classes that it is about, the first first. */
  readonly classes: readonly string[];
}

export interface SeasonView {
  readonly plan: Pick<SeasonPlan, "timeZone" | "says" | "weeks" | "from" | "off">;
  readonly classes: readonly PlannedClass[];
  /** Times that are taken already, of those who teach. */
  readonly busy?: readonly Pick<BusyTime, "startMs" | "endMs">[];
  readonly people: readonly {
    readonly id: string;
    readonly name: string;
    readonly timeZone?: string | undefined;
  }[];
}

const HOUR_MS = 3_600_000;
/** Hard sets from which a muscle has worked hard in a class. */
const HARD_EXPOSURE = 2;
/** So many days running are told. */
const RUNNING_DAYS = 3;
/** A week has jumped where a muscle has half as many again, and at least so many more; our own line, there is no tested one. */
const JUMP_SHARE = 1.5;
const JUMP_SETS = 4;
const GONE_WEEKS = 2;

const inOrder = (classes: readonly PlannedClass[]) => [...classes].sort((a, b) => a.atMs - b.atMs);
const meets = (a: PlannedClass, b: PlannedClass) =>
  a.people === null || b.people === null || a.people.some((id) => b.people?.includes(id));

function atOnce(classes: readonly PlannedClass[]): SeasonFinding[] {
  const pairs: [PlannedClass, PlannedClass][] = [];
  classes.forEach((a, i) => {
    for (const b of classes.slice(i + 1)) {
      if (b.atMs >= a.atMs + a.seconds * 1000) break;
      pairs.push([a, b]);
    }
  });
  if (pairs.length === 0) return [];
  return [
    {
      rank: "fix",
      says: { code: "at-once", pairs: pairs.map(([a, b]) => [a.id, b.id] as const) },
      classes: [...new Set(pairs.flatMap(([a, b]) => [a.id, b.id]))],
    },
  ];
}

function whileBusy(classes: readonly PlannedClass[], busy: SeasonView["busy"] = []): SeasonFinding[] {
  const met = classes.filter(({ atMs, seconds }) => busyAt(busy, atMs, atMs + seconds * 1000).length > 0);
  if (met.length === 0) return [];
  const ids = met.map(({ id }) => id);
  return [{ rank: "fix", says: { code: "busy", meets: ids }, classes: ids }];
}

function daysOff(classes: readonly PlannedClass[]): SeasonFinding[] {
  const on = classes.filter(({ off }) => off);
  if (on.length === 0) return [];
  const days = [...new Set(on.map(({ day }) => day))];
  return [{ rank: "fix", says: { code: "day-off", days }, classes: on.map(({ id }) => id) }];
}

/** Pairs of classes on days that follow one another. */
function nextDays(classes: readonly PlannedClass[]): readonly (readonly [PlannedClass, PlannedClass])[] {
  return classes.flatMap((a, i) => {
    const next = classes.slice(i + 1).find(({ day }) => day > a.day);
    return next && daysFrom(a.day, next.day) === 1 && meets(a, next) ? [[a, next] as const] : [];
  });
}

/** What was announced against the dates. */
function announced(
  { says, from, off }: SeasonView["plan"],
  classes: readonly PlannedClass[],
  weeks: readonly Week[],
) {
  const { everyOther, times } = examine(says);
  // A week with a day off may have fewer.
  const short = new Set(off.map((day) => Math.floor(daysFrom(mondayOf(from), day) / 7)));
  const found: SeasonFinding[] = [];
  const pairs = everyOther ? nextDays(classes) : [];
  if (pairs.length > 0) {
    const days = pairs.map(([a, b]) => [a.day, b.day] as const);
    const distinct = days.filter((each, i) => days.findIndex(([from]) => from === each[0]) === i);
    found.push({
      rank: "fix",
      says: { code: "not-as-said", says, days: distinct },
      classes: [...new Set(pairs.flatMap(([a, b]) => [a.id, b.id]))],
    });
  }
  const other = times
    ? weeks.filter(({ classes: own, week }) => {
        const days = new Set(own.map(({ day }) => day)).size;
        // A first or last week may be cut short.
        const isEdge = week === 0 || week === weeks.length - 1 || short.has(week);
        return days > times.n || (days < times.n && !isEdge);
      })
    : [];
  if (times && other.length > 0)
    found.push({
      rank: "fix",
      says: { code: "not-so-often", says, said: times.n, weeks: other.map(({ week }) => week) },
      classes: other.flatMap(({ classes: own }) => own.map(({ id }) => id)),
    });
  return found;
}

/** Muscles that work hard again too soon, merged over all weeks by which muscles they are. */
function tooSoon(classes: readonly PlannedClass[], thresholds: Thresholds): SeasonFinding[] {
  const byMuscles = new Map<
    string,
    { muscles: Muscle[]; hours: number; weeks: Set<number>; ids: Set<string> }
  >();
  classes.forEach((a, i) => {
    for (const b of classes.slice(i + 1)) {
      const hours = (b.atMs - a.atMs) / HOUR_MS;
      if (hours >= thresholds.exposureHours) break;
      if (!meets(a, b)) continue;
      const [x, y] = [hardSetsOf(a.doc, thresholds), hardSetsOf(b.doc, thresholds)];
      const muscles = [...x.keys()].filter(
        (muscle) => (x.get(muscle) ?? 0) >= HARD_EXPOSURE && (y.get(muscle) ?? 0) >= HARD_EXPOSURE,
      );
      if (muscles.length === 0) continue;
      const key = muscles.sort().join(" ");
      const there = byMuscles.get(key) ?? { muscles, hours, weeks: new Set(), ids: new Set() };
      there.hours = Math.min(there.hours, hours);
      there.weeks.add(b.week);
      there.ids.add(a.id).add(b.id);
      byMuscles.set(key, there);
    }
  });
  return [...byMuscles.values()].map(({ muscles, hours, weeks, ids }) => ({
    rank: "fix" as const,
    says: { code: "too-soon", muscles, hours: Math.round(hours), weeks: [...weeks].sort((p, q) => p - q) },
    classes: [...ids],
  }));
}

/** Stretches of days with a class each, of the length from which it is told. */
function daysRunning(classes: readonly PlannedClass[]): SeasonFinding[] {
  const days = [...new Set(classes.map(({ day }) => day))].sort();
  const stretches: string[][] = [];
  for (const day of days) {
    const last = stretches.at(-1);
    if (last && daysFrom(last.at(-1) as string, day) === 1) last.push(day);
    else stretches.push([day]);
  }
  const long = stretches.filter(({ length }) => length >= RUNNING_DAYS);
  if (long.length === 0) return [];
  const within = new Set(long.flat());
  return [
    {
      rank: "consider",
      says: {
        code: "running",
        days: Math.max(...long.map(({ length }) => length)),
        from: long.map(([first]) => first as string),
      },
      classes: classes.filter(({ day }) => within.has(day)).map(({ id }) => id),
    },
  ];
}

/** Weeks, muscle by muscle, in which something holds of its sets. */
function byMuscle(
  weeks: readonly Week[],
  muscles: readonly Muscle[],
  holds: (sets: number, week: Week) => boolean,
): readonly MuscleWeeks[] {
  return muscles.flatMap((muscle): MuscleWeeks[] => {
    const own = weeks.filter((week) => holds(week.sets.get(muscle) ?? 0, week));
    if (own.length === 0) return [];
    const sets = own.map((week) => week.sets.get(muscle) ?? 0);
    return [
      { muscle, weeks: own.map(({ week }) => week), least: Math.min(...sets), most: Math.max(...sets) },
    ];
  });
}

const idsIn = (weeks: readonly Week[], lines: readonly { readonly weeks: readonly number[] }[]) => {
  const within = new Set(lines.flatMap((line) => line.weeks));
  return weeks.filter(({ week }) => within.has(week)).flatMap(({ classes }) => classes.map(({ id }) => id));
};

/** Hard sets a muscle and week against the stance's range; of an easier week only what is too much. */
function amounts(
  weeks: readonly Week[],
  muscles: readonly Muscle[],
  thresholds: Thresholds,
): SeasonFinding[] {
  const stance = weeks.flatMap(({ classes }) => classes)[0]?.doc.stance ?? "strength";
  const [least, most] = thresholds.stance[stance].weekSets;
  const many = byMuscle(weeks, muscles, (sets) => sets > most);
  const few = byMuscle(weeks, muscles, (sets, { easier }) => !easier && sets > 0 && sets < least);
  const found: SeasonFinding[] = [];
  if (many.length > 0)
    found.push({
      rank: "fix",
      says: { code: "week-many", bound: most, muscles: many },
      classes: idsIn(weeks, many),
    });
  if (few.length > 0)
    found.push({
      rank: "consider",
      says: { code: "week-few", bound: least, muscles: few },
      classes: idsIn(weeks, few),
    });
  return found;
}

/** Much more of a muscle than in the fullest of the weeks before. */
function jumps(weeks: readonly Week[], muscles: readonly Muscle[]): SeasonFinding[] {
  const lines = muscles.flatMap((muscle) => {
    let before = 0;
    return weeks.flatMap(({ week, sets: all }, i) => {
      const sets = all.get(muscle) ?? 0;
      const isJump = i > 0 && before > 0 && sets >= before * JUMP_SHARE && sets - before >= JUMP_SETS;
      const line = { muscle, weeks: [week], week, least: before, most: sets };
      before = Math.max(before, sets);
      return isJump ? [line] : [];
    });
  });
  if (lines.length === 0) return [];
  return [{ rank: "fix", says: { code: "jump", muscles: lines }, classes: idsIn(weeks, lines) }];
}

/** Two weeks and more without any of a muscle that is worked in the others. */
function gone(weeks: readonly Week[], muscles: readonly Muscle[]): SeasonFinding[] {
  const lines = muscles.flatMap((muscle) => {
    const empty = weeks.filter(({ sets }) => (sets.get(muscle) ?? 0) === 0).map(({ week }) => week);
    const long = empty.filter((week) =>
      [0, 1].some((back) =>
        Array.from({ length: GONE_WEEKS }, (_, i) => week - back + i).every((each) => empty.includes(each)),
      ),
    );
    return long.length > 0 ? [{ muscle, weeks: long }] : [];
  });
  if (lines.length === 0) return [];
  return [{ rank: "consider", says: { code: "gone", muscles: lines }, classes: [] }];
}

/** Minutes by which a zone's clock is ahead of another's at an instant. */
function ahead(atMs: Ms, zone: string, of: string): number {
  const minutes = (timeZone: string) => {
    const { date, time } = fieldsIn(atMs, timeZone);
    return Date.parse(`${date}T${time}:00Z`) / 60_000;
  };
  return minutes(zone) - minutes(of);
}

/** Zones whose clocks change on other days than the season's: from then on the class is at another time of day there. */
function clockChanges({ plan, people }: SeasonView, classes: readonly PlannedClass[]): SeasonFinding[] {
  const zones = new Map<string, string[]>();
  for (const { name, timeZone } of people)
    if (timeZone && timeZone !== plan.timeZone) zones.set(timeZone, [...(zones.get(timeZone) ?? []), name]);
  return [...zones].flatMap(([zone, names]) =>
    classes.flatMap((each, i): SeasonFinding[] => {
      const before = classes[i - 1];
      if (!before) return [];
      const minutes = ahead(each.atMs, zone, plan.timeZone) - ahead(before.atMs, zone, plan.timeZone);
      if (minutes === 0) return [];
      const { time } = fieldsIn(each.atMs, zone);
      const says = { code: "clock-change", zone, people: names, day: each.day, minutes, time } as const;
      return [{ rank: "consider", says, classes: [each.id] }];
    }),
  );
}

/** Muscles that work hard anywhere in it. */
function musclesOf(weeks: readonly Week[]): readonly Muscle[] {
  const all = new Set<Muscle>();
  for (const { sets } of weeks) for (const [muscle, n] of sets) if (n >= HARD_EXPOSURE) all.add(muscle);
  return [...all].sort();
}

/** What hangs on who comes: amounts, recovery, jumps. */
function ofMuscles(weeks: readonly Week[], classes: readonly PlannedClass[], thresholds: Thresholds) {
  const muscles = musclesOf(weeks);
  return [
    ...tooSoon(classes, thresholds),
    ...jumps(weeks, muscles),
    ...amounts(weeks, muscles, thresholds),
    ...gone(weeks, muscles),
  ];
}

const byRank = (a: SeasonFinding, b: SeasonFinding) =>
  SEASON_RANKS.indexOf(a.rank) - SEASON_RANKS.indexOf(b.rank);

/** All that a season says of itself, the gravest first. */
export function checkSeasonPlan(view: SeasonView, thresholds: Thresholds): readonly SeasonFinding[] {
  const classes = inOrder(view.classes);
  const weeks = weeksOf(classes, thresholds);
  return [
    ...atOnce(classes),
    ...whileBusy(classes, view.busy),
    ...daysOff(classes),
    ...announced(view.plan, classes, weeks),
    ...ofMuscles(weeks, classes, thresholds),
    ...daysRunning(classes),
    ...clockChanges(view, classes),
  ].sort(byRank);
}

export interface PersonSeason {
  readonly id: string;
  readonly name: string;
  readonly classes: number;
  readonly weeks: readonly Week[];
  readonly findings: readonly SeasonFinding[];
}

/** What the classes that somebody comes to give them. */
export function personSeason(view: SeasonView, id: string, thresholds: Thresholds): PersonSeason | null {
  const person = view.people.find((each) => each.id === id);
  if (!person) return null;
  const classes = inOrder(classesOf(view.classes, id));
  const weeks = weeksOf(classes, thresholds);
  return {
    id,
    name: person.name,
    classes: classes.length,
    weeks,
    findings: [...ofMuscles(weeks, classes, thresholds), ...daysRunning(classes)].sort(byRank),
  };
}
