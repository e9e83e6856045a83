import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type ClassDoc, findSlot, type Slot } from "../class/document";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import type { PartSlot } from "../parts/part";
import { appearanceOf } from "../score/resolve";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { flatTriple } from "../units";
import { ownMoment } from "./own-moment";

const at = (slot: Partial<Slot> & Pick<Slot, "move" | "dose">, rounds = 1): ClassDoc =>
  classOf([{ id: "m", title: "", rounds, longRest: 30, slots: [{ id: "a", ...slot }] }]);

const someone = (more: Partial<Person> = {}): Person => ({ id: "p", name: "P", kit: [], ...more });

/** The moment of the `piece`-th piece of the only slot, with its own part as worked out or changed. */
function moment(
  doc: ClassDoc,
  intoMs: number,
  more: { person?: Person; own?: Partial<PartSlot>; piece?: number; lengthMs?: number } = {},
) {
  const { segments } = scoreOf(doc, LIBRARY_BOOK);
  const [part] = partsFor(doc, [more.person ?? someone()], LIBRARY_BOOK);
  const index = segments.flatMap(({ kind }, i) => (kind === "work" ? [i] : []))[more.piece ?? 0] ?? -1;
  const segment = segments[index];
  const slot = findSlot(doc, "a")?.slot;
  const own = part?.slots[0];
  if (!segment || !slot || !own) throw new Error("no such piece");
  const lengthMs = more.lengthMs ?? (segment.end - segment.start) * 1000;
  const appearance = appearanceOf(segments, segment);
  return ownMoment(slot, { ...own, ...more.own }, segment, appearance, intoMs, lengthMs, LIBRARY_BOOK);
}

const oneSided = { move: "single-leg-hinge", shares: [21, 20] as const };
const hinge = at({ move: "good-morning", dose: { seconds: 41 } });

describe("one's own moment", () => {
  test("of a way as set is the score's side, with nothing before the end", () => {
    const plank = at({ move: "side-plank-knees", dose: { seconds: 20 } });
    expect(moment(plank, 0)).toEqual({
      side: "left",
      dose: { seconds: 20 },
      reps: null,
      eachSide: false,
      rests: false,
      holdSeconds: null,
      aboutReps: 6,
      uses: [],
      tempo: null,
      shareSeconds: null,
      soon: null,
      stopped: false,
    });
    expect(moment(plank, 0, { piece: 1 }).side).toBe("right");
  });

  test("of a part that was frozen before sets were worked out by themselves is what the slot and the part say", () => {
    const old = moment(at({ move: "goblet-squat", dose: { reps: 10 } }), 0, {
      person: someone({ kit: [{ id: "k", type: "kettlebell", kg: 8 }] }),
      own: { sets: undefined },
    });
    expect(old).toMatchObject({ reps: { plan: 10 }, aboutReps: null, uses: [{ kit: "k" }] });
  });

  test("has the reps and the things of its own set: fewer where they came down, heavier where the weight climbs", () => {
    const pressUps = at({ move: "press-up", dose: { reps: 12 } });
    const weaker = moment(pressUps, 0, { person: someone({ mark: "natural" }) });
    expect(weaker.reps?.plan).toBeLessThan(12);
    expect(weaker.aboutReps).toBeNull();
    const kit = [{ id: "d", type: "adjustable-dumbbell" as const, count: 2, minKg: 2, maxKg: 20, stepKg: 2 }];
    const climbing = at(
      { move: "floor-press", dose: { reps: 8 }, load: [{ kg: 4 }, { kg: 6 }, { kg: 8 }] },
      3,
    );
    const kgs = [0, 1, 2].map(
      (piece) => moment(climbing, 0, { person: someone({ kit }), piece }).uses[0]?.kg ?? 0,
    );
    expect(kgs).toEqual([4, 6, 8]);
  });

  test("of a one-sided way in a two-sided slot changes sides at half, the first side the longer", () => {
    expect(moment(hinge, 0, { own: oneSided })).toMatchObject({
      side: "left",
      shareSeconds: 21,
      soon: { what: "change", inMs: 21_000 },
    });
    expect(moment(hinge, 20_999, { own: oneSided }).soon).toEqual({ what: "change", inMs: 1 });
    expect(moment(hinge, 21_000, { own: oneSided })).toMatchObject({ side: "right", soon: null });
    const rightFirst = at({ move: "good-morning", dose: { seconds: 41 }, firstSide: "right" });
    expect(moment(rightFirst, 0, { own: oneSided }).side).toBe("right");
  });

  test("is worked out from each round's own dose", () => {
    const falling = at({ move: "good-morning", dose: [{ seconds: 40 }, { seconds: 20 }] }, 3);
    const own = { move: "single-leg-hinge", shares: [20, 20] as const };
    expect([0, 1, 2].map((piece) => moment(falling, 0, { own, piece }).shareSeconds)).toEqual([20, 10, 10]);
    const reps = at({ move: "bodyweight-squat", dose: [{ reps: 12 }, { reps: { min: 8, max: 10 } }] }, 2);
    expect(moment(reps, 0).reps).toEqual(flatTriple(12));
    expect(moment(reps, 0, { piece: 1 }).reps).toMatchObject({ min: 8, max: 10 });
    const mixed = at({ move: "bodyweight-squat", dose: [{ reps: 12 }, { seconds: 40 }] }, 2);
    expect([0, 1].map((piece) => moment(mixed, 0, { piece }).dose)).toEqual([{ reps: 12 }, { seconds: 40 }]);
  });

  test("counts the reps of this side, and keeps a level's own number in every round", () => {
    const total = at(
      {
        move: "side-plank-knees",
        dose: { reps: 9 },
        sides: "inTurn",
        count: "total",
        marks: { flat: { reps: 5 } },
      },
      2,
    );
    const amounts = (person?: Person) =>
      [0, 1, 2, 3].map((piece) => moment(total, 0, { piece, ...(person ? { person } : {}) }).reps?.plan);
    expect(amounts()).toEqual([5, 4, 5, 4]);
    expect(amounts(someone({ mark: "flat" }))).toEqual([3, 2, 3, 2]);
  });

  test("says what is counted and how slowly, as the round or the level sets it", () => {
    const slow = at(
      {
        move: "bodyweight-squat",
        dose: [{ reps: { min: 8, max: 12 }, tempo: "3-0-1-0" }, { reps: 1 }],
        marks: { flat: { reps: 5, tempo: "2-1-X-0" } },
      },
      2,
    );
    expect(moment(slow, 0)).toMatchObject({ reps: { min: 8, max: 12 }, tempo: "3-0-1-0" });
    expect(moment(slow, 0, { piece: 1 })).toMatchObject({ reps: flatTriple(1), tempo: null });
    expect(moment(slow, 0, { person: someone({ mark: "flat" }), piece: 1 })).toMatchObject({
      reps: flatTriple(5),
      tempo: "2-1-X-0",
    });
    const limit = at({ move: "plank", dose: { toLimit: 40 } });
    expect(moment(limit, 0).dose).toEqual({ toLimit: 40 });
    const rungs = at({ move: "bodyweight-squat", dose: { ladder: { from: 1, to: 5, step: 2 } } });
    expect(moment(rungs, 0).dose).toEqual({ ladder: { from: 1, to: 5, step: 2 } });
  });

  test("of a two-sided way under a slot that is done side by side has no side", () => {
    const plank = at({ move: "side-plank-knees", dose: { seconds: 20 } });
    expect(moment(plank, 0, { own: { move: "plank" } }).side).toBeNull();
    expect(moment(plank, 0, { own: { move: "plank" }, piece: 1 }).side).toBeNull();
  });

  test("stops where the level says so, and halves what it does of the piece", () => {
    expect(moment(hinge, 10_000, { own: { seconds: 25 } }).soon).toEqual({ what: "stop", inMs: 15_000 });
    expect(moment(hinge, 25_000, { own: { seconds: 25 } })).toMatchObject({ soon: null, stopped: true });
    expect(moment(hinge, 0, { own: { seconds: 41 } }).soon).toBeNull();
    const both = { ...oneSided, seconds: 25 };
    expect(moment(hinge, 0, { own: both }).soon).toEqual({ what: "change", inMs: 13_000 });
    expect(moment(hinge, 13_000, { own: both }).soon).toEqual({ what: "stop", inMs: 12_000 });
    // Cut to less than the level does of it, the sides share what is left.
    expect(moment(hinge, 0, { own: both, lengthMs: 20_000 }).soon).toEqual({ what: "change", inMs: 10_400 });
    expect(moment(hinge, 0, { own: both, lengthMs: 30_000 }).soon).toEqual({ what: "change", inMs: 13_000 });
  });

  test("changes once, whatever is added to the piece or taken from it, and never back", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 40_999 }),
        fc.integer({ min: -40, max: 60 }),
        fc.integer({ min: 0, max: 60_000 }),
        (pressedMs, seconds, laterMs) => {
          const before = moment(hinge, pressedMs, { own: oneSided });
          const lengthMs = Math.max(pressedMs, 41_000 + seconds * 1000);
          const after = moment(hinge, pressedMs, { own: oneSided, lengthMs });
          if (before.side === "right") expect(after.side).toBe("right");
          const later = moment(hinge, Math.min(lengthMs, pressedMs + laterMs), { own: oneSided, lengthMs });
          if (after.side === "right") expect(later.side).toBe("right");
          // Whoever was on the first side still gets to the second before the end.
          if (lengthMs > 0) expect(moment(hinge, lengthMs, { own: oneSided, lengthMs }).side).toBe("right");
        },
      ),
    );
  });
});
