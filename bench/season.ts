/**
 * A season of 26 weeks with three classes each and 40 people: all of its checks, for everybody and for each, from
 * nothing, and after an edit of one class.
 */
import { demoFile } from "../ops/seed";
import type { ClassDoc } from "../src/core/class/document";
import { THRESHOLDS } from "../src/core/effort/thresholds";
import { instantIn } from "../src/core/live/when";
import { checkSeasonPlan, personSeason, type SeasonView } from "../src/core/season/checks";
import { docInWeek } from "../src/core/season/grow";
import { dayAfter } from "../src/core/season/pattern";
import type { PlannedClass } from "../src/core/season/week";

const WEEKS = 26;
const PEOPLE = 40;
const ZONES = ["Atlantic/Reykjavik", "Europe/Madrid", "America/New_York", "Africa/Lagos"];
const FROM = "2027-01-04";
const RUNS = 15;

const bases = ["1-gale-warning", "2-stairwell-strength", "3-quay-intervals"].map(
  (name) => demoFile(`classes/${name}.json`) as ClassDoc,
);
const people = Array.from({ length: PEOPLE }, (_, i) => ({
  id: `p${i}`,
  name: `P ${i}`,
  timeZone: ZONES[i % 4],
}));

/** Every document is its own, as it is when it comes out of the database. */
const classes = (): PlannedClass[] =>
  Array.from({ length: WEEKS }, (_, week) =>
    bases.map((base, line): PlannedClass => {
      const day = dayAfter(FROM, week * 7 + line * 2 + 1);
      return {
        id: `${week} ${line}`,
        week,
        day,
        atMs: instantIn(day, "19:00", ZONES[0] as string) ?? 0,
        seconds: 2700,
        title: base.title,
        doc: structuredClone(docInWeek(base, { growEvery: 1, easierEvery: 4 }, week)),
        easier: week % 4 === 3,
        off: false,
        people: people.filter((_, i) => (i + line) % 3 !== 0).map(({ id }) => id),
      };
    }),
  ).flat();

function checked(all: readonly PlannedClass[]): number {
  const view: SeasonView = {
    plan: { timeZone: ZONES[0] as string, says: "every other day", weeks: WEEKS, from: FROM, off: [] },
    classes: all,
    people,
  };
  const found = checkSeasonPlan(view, THRESHOLDS).length;
  return people.reduce(
    (sum, { id }) => sum + (personSeason(view, id, THRESHOLDS)?.findings.length ?? 0),
    found,
  );
}

const median = (times: readonly number[]) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)] ?? 0;
const timed = (run: () => void) => {
  const from = performance.now();
  run();
  return performance.now() - from;
};

const whole: number[] = [];
const edited: number[] = [];
for (let i = 0; i < RUNS; i += 1) {
  const all = classes();
  whole.push(timed(() => checked(all)));
  const after = all.map((each, n) => (n === 40 ? { ...each, doc: structuredClone(each.doc) } : each));
  edited.push(timed(() => checked(after)));
}
console.log(
  `a season of ${WEEKS} weeks × 3 × ${PEOPLE} people: ${median(whole).toFixed(0)} ms; after an edit ${median(edited).toFixed(0)} ms`,
);
