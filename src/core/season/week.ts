/** The weeks of a season in numbers: hard sets by muscle, time, days. Worked out once a class, whoever asks. */
import type { ClassDoc } from "../class/document";
import { balanceOf } from "../effort/balance";
import type { Thresholds } from "../effort/thresholds";
import { LIBRARY_BOOK } from "../moves/library";
import type { Muscle } from "../moves/move";
import type { Ms, Seconds } from "../units";

export type Sets = ReadonlyMap<Muscle, number>;

/** A class on a date, as a season sees it. */
export interface PlannedClass {
  readonly id: string;
  /** From 0. */
  readonly week: number;
  /** `YYYY-MM-DD` in the season's zone. */
  readonly day: string;
  readonly atMs: Ms;
  readonly seconds: Seconds;
  readonly title: string;
  readonly doc: ClassDoc;
  readonly easier: boolean;
  /** On a day off. */
  readonly off: boolean;
  /** Roster ids of who is asked; null: everybody. */
  readonly people: readonly string[] | null;
}

const known = new WeakMap<ClassDoc, { readonly thresholds: Thresholds; readonly sets: Sets }>();

/** Hard sets of a class as it is set, by muscle. */
export function hardSetsOf(doc: ClassDoc, thresholds: Thresholds): Sets {
  const there = known.get(doc);
  if (there?.thresholds === thresholds) return there.sets;
  const sets = balanceOf(doc, LIBRARY_BOOK, thresholds).hardSets;
  known.set(doc, { thresholds, sets });
  return sets;
}

export interface Week {
  /** From 0. */
  readonly week: number;
  readonly easier: boolean;
  readonly classes: readonly PlannedClass[];
  readonly sets: Sets;
  readonly seconds: Seconds;
}

/** All weeks from the first to the last that has a class, empty ones too. */
export function weeksOf(classes: readonly PlannedClass[], thresholds: Thresholds): readonly Week[] {
  const last = Math.max(-1, ...classes.map(({ week }) => week));
  return Array.from({ length: last + 1 }, (_, week): Week => {
    const own = classes.filter((each) => each.week === week);
    const sets = new Map<Muscle, number>();
    for (const { doc } of own)
      for (const [muscle, n] of hardSetsOf(doc, thresholds)) sets.set(muscle, (sets.get(muscle) ?? 0) + n);
    return {
      week,
      easier: own.some(({ easier }) => easier),
      classes: own,
      sets,
      seconds: own.reduce((sum, { seconds }) => sum + seconds, 0),
    };
  });
}

/** The classes that somebody comes to. */
export function classesOf(classes: readonly PlannedClass[], person: string): readonly PlannedClass[] {
  return classes.filter(({ people }) => people === null || people.includes(person));
}
