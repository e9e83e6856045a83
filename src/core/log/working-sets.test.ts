import { describe, expect, test } from "vitest";
import type { Slot } from "../class/document";
import type { KitItem } from "../homes/kit";
import { LIBRARY_BOOK } from "../moves/library";
import type { PartSlot } from "../parts/part";
import { partFor } from "../parts/parts";
import { Strengths } from "../strength/belief";
import { classOf } from "../testing/classes";
import { inEach, type SlotDone } from "./entries";
import { taughtSets, withTaught, workingSetOf } from "./working-sets";

const DAY = "2026-11-26";

function ownSlot(slot: Partial<Slot> & Pick<Slot, "move" | "dose">, kit: readonly KitItem[] = []): PartSlot {
  const doc = classOf([{ id: "m", title: "", slots: [{ id: "a", ...slot }] }]);
  const [own] = partFor(doc, { id: "p", name: "P", kit }, LIBRARY_BOOK).slots;
  if (!own) throw new Error("no slot");
  return own;
}
const move = (id: string) => LIBRARY_BOOK.get(id);
const pair = (kg: number): KitItem[] => [{ id: "d", type: "dumbbell", count: 2, kg }];

describe("a confirmed set", () => {
  test("is a known set of the move that was done, with what each thing weighs and what was left", () => {
    const own = ownSlot({ move: "bent-row", dose: { reps: 10 } }, pair(8));
    const of = (done: SlotDone) => workingSetOf(done, own, move("bent-row"), DAY);
    expect(of({ sets: 3, reps: 10, eachKg: 8 })).toEqual({ move: "bent-row", kg: 8, reps: 10, date: DAY });
    expect(of({ sets: 3, reps: 12, eachKg: 8, more: "2-3" })).toMatchObject({ reps: 12, rir: 2.5 });
    expect(of({ sets: 3, reps: 12, eachKg: 8, more: "0-1" })).toMatchObject({ rir: 0.5 });
    expect(of({ sets: 3, reps: 12, eachKg: 8, more: "4-or-more" })).toMatchObject({ rir: 4 });
    expect(of({ sets: 0, reps: 12, eachKg: 8 })).toBeNull();
  });

  test("counts the reps of one limb where they were counted in total", () => {
    const own = ownSlot({ move: "curl", sides: "alternating", count: "total", dose: { reps: 20 } }, pair(6));
    expect(workingSetOf({ sets: 2, reps: 20, eachKg: 6 }, own, move("curl"), DAY)).toMatchObject({
      reps: 10,
    });
    expect(workingSetOf({ sets: 2, reps: 16, eachKg: 6 }, own, move("curl"), DAY)).toMatchObject({ reps: 8 });
  });

  test("of before holds the sum: it is read as each", () => {
    const own = ownSlot({ move: "bent-row", dose: { reps: 10 } }, pair(8));
    expect(workingSetOf({ sets: 3, reps: 10, kg: 16 }, own, move("bent-row"), DAY)).toMatchObject({ kg: 8 });
    expect(inEach({ sets: 3, reps: 10, kg: 16 }, own)).toEqual({ sets: 3, reps: 10, eachKg: 8 });
    expect(inEach({ sets: 3, reps: 10, eachKg: 8 }, own)).toEqual({ sets: 3, reps: 10, eachKg: 8 });
  });

  test("counts as the move's strength does where another number of things was held", () => {
    // Split squats are stated for two weights; with one it is half of each.
    const one = ownSlot({ move: "weighted-split-squat", dose: { reps: 8 } }, [
      { id: "k", type: "kettlebell", kg: 12 },
    ]);
    const done = { sets: 2, reps: 8, eachKg: 12 };
    expect(workingSetOf(done, one, move("weighted-split-squat"), DAY)).toMatchObject({ kg: 6 });
  });

  test("of a timed piece says something only with how many more there were", () => {
    const own = ownSlot({ move: "goblet-squat", dose: { seconds: 35 } }, [
      { id: "k", type: "kettlebell", kg: 12 },
    ]);
    const of = (done: SlotDone) => workingSetOf(done, own, move("goblet-squat"), DAY);
    expect(of({ sets: 3, seconds: 35, eachKg: 12 })).toBeNull();
    expect(of({ sets: 3, reps: 9, eachKg: 12 })).toMatchObject({ kg: 12, reps: 9 });
    expect(of({ sets: 3, seconds: 35, eachKg: 12, more: "0-1" })).toMatchObject({
      kg: 12,
      reps: 10,
      rir: 0.5,
    });
  });

  test("of a band has its tension, of a hold its seconds, of a run or a stretch there is none", () => {
    const band: KitItem[] = [{ id: "b", type: "tube-band", tension: "medium", handles: true }];
    const row = ownSlot({ move: "band-row", dose: { reps: 12 } }, band);
    expect(workingSetOf({ sets: 3, reps: 12, more: "2-3" }, row, move("band-row"), DAY)).toEqual({
      move: "band-row",
      tension: "medium",
      reps: 12,
      rir: 2.5,
      date: DAY,
    });
    const plank = ownSlot({ move: "plank", dose: { hold: 30 } });
    expect(workingSetOf({ sets: 2, seconds: 45 }, plank, move("plank"), DAY)).toEqual({
      move: "plank",
      seconds: 45,
      date: DAY,
    });
    const run = ownSlot({ move: "march-on-the-spot", dose: { seconds: 40 } });
    expect(
      workingSetOf({ sets: 2, seconds: 40, more: "0-1" }, run, move("march-on-the-spot"), DAY),
    ).toBeNull();
  });

  test("makes the next belief surer, and heavier where more was left", () => {
    const own = ownSlot({ move: "bent-row", dose: { reps: 10 } }, pair(8));
    const belief = (done: SlotDone) => {
      const set = workingSetOf(done, own, move("bent-row"), DAY);
      const workingSets = set ? [set] : [];
      return new Strengths({ id: "p", name: "P", workingSets }, LIBRARY_BOOK, DAY).of(move("bent-row"));
    };
    const [few, some] = (["0-1", "2-3"] as const).map((more) =>
      belief({ sets: 3, reps: 12, eachKg: 12, more }),
    );
    expect(some?.mean).toBeGreaterThan(few?.mean as number);
    expect(some?.sets).toBe(1);
  });
});

describe("known sets", () => {
  const set = (kg: number, date: string, id = "bent-row") => ({ move: id, kg, reps: 10, date });

  test("of a day are those that were said last, of each move the latest four", () => {
    const known = [set(4, "2026-11-01"), set(5, "2026-11-02"), set(6, "2026-11-03"), set(7, "2026-11-04")];
    expect(withTaught(known, [set(8, DAY)]).map(({ kg }) => kg)).toEqual([5, 6, 7, 8]);
    expect(withTaught([...known, set(8, DAY)], [set(9, DAY)]).map(({ kg }) => kg)).toEqual([5, 6, 7, 9]);
    expect(withTaught([set(3, "2026-11-01", "curl")], [set(8, DAY)])).toHaveLength(2);
  });

  test("of two slots of one move are the one with more in it", () => {
    const own = ownSlot({ move: "bent-row", dose: { reps: 10 } }, pair(8));
    const slots = new Map([
      ["a", { sets: 3, reps: 10, eachKg: 8 }],
      ["b", { sets: 3, reps: 8, eachKg: 12 }],
    ]);
    expect(
      taughtSets(
        slots,
        () => own,
        (id) => LIBRARY_BOOK.get(id),
        DAY,
      ),
    ).toMatchObject([{ kg: 12, reps: 8 }]);
    expect(
      taughtSets(
        slots,
        () => undefined,
        () => undefined,
        DAY,
      ),
    ).toEqual([]);
  });
});
