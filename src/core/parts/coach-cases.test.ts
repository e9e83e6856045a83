import { describe, expect, test } from "vitest";
import type { Block, ClassDoc } from "../class/document";
import { readKit } from "../formats/kit-words";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { COACH_CASES, type CoachCase } from "./coach-cases";
import type { PartSlot } from "./part";
import { partFor } from "./parts";

const ON = "2026-11-26";

function personOf({ mark, bodyKg, limits, kit, sets }: CoachCase): Person {
  const read = readKit(kit);
  if (!read.ok) throw new Error(`${kit}: ${JSON.stringify(read.error)}`);
  return {
    id: "p",
    name: "P",
    mark: mark ?? "natural",
    kit: (read.value ?? []).map((item, i) => ({ ...item, id: `k${i}` })),
    space: { floor: "smooth" },
    ...(bodyKg === undefined ? {} : { bodyKg }),
    ...(limits === undefined ? {} : { limits }),
    ...(sets === undefined ? {} : { workingSets: sets }),
  };
}

function slotFor(one: CoachCase): PartSlot {
  const { move, dose, load, marks } = one;
  const rounds = [dose, load].map((list) => (Array.isArray(list) ? list.length : 1));
  const slot = { id: "s", move, dose, ...(load ? { load } : {}), ...(marks ? { marks } : {}) };
  const block = { id: "b", title: "", rounds: Math.max(...rounds), longRest: 90, slots: [slot] } as Block;
  const doc: ClassDoc = {
    format: "brontle.class",
    version: 1,
    title: "T",
    stance: one.stance ?? "strength",
    blocks: [block],
  };
  const [found] = partFor(doc, personOf(one), LIBRARY_BOOK, { on: ON }).slots;
  if (!found) throw new Error("no slot");
  return found;
}

const kgOf = (load: PartSlot["load"]) => (load && "kg" in load ? load.kg : null);
const HARDER = ["two-at-once", "one-limb", "slower", "pause", "one-and-a-half", "more-reps", "harder"];

function expectWithin(value: number | null, [least, most]: readonly [number, number]): void {
  expect(value).toBeGreaterThanOrEqual(least);
  expect(value).toBeLessThanOrEqual(most);
}

function expectKg(slot: PartSlot, kg: NonNullable<CoachCase["wants"]["kg"]>): void {
  if (typeof kg[0] === "number") expectWithin(kgOf(slot.load), kg as readonly [number, number]);
  else {
    (kg as readonly (readonly [number, number])[]).forEach((bounds, i) => {
      expectWithin(kgOf(slot.sets?.[i]?.load ?? null), bounds);
    });
  }
}

describe("a good coach would say:", () => {
  test.each(COACH_CASES.map((one) => [one.says, one] as const))("%s", (_, one) => {
    const slot = slotFor(one);
    const { move, notMove, kg, tension, reps, status, adjust } = one.wants;
    if (move) expect(move).toContain(slot.move);
    if (notMove) expect(notMove).not.toContain(slot.move);
    if (kg) expectKg(slot, kg);
    if (tension !== undefined) expect(slot.load).toEqual(tension === null ? null : { tension });
    if (reps) expectWithin(slot.reps?.plan ?? null, reps);
    if (status) expect(status).toContain(slot.status);
    if (adjust !== undefined) {
      const [first] = slot.adjust;
      const kind = first ? (HARDER.includes(first.code) ? "harder" : "easier") : null;
      expect(kind).toBe(adjust);
    }
    // Nobody is ever told only to start light.
    expect(slot.loadReason?.code).not.toBe("start-light");
  });

  test("in sixty cases or more", () => {
    expect(COACH_CASES.length).toBeGreaterThanOrEqual(60);
  });
});
