import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import { THRESHOLDS } from "../effort/thresholds";
import { instantIn } from "../live/when";
import { checkSeasonPlan, personSeason, type SeasonSays, type SeasonView } from "./checks";
import { dayAfter } from "./pattern";
import { hardSetsOf, type PlannedClass } from "./week";

const doc = (move: string, rounds: number): ClassDoc => ({
  format: "brontle.class",
  version: 1,
  title: move,
  stance: "strength",
  blocks: [
    {
      id: "b",
      title: "Main",
      rounds,
      rest: 60,
      slots: [{ id: "s", move, dose: { reps: 8 }, load: { target: "heavy" } }],
    },
  ],
});
const legs = doc("goblet-squat", 4);
const push = doc("push-up", 4);
const ZONE = "Europe/Madrid";

/** A class on a day after Monday 1 March 2027. */
const on = (days: number, of = legs, more: Partial<PlannedClass> = {}): PlannedClass => {
  const day = dayAfter("2027-03-01", days);
  return {
    id: `d${days}`,
    week: Math.floor(days / 7),
    day,
    atMs: instantIn(day, "19:00", ZONE) ?? 0,
    seconds: 2400,
    title: of.title,
    doc: of,
    easier: false,
    off: false,
    people: null,
    ...more,
  };
};
const view = (
  classes: readonly PlannedClass[],
  says = "",
  people: SeasonView["people"] = [],
): SeasonView => ({
  plan: { timeZone: ZONE, says, weeks: 8, from: "2027-03-01", off: [] },
  classes,
  people,
});
const all = (classes: readonly PlannedClass[], says = "", people: SeasonView["people"] = []) =>
  checkSeasonPlan(view(classes, says, people), THRESHOLDS).map((finding) => finding.says);
const of = <C extends SeasonSays["code"]>(says: readonly SeasonSays[], code: C) =>
  says.filter((each): each is Extract<SeasonSays, { code: C }> => each.code === code);

describe("a season", () => {
  test("tells which muscles work hard again too soon, once for all weeks", () => {
    const soon = of(all([on(0), on(1), on(7), on(8)]), "too-soon");
    expect(soon).toHaveLength(1);
    expect(soon[0]).toMatchObject({ hours: 24, weeks: [0, 1] });
    expect(soon[0]?.muscles).toContain("quads");
    expect(of(all([on(0), on(1, push)]), "too-soon")).toEqual([]);
    expect(of(all([on(0), on(2)]), "too-soon")).toEqual([]);
    // Who comes to only one of them doesn't meet them both.
    expect(of(all([on(0, legs, { people: ["a"] }), on(1, legs, { people: ["b"] })]), "too-soon")).toEqual([]);
  });

  test("holds what was announced against the dates", () => {
    expect(of(all([on(0), on(1)], "every other day"), "not-as-said")[0]?.days).toEqual([
      ["2027-03-01", "2027-03-02"],
    ]);
    expect(of(all([on(0), on(2), on(4)], "every other day"), "not-as-said")).toEqual([]);
    expect(of(all([on(0), on(7), on(9), on(14)], "once a week"), "not-so-often")[0]?.weeks).toEqual([1]);
  });

  test("tells two at once, days off, days running", () => {
    const time = (from: string, to: string) => ({
      startMs: instantIn("2027-03-01", from, ZONE) ?? 0,
      endMs: instantIn("2027-03-01", to, ZONE) ?? 0,
    });
    const busy = (from: string, to: string) =>
      checkSeasonPlan({ ...view([on(0), on(2)]), busy: [time(from, to)] }, THRESHOLDS).map(
        ({ says }) => says,
      );
    expect(of(busy("19:30", "21:00"), "busy")[0]?.meets).toEqual(["d0"]);
    // One that ends as the class begins isn't met.
    expect(of(busy("17:00", "19:00"), "busy")).toEqual([]);
    expect(of(all([on(0), on(0, push, { id: "other" })]), "at-once")[0]?.pairs).toEqual([["d0", "other"]]);
    expect(of(all([on(3, legs, { off: true })]), "day-off")[0]?.days).toEqual(["2027-03-04"]);
    expect(of(all([on(0), on(1, push), on(2)]), "running")[0]).toMatchObject({
      days: 3,
      from: ["2027-03-01"],
    });
    expect(of(all([on(0), on(1, push)]), "running")).toEqual([]);
  });

  test("tells a jump, too much, too little, and a muscle that is forgotten for two weeks", () => {
    const jump = of(all([on(0, doc("goblet-squat", 4)), on(7, doc("goblet-squat", 9))]), "jump")[0];
    expect(jump?.muscles.find(({ muscle }) => muscle === "quads")).toMatchObject({
      week: 1,
      least: 4,
      most: 9,
    });
    expect(of(all([on(0), on(7)]), "jump")).toEqual([]);
    const many = of(all([on(0, doc("goblet-squat", 10)), on(3, doc("goblet-squat", 10))]), "week-many")[0];
    expect(many).toMatchObject({ bound: 16 });
    expect(all([on(0)])).toContainEqual(expect.objectContaining({ code: "week-few", bound: 6 }));
    const gone = of(all([on(0), on(7, push), on(14, push), on(21)]), "gone")[0];
    expect(gone?.muscles.find(({ muscle }) => muscle === "quads")?.weeks).toEqual([1, 2]);
    expect(of(all([on(0), on(7, push), on(14)]), "gone")).toEqual([]);
  });

  test("tells from which class on somebody elsewhere has another time of day", () => {
    const people = [
      { id: "e", name: "Emeka", timeZone: "Africa/Lagos" },
      { id: "i", name: "Ines", timeZone: ZONE },
      { id: "n", name: "Noor", timeZone: "America/New_York" },
    ];
    const weeks = [on(0), on(7), on(14), on(21), on(28)];
    const found = of(all(weeks, "", people), "clock-change");
    // Madrid goes forward on 28 March 2027, New York had on the 14th.
    expect(found.map(({ zone, day, minutes }) => [zone, day, minutes])).toEqual([
      ["Africa/Lagos", "2027-03-29", -60],
      ["America/New_York", "2027-03-15", 60],
      ["America/New_York", "2027-03-29", -60],
    ]);
    expect(found[0]).toMatchObject({ people: ["Emeka"], time: "18:00" });
  });

  test("of one person is what the classes that they come to give them", () => {
    const classes = [on(0, legs, { people: ["a"] }), on(2, push, { people: ["b"] }), on(4)];
    const people = [
      { id: "a", name: "Aiko" },
      { id: "b", name: "Bo" },
    ];
    expect(personSeason(view(classes, "", people), "a", THRESHOLDS)).toMatchObject({ classes: 2 });
    const bo = personSeason(view(classes, "", people), "b", THRESHOLDS);
    expect(bo?.weeks[0]?.sets.get("quads")).toBe(hardSetsOf(legs, THRESHOLDS).get("quads"));
    expect(personSeason(view(classes), "a", THRESHOLDS)).toBeNull();
  });

  test("doesn't hang on the order of its classes, and its lines are about pairs that are so", () => {
    const arb = fc.uniqueArray(
      fc.record({
        days: fc.nat(40),
        hard: fc.constantFrom(legs, push, doc("bent-over-row", 3)),
        people: fc.constantFrom(null, ["a"], ["b"], ["a", "b"]),
      }),
      { maxLength: 12, selector: ({ days }) => days },
    );
    fc.assert(
      fc.property(arb, fc.nat(1000), (list, turn) => {
        const classes = list.map(({ days, hard, people }) => on(days, hard, { people }));
        const turned =
          classes.length === 0
            ? []
            : [...classes.slice(turn % classes.length), ...classes.slice(0, turn % classes.length)];
        const found = checkSeasonPlan(view(classes), THRESHOLDS);
        expect(checkSeasonPlan(view(turned), THRESHOLDS)).toEqual(found);
        const soon = classes.some((a) =>
          classes.some((b) => {
            const hours = (b.atMs - a.atMs) / 3_600_000;
            if (a === b || hours < 0 || hours >= 48) return false;
            const both =
              a.people === null || b.people === null || a.people.some((id) => b.people?.includes(id));
            const [x, y] = [hardSetsOf(a.doc, THRESHOLDS), hardSetsOf(b.doc, THRESHOLDS)];
            return both && [...x].some(([muscle, n]) => n >= 2 && (y.get(muscle) ?? 0) >= 2);
          }),
        );
        expect(found.some(({ says }) => says.code === "too-soon")).toBe(soon);
      }),
      { numRuns: 60 },
    );
  });
});
