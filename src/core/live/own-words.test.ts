import { describe, expect, test } from "vitest";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library/index";
import type { PartSlot } from "../parts/part";
import { partFor } from "../parts/parts";
import { classOf } from "../testing/classes";
import type { OwnMoment } from "./own-moment";
import { bringTexts, doseOf, fetchOf, ownCall, whenText } from "./own-words";

const person: Person = {
  id: "p",
  name: "P",
  kit: [
    { id: "kb", type: "kettlebell", kg: 12 },
    { id: "t", type: "towel", count: 1 },
  ],
};
const part = partFor(
  classOf([
    {
      id: "b",
      title: "",
      slots: [
        { id: "a", move: "goblet-squat", dose: { seconds: 40 } },
        { id: "c", move: "bodyweight-squat", dose: { seconds: 40 } },
      ],
    },
  ]),
  person,
  LIBRARY_BOOK,
);
const [squat, free] = part.slots as [PartSlot, PartSlot];
const still: OwnMoment = {
  side: null,
  amount: "",
  tempo: "",
  shareSeconds: null,
  soon: null,
  stopped: false,
};

describe("what a phone says of one's own part", () => {
  test("is the side, the reps, the time and the things used, as far as there are any", () => {
    expect(doseOf(undefined, null, person)).toBe("");
    expect(doseOf(squat, still, person)).toMatch(/^12 kg kettlebell|kettlebell.*12 kg/);
    expect(doseOf(free, still, person)).toBe("");
    const counted = { ...still, side: "left" as const, amount: "8–10 reps", tempo: "lower 3 s, lift 1 s" };
    expect(doseOf(free, counted, person)).toBe("left side · 8–10 reps · lower 3 s, lift 1 s");
    expect(doseOf({ ...free, seconds: 25 }, { ...still, shareSeconds: 13 }, person)).toBe(
      "25 s, then rest · 13 s a side",
    );
    expect(doseOf({ ...free, status: "unmet" }, still, person)).toBe("Rest, or choose another way.");
  });

  test("names what to fetch where it isn't in hand already, and what to have ready", () => {
    expect(fetchOf(free, squat, person)).toMatch(/^Fetch: .*kettlebell/);
    expect(fetchOf(squat, squat, person)).toBe("");
    expect(fetchOf(squat, free, person)).toBe("");
    expect(fetchOf(squat, undefined, person)).toBe("");
    expect(bringTexts(part, person)).toHaveLength(1);
    expect(bringTexts(part, { ...person, kit: [] })).toEqual([]);
  });

  test("announces a change of one's own five seconds before it, not sooner", () => {
    const change = (inMs: number) => ({
      ...still,
      side: "right" as const,
      soon: { what: "change" as const, inMs },
    });
    expect(ownCall(null, person)).toBeNull();
    expect(ownCall(still, person)).toBeNull();
    expect(ownCall(change(5001), person)).toBeNull();
    expect(ownCall(change(5000), person)).toBe("Change to your left in 5.");
    expect(ownCall(change(1), person)).toBe("Change to your left in 1.");
    expect(ownCall({ ...still, soon: { what: "stop", inMs: 2400 } }, person)).toBe("Stop in 3.");
    expect(ownCall({ ...still, stopped: true }, person)).toContain("rest until the time is over");
  });

  test("leaves the other side to who works one side only", () => {
    const left: Person = { ...person, limits: ["use-left-only"] };
    const right: Person = { ...person, limits: ["use-right-only"] };
    expect(ownCall({ ...still, side: "right" }, left)).toMatch(/^Your left only/);
    expect(ownCall({ ...still, side: "left" }, right)).toMatch(/^Your right only/);
    expect(ownCall({ ...still, side: "left" }, left)).toBeNull();
    expect(ownCall(still, left)).toBeNull();
  });

  test("tells the time in the person's own zone", () => {
    const at = Date.parse("2026-07-01T19:00:00Z");
    expect(whenText(at, "Europe/Lisbon")).toContain("20:00");
    expect(whenText(at, "Atlantic/Reykjavik")).toContain("19:00");
  });
});
