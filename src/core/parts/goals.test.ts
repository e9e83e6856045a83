import { describe, expect, test } from "vitest";
import type { ClassDoc, Slot } from "../class/document";
import type { Goal } from "../homes/goals";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partFor } from "./parts";

const doc = (slot: Partial<Slot> = {}, role: "main" | "warmup" = "main"): ClassDoc => ({
  format: "brontle.class",
  version: 1,
  title: "Quay",
  stance: "strength",
  blocks: [
    {
      id: "b",
      title: "Legs",
      role,
      rounds: 3,
      rest: 60,
      slots: [{ id: "s", move: "goblet-squat", dose: { reps: { min: 8, max: 12 } }, ...slot }],
    },
  ],
});
const person = (goal?: Goal, move = "goblet-squat"): Person => ({
  id: "ines",
  name: "Ines",
  bodyKg: 70,
  kit: [8, 10, 12, 14, 16].map((kg) => ({ id: `d${kg}`, type: "dumbbell" as const, kg, count: 1 })),
  workingSets: [{ move: "goblet-squat", kg: 14, reps: 12, rir: 3, date: "2026-11-20" }],
  ...(goal ? { goals: { [move]: goal } } : {}),
});
const slotOf = (who: Person, of = doc(), on = "2026-11-27") => {
  const [slot] = partFor(of, who, LIBRARY_BOOK, { on }).slots;
  if (!slot) throw new Error("no slot");
  return slot;
};
const since = "2026-11-27";

describe("a goal in somebody's part", () => {
  test("is the weight of every set, of the weights that the home has", () => {
    const without = slotOf(person());
    const kg = (slot: ReturnType<typeof slotOf>) => (slot.load && "kg" in slot.load ? slot.load.kg : null);
    const usual = kg(without) ?? 0;
    expect(without.goal).toBeUndefined();
    const more = slotOf(person({ since, kg: usual + 2 }));
    expect(kg(more)).toBe(usual + 2);
    expect(more.goal).toEqual({ since, kg: usual + 2 });
    // Who is known to manage more isn't held back, unless it is to be less.
    expect(kg(slotOf(person({ since, kg: usual - 2 })))).toBe(usual);
    expect(kg(slotOf(person({ since, kg: usual - 2, atMost: true })))).toBe(usual - 2);
    // Written for all in kilograms, it stays as it is written.
    expect(kg(slotOf(person({ since, kg: 14 }), doc({ load: { kg: 10 } })))).toBe(10);
  });

  test("is reps, slower and another move, and never in a warm-up", () => {
    expect(slotOf(person({ since, reps: 13 })).reps?.plan).toBe(13);
    // Another range isn't meant by it.
    expect(slotOf(person({ since, reps: 13 }), doc({ dose: { reps: 5 } })).reps?.plan).toBe(5);
    expect(slotOf(person({ since, on: ["slower"] })).tempo).toMatch(/^\d+-\d+-\d+-\d+$/);
    expect(slotOf(person({ since, move: "bodyweight-squat" })).move).toBe("bodyweight-squat");
    expect(slotOf(person({ since, kg: 8 }), doc({}, "warmup")).goal).toBeUndefined();
  });

  test("is over after six weeks, and isn't there before its day", () => {
    expect(slotOf(person({ since, kg: 8 }), doc(), "2027-01-08").goal).toBeDefined();
    expect(slotOf(person({ since, kg: 8 }), doc(), "2027-01-09").goal).toBeUndefined();
    expect(slotOf(person({ since, kg: 8 }), doc(), "2026-11-26").goal).toBeUndefined();
  });

  test("is so many of the class's sets, where it has more", () => {
    expect(slotOf(person()).sets).toHaveLength(3);
    const fewer = slotOf(person({ since, rounds: 2 }));
    expect(fewer.sets).toHaveLength(2);
    expect(fewer.rounds).toBe(2);
    expect(slotOf(person({ since, rounds: 5 })).sets).toHaveLength(3);
    expect(slotOf(person({ since, rounds: 5 })).rounds).toBeUndefined();
  });

  test("stops a hold early where the class holds longer, and never lengthens it", () => {
    const hold = doc({ move: "plank", dose: { hold: 40 } });
    expect(slotOf(person({ since, seconds: 35 }, "plank"), hold).seconds).toBe(35);
    expect(slotOf(person({ since, seconds: 50 }, "plank"), hold).seconds ?? 40).toBe(40);
  });

  test("of somebody else changes nothing for whom it isn't", () => {
    const plain = person();
    const before = partFor(doc(), plain, LIBRARY_BOOK, { on: since });
    partFor(doc(), person({ since, kg: 8 }), LIBRARY_BOOK, { on: since });
    expect(partFor(doc(), { ...plain }, LIBRARY_BOOK, { on: since })).toEqual(before);
  });
});
