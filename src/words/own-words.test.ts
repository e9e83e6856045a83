import { describe, expect, test } from "vitest";
import type { Person } from "../core/homes/home";
import type { OwnMoment } from "../core/live/own-moment";
import { LIBRARY_BOOK } from "../core/moves/library/index";
import type { Part, PartSlot } from "../core/parts/part";
import { partFor } from "../core/parts/parts";
import { classOf } from "../core/testing/classes";
import { wordsIn } from "./languages";
import * as own from "./own-words";

const words = wordsIn("en");
const bringTexts = (part: Part, of: Person) => own.bringTexts(part, of, words);
const fetchOf = (slot: PartSlot | undefined, next: PartSlot | undefined, of: Person) =>
  own.fetchOf(slot, next, of, words);
const doseOf = (slot: PartSlot | undefined, moment: OwnMoment | null, of: Person) => {
  const { large, small } = own.ownDose(slot, moment, of, words);
  return [...large, ...small].join(" · ");
};
const ownCall = (moment: OwnMoment | null, of: Person) => own.ownCall(moment, of, words);

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
  dose: { seconds: 40 },
  reps: null,
  eachSide: false,
  rests: false,
  holdSeconds: null,
  aboutReps: null,
  uses: [],
  tempo: null,
  shareSeconds: null,
  soon: null,
  stopped: false,
};

describe("what a phone says of one's own part", () => {
  test("is the side, the reps, the time and the things used, as far as there are any", () => {
    expect(doseOf(undefined, null, person)).toBe("");
    expect(doseOf(squat, { ...still, uses: squat.uses }, person)).toMatch(
      /^12 kg kettlebell|kettlebell.*12 kg/,
    );
    expect(doseOf(free, still, person)).toBe("");
    expect(doseOf(free, { ...still, aboutReps: 13 }, person)).toBe("about 13 reps");
    const counted = {
      ...still,
      side: "left" as const,
      dose: { reps: 10 },
      reps: { min: 8, plan: 9, max: 10 },
      tempo: "3-0-1-0",
    };
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
    const bells = { id: "kb", type: "adjustable-dumbbell" as const, count: 2, minKg: 2, maxKg: 20 };
    const climbing = { ...part, bring: [{ kit: "kb", count: 2, kgs: [6, 8, 10] }] };
    expect(bringTexts(climbing, { ...person, kit: [bells] })[0]).toMatch(/: 6 kg, 8 kg and 10 kg$/);
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
    expect(own.whenText(at, "Europe/Lisbon", words)).toContain("20:00");
    expect(own.whenText(at, "Atlantic/Reykjavik", words)).toContain("19:00");
  });
});
