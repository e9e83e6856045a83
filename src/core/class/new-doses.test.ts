/** Sequences, what comes after the last rep, and stopping at a reserve: how long they take, and what they are to everything else. */
import { describe, expect, test } from "vitest";
import { homeWith } from "../homes/example-kits";
import { LIBRARY_BOOK } from "../moves/library";
import { partFor } from "../parts/parts";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { faultLine } from "../values/faults";
import { checkClass } from "./check-class";
import type { Dose } from "./dose";
import { doseText, parseDose } from "./dose-text";
import { slotMove } from "./sequence";

const slot = (dose: object, more: object = {}) => ({ id: "s", move: "bodyweight-squat", dose, ...more });
const docOf = (own: object) => classOf([{ id: "b", title: "", rounds: 2, rest: 10, slots: [own] }]);
const work = (dose: object, more: object = {}) =>
  scoreOf(docOf(slot(dose, more)), LIBRARY_BOOK).segments.filter(({ kind }) => kind === "work");
const seconds = (dose: object, more: object = {}) => work(dose, more).map(({ start, end }) => end - start);
const faults = (dose: object, more: object = {}) => {
  const checked = checkClass(docOf(slot(dose, more)), LIBRARY_BOOK);
  return checked.ok ? [] : checked.error.map(faultLine);
};

const rep = (id: string) => LIBRARY_BOOK.get(id)?.repSeconds ?? 0;
const PAIR = [
  { move: "bodyweight-squat", reps: 10 },
  { move: "press-up", reps: 5 },
];

describe("a sequence", () => {
  test("once through takes what its moves take, rounded up at the end, on each side all of it", () => {
    const once = Math.ceil(10 * rep("bodyweight-squat") + 5 * rep("press-up"));
    expect(seconds({ sequence: PAIR })).toEqual([once, once]);
    expect(work({ sequence: PAIR })[0]?.reps).toBeUndefined();
    expect(seconds({ sequence: PAIR }, { sides: "inTurn", count: "total" })).toEqual([
      once,
      once,
      once,
      once,
    ]);
    expect(seconds({ sequence: PAIR }, { sides: "alternating" })).toEqual([once, once]);
  });

  test("with seconds it is timed work for every rule", () => {
    expect(seconds({ sequence: PAIR, seconds: 45 })).toEqual([45, 45]);
    expect(seconds({ sequence: PAIR, seconds: 45 }, { sides: "inTurn", count: "total" })).toEqual([
      23, 22, 23, 22,
    ]);
    expect(faults({ sequence: PAIR, seconds: 45 }, { marks: { flat: { seconds: 30 } } })).toEqual([]);
    expect(faults({ sequence: PAIR }, { marks: { flat: { seconds: 30 } } })).toHaveLength(1);
  });

  test("is of two to four moves that are known, with at least a rep of each", () => {
    expect(faults({ sequence: PAIR.slice(1) })).toHaveLength(1);
    expect(faults({ sequence: [...PAIR, ...PAIR, ...PAIR] })).toHaveLength(1);
    expect(faults({ sequence: [{ move: "pres-up", reps: 0 }, ...PAIR] })).toEqual([
      expect.stringContaining("dose.sequence[0].move"),
      "blocks[0].slots[0].dose.sequence[0].reps: must be at least 1",
    ]);
    expect(faults({ sequence: PAIR, hold: 20 })).toHaveLength(1);
    expect(faults({ sequence: PAIR, tempo: "2-0-1-0" })).toHaveLength(1);
  });

  test("has the limits, the needs and the muscles of all its moves", () => {
    const own = slot({
      sequence: [
        { move: "kettlebell-swing", reps: 10 },
        { move: "press-up", reps: 5 },
      ],
    });
    const move = slotMove(docOf(own).blocks[0]?.slots?.[0] as never, LIBRARY_BOOK);
    expect(move.muscles?.primary).toEqual(expect.arrayContaining(["glutes", "chest"]));
    expect(JSON.stringify(move.needs)).toContain("kettlebell");
    const of = (person: Parameters<typeof partFor>[1]) => partFor(docOf(own), person, LIBRARY_BOOK).slots[0];
    expect(of(homeWith("kettlebell"))).toMatchObject({ status: "as-set", uses: [{ as: "kettlebell" }] });
    expect(of(homeWith("nothing"))?.status).toBe("swapped");
    const sore = of(homeWith("kettlebell", { limits: ["no-wrist-load"] }));
    expect(sore).toMatchObject({ status: "swapped", why: { because: { reasons: [{ code: "limit" }] } } });
  });
});

describe("after the last rep", () => {
  test("pulses take a second each and a hold what it says, on each side, before rounding up", () => {
    expect(seconds({ reps: 10, repSeconds: 2, then: { pulses: 8 } })).toEqual([28, 28]);
    expect(seconds({ reps: 5, repSeconds: 1.1, then: { hold: 20 } })).toEqual([26, 26]);
    expect(seconds({ reps: 10, repSeconds: 2, then: { hold: 5 } }, { sides: "inTurn" })).toEqual([
      25, 25, 25, 25,
    ]);
    expect(seconds({ reps: 10, repSeconds: 2, then: { hold: 5 } }, { sides: "alternating" })).toEqual([
      45, 45,
    ]);
    expect(work({ reps: 10, then: { pulses: 8 } })[0]?.reps?.plan).toBe(10);
  });

  test("goes with reps that have no window, and is one of the two", () => {
    expect(faults({ reps: 10, within: 60, then: { hold: 5 } })).toHaveLength(1);
    expect(faults({ seconds: 40, then: { hold: 5 } })).toHaveLength(1);
    expect(faults({ reps: 10, then: { hold: 5, pulses: 3 } })).toHaveLength(1);
    expect(faults({ reps: 10, then: { pulses: 101 } })).toHaveLength(1);
  });
});

describe("stopping at a reserve", () => {
  test("has the time that it allows, and that many left whatever the load's words say", () => {
    expect(seconds({ reserve: 2, allow: { min: 30, max: 50 } })).toEqual([40, 40]);
    expect(faults({ reserve: 2 })).toEqual(["blocks[0].slots[0].dose.allow: is missing"]);
    expect(faults({ reserve: 11, allow: 40 })).toHaveLength(1);
    expect(faults({ reps: 8, allow: 40 })).toHaveLength(1);
    const own = slot({ reserve: 1, allow: 40 }, { load: { target: "light" } });
    const part = partFor(docOf(own), homeWith("nothing"), LIBRARY_BOOK).slots[0];
    expect(part?.sets?.[0]?.seconds).toBe(40);
  });
});

test("all of them are typed and read back", () => {
  const doses: Dose[] = [
    { sequence: PAIR },
    { sequence: PAIR, seconds: 60 },
    { reps: { min: 8, max: 12 }, tempo: "3-0-1-0", then: { pulses: 10 } },
    { reps: 6, then: { hold: 20 } },
    { reserve: 3, allow: 40 },
  ];
  for (const dose of doses) expect(parseDose(doseText(dose)), doseText(dose)).toEqual(dose);
});

describe("words of the round", () => {
  test("are one for all, or one for each of the slot's own appearances", () => {
    expect(faults({ reps: 8 }, { cue: ["Slow", "Slow"], call: ["", "Heavier pair"] })).toEqual([]);
    expect(faults({ reps: 8 }, { cue: ["Slow"] })).toHaveLength(1);
    expect(faults({ reps: 8 }, { cue: [1, 2] })).toHaveLength(2);
    expect(faults({ reps: 8 }, { steps: ["Up on the elbow", "Up on the hand"], locked: ["rest"] })).toEqual(
      [],
    );
  });
});
