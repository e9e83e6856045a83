import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { THRESHOLDS } from "../effort/thresholds";
import { MARKS } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { classOf } from "../testing/classes";
import { shapePieces, spreadOf } from "./shape-json";

const doc = classOf([
  {
    id: "m",
    title: "",
    rounds: 3,
    rest: 20,
    slots: [
      { id: "a", move: "goblet-squat", dose: { reps: 8 }, load: { rir: 1 } },
      { id: "b", move: "press-up", dose: { seconds: 40 } },
    ],
  },
]);

/** What the command prints, read back. */
interface Shape {
  readonly asSet: { readonly effort: object; readonly balance: { readonly hardSets: object } };
  readonly people: readonly {
    readonly person: string;
    readonly effort: { readonly sessionLoad: number };
    readonly balance: { readonly hardSets: Readonly<Record<string, number>> };
  }[];
  readonly spread: {
    readonly sessionLoad: object | null;
    readonly hardSets: Readonly<Record<string, object>>;
  };
}
const read = (pieces: Iterable<string>) => JSON.parse([...pieces].join("")) as Shape;

describe("a spread", () => {
  test("is the least, a middle one and the most of the numbers, in whatever order they come", () => {
    expect(spreadOf([])).toBeNull();
    fc.assert(
      fc.property(fc.array(fc.integer(), { minLength: 1, maxLength: 30 }), (values) => {
        const spread = spreadOf(values);
        if (!spread) throw new Error("no spread");
        expect(spread.least).toBe(Math.min(...values));
        expect(spread.most).toBe(Math.max(...values));
        expect(values).toContain(spread.middle);
        const below = values.filter((value) => value < spread.middle).length;
        const above = values.filter((value) => value > spread.middle).length;
        expect(below).toBeLessThanOrEqual(values.length / 2);
        expect(above).toBeLessThanOrEqual(values.length / 2);
        expect(spreadOf([...values].reverse())).toEqual(spread);
      }),
    );
  });
});

describe("a class's shape as data", () => {
  const people = [
    { id: "p", name: "P", kit: [{ id: "kb", type: "kettlebell" as const, kg: 12 }] },
    { id: "q", name: "Q", kit: [] },
  ];
  const parts = partsFor(doc, people, LIBRARY_BOOK);
  const shape = read(shapePieces(doc, LIBRARY_BOOK, parts, THRESHOLDS));

  test("has the curve at every mark, everyone's own, and survives being written and read", () => {
    expect(Object.keys(shape.asSet.effort)).toEqual([...MARKS]);
    expect(shape.people.map(({ person }) => person)).toEqual(["p", "q"]);
    expect(JSON.parse(JSON.stringify(shape))).toEqual(shape);
    expect(Object.keys(shape.asSet.balance.hardSets).length).toBeGreaterThan(0);
  });

  test("spreads over the parts what each of them comes to", () => {
    const loads = shape.people.map(({ effort }) => effort.sessionLoad);
    expect(shape.spread.sessionLoad).toEqual(spreadOf(loads));
    for (const [muscle, spread] of Object.entries(shape.spread.hardSets)) {
      const sets = shape.people.map(({ balance }) => balance.hardSets[muscle] ?? 0);
      expect(spread).toEqual(spreadOf(sets));
    }
  });

  test("without people spreads nothing", () => {
    const alone = read(shapePieces(doc, LIBRARY_BOOK, [], THRESHOLDS));
    expect(alone.people).toEqual([]);
    expect(alone.spread).toMatchObject({ hardSets: {}, landings: null, sessionLoad: null });
  });
});
