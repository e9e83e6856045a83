import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import type { PartSlot } from "../parts/part";
import { classOf } from "../testing/classes";
import { anotherWay } from "./another-way";

const doc = classOf([
  {
    id: "b",
    title: "Main",
    slots: [
      {
        id: "p",
        move: "floor-press-up",
        dose: { reps: 10 },
        marks: { flat: { move: "wall-press-up" }, sharp: { reps: 14 } },
      },
      { id: "s", move: "squat", dose: { reps: 12 }, marks: { flat: { reps: 6 } } },
      { id: "m", move: "march-on-the-spot", dose: { seconds: 40 } },
    ],
  },
]);
const home = { id: "a", name: "Ada", kit: [] };
const slotsAt = (mark: "flat" | "natural") =>
  new Map(partsFor(doc, [{ ...home, mark }], LIBRARY_BOOK)[0]?.slots.map((slot) => [slot.slot, slot]));

describe("another way", () => {
  const [usual, easier] = [slotsAt("natural"), slotsAt("flat")];
  const ask = (slot: string) => anotherWay(usual.get(slot), easier.get(slot));

  test("is the easier one by its name, or less of the same", () => {
    expect(ask("p")).toEqual({ code: "easier", name: easier.get("p")?.name });
    expect(ask("s")).toEqual({ code: "less", name: usual.get("s")?.name });
  });

  test("always answers: with equals to choose from, or that there is none", () => {
    expect(anotherWay(easier.get("m"), easier.get("m"))).toEqual({ code: "none" });
    expect(anotherWay(undefined, undefined)).toEqual({ code: "none" });
    const own = easier.get("m") as PartSlot;
    const withChoice = { ...own, choices: [{ ...own, name: "High knees" }] };
    expect(anotherWay(withChoice, withChoice)).toEqual({ code: "choose" });
    expect(anotherWay({ ...own, status: "unmet" }, own)).toEqual({ code: "none" });
  });
});
