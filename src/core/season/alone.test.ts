import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { expand } from "../class/expand";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partFor } from "../parts/parts";
import { arbClass } from "../testing/arbitraries";
import { aloneMeant, aloneSets } from "./alone";

const person: Person = {
  id: "ines",
  name: "Ines",
  kit: [{ id: "d", type: "dumbbell", kg: 12, count: 2 }],
};

describe("a plan for somebody alone", () => {
  test("is their own sets in order with the rests between, without talk, and none after the last", () => {
    const doc = {
      format: "brontle.class",
      version: 1,
      title: "Pier",
      stance: "strength",
      blocks: [
        {
          id: "b",
          title: "Legs",
          brief: 60,
          rounds: 2,
          rest: 20,
          longRest: 60,
          slots: [
            { id: "s", move: "goblet-squat", dose: { reps: 10 } },
            { id: "p", move: "plank", dose: { hold: 30 } },
          ],
        },
      ],
    } as const;
    const sets = aloneSets(doc, partFor(doc, person, LIBRARY_BOOK), LIBRARY_BOOK);
    expect(sets.map(({ slot, nth, of, restSeconds }) => [slot, nth, of, restSeconds])).toEqual([
      ["s", 1, 2, 20],
      ["p", 1, 2, 60],
      ["s", 2, 2, 20],
      ["p", 2, 2, 0],
    ]);
    expect(sets[0]).toMatchObject({ reps: 10, seconds: null });
    expect(sets[1]?.seconds).toBeGreaterThan(0);
    expect(aloneMeant(sets)).toMatchObject({ s: { sets: 2, reps: 10 }, p: { sets: 2 } });
  });

  test("of any class has a set for each piece that they can do, and nothing that they can't", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const part = partFor(doc, person, LIBRARY_BOOK);
        const sets = aloneSets(doc, part, LIBRARY_BOOK);
        const able = new Set(part.slots.filter(({ status }) => status !== "unmet").map(({ slot }) => slot));
        for (const each of sets) {
          expect(able.has(each.slot)).toBe(true);
          expect(each.nth).toBeLessThanOrEqual(each.of);
          expect(each.restSeconds).toBeGreaterThanOrEqual(0);
        }
        expect(sets.at(-1)?.restSeconds ?? 0).toBe(0);
        const uncapped = doc.blocks.every(({ cap }) => cap === undefined);
        const whole = part.slots.every(({ rounds }) => rounds === undefined);
        if (uncapped && whole) {
          const pieces = expand(doc, LIBRARY_BOOK).filter(
            ({ kind, slot }) => kind === "work" && able.has(slot ?? ""),
          );
          expect(sets).toHaveLength(pieces.length);
        }
      }),
      { numRuns: 50 },
    );
  });
});
