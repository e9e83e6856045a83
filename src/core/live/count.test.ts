import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { appearanceIndex, type ClassDoc, type Dose, doseAt, type Slot } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { events, T0 } from "../testing/events";
import { phasesOf, type Rep } from "./count";
import { countAt, countCues, saidOf } from "./count-now";
import { type Cue, commonCounts, cuesBetween } from "./cues";
import { clockState } from "./fold";
import { type LiveScore, liveScore, repsInPiece } from "./live-score";
import { slotsById } from "./turns";

const taught = (doc: ClassDoc): LiveScore => liveScore(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
const slotOf = (slot: Partial<Slot> & { readonly dose: Dose }) =>
  taught(classOf([{ id: "b", title: "", slots: [{ id: "s", move: "bodyweight-squat", ...slot }] }]));
/** The reps of a class's first piece, at its own length or at another. */
const repsOfFirst = (score: LiveScore, lengthMs?: number): readonly Rep[] => {
  const index = score.segments.findIndex(({ kind }) => kind === "work");
  return repsInPiece(score, index, lengthMs ?? score.timings[index]?.lengthMs ?? 0);
};
const said = (reps: readonly Rep[]) =>
  reps.map(({ n, side, startMs }) => `${n}${side?.[0] ?? ""}@${startMs / 1000}`);
const squat = { name: "Own squat", repSeconds: 2 };

describe("the reps of a piece", () => {
  test("come one after the other by the rep time", () => {
    expect(said(repsOfFirst(slotOf({ move: squat, dose: { reps: 4 } })))).toEqual([
      "1@0",
      "2@2",
      "3@4",
      "4@6",
    ]);
    expect(repsOfFirst(slotOf({ move: squat, dose: { seconds: 40 } }))).toEqual([]);
    expect(repsOfFirst(slotOf({ move: squat, dose: { hold: 40 } }))).toEqual([]);
    expect(repsOfFirst(slotOf({ move: squat, dose: { toLimit: 40 } }))).toEqual([]);
  });

  test("in a tempo have its phases, beginning as the move does, and the number falls on the lift", () => {
    const [down] = repsOfFirst(slotOf({ dose: { reps: 4, tempo: "3-1-2-0" } }));
    expect(down?.phases).toEqual([
      { kind: "lower", fromMs: 0, toMs: 3000 },
      { kind: "bottom", fromMs: 3000, toMs: 4000 },
      { kind: "lift", fromMs: 4000, toMs: 6000 },
    ]);
    expect(down?.saidAfterMs).toBe(4000);
    const [up] = repsOfFirst(
      slotOf({ move: "one-arm-row", sides: "both", dose: { reps: 4, tempo: "3-0-1-1" } }),
    );
    expect(up?.phases.map(({ kind }) => kind)).toEqual(["lift", "top", "lower"]);
    expect(up?.saidAfterMs).toBe(0);
  });

  test("whose sides take turns have one number for a pair where each side is counted, else a number each", () => {
    const slot = { move: squat, sides: "alternating", dose: { reps: 3 }, firstSide: "right" } as const;
    expect(said(repsOfFirst(slotOf(slot)))).toEqual(["1r@0", "1l@2", "2r@4", "2l@6", "3r@8", "3l@10"]);
    expect(said(repsOfFirst(slotOf({ ...slot, count: "total" })))).toEqual(["1r@0", "2l@2", "3r@4"]);
  });

  test("of a ladder begin anew on each rung, after what is held", () => {
    const ladder = { from: 1, to: 3, hold: 1, holdOn: "rung" } as const;
    const reps = repsOfFirst(slotOf({ move: squat, dose: { ladder } }));
    expect(said(reps)).toEqual(["1@0", "1@3", "2@5", "1@9", "2@11", "3@13"]);
    expect(reps.map(({ part }) => part)).toContainEqual({ rung: 3, rungs: 3 });
    const each = repsOfFirst(slotOf({ move: squat, dose: { ladder: { ...ladder, holdOn: "rep" } } }));
    expect(said(each)).toEqual(["1@0", "1@3", "2@7", "1@11", "2@16", "3@21"]);
  });

  test("of several moves in turn are counted move by move, over and over as the time allows", () => {
    const sequence = [
      { move: "bodyweight-squat", reps: 2 },
      { move: "press-up", reps: 1 },
    ];
    const reps = repsOfFirst(slotOf({ dose: { sequence, seconds: 60 } }));
    expect(reps.slice(0, 4).map(({ n }) => n)).toEqual([1, 2, 1, 1]);
    expect(reps[2]?.part).toEqual({ move: LIBRARY_BOOK.get("press-up")?.name });
    expect(reps.length).toBeGreaterThan(10);
  });

  test("are followed by pulses, a second each", () => {
    const reps = repsOfFirst(slotOf({ move: squat, dose: { reps: 2, then: { pulses: 3 } } }));
    expect(reps.map(({ what, n, startMs }) => [what, n, startMs])).toEqual([
      ["rep", 1, 0],
      ["rep", 2, 2000],
      ["pulse", 1, 4000],
      ["pulse", 2, 5000],
      ["pulse", 3, 6000],
    ]);
  });

  test("of timed work with a pace go on for as long as it lasts: more where it was made longer", () => {
    const score = slotOf({ move: squat, dose: { seconds: 9, repSeconds: 2 } });
    expect(repsOfFirst(score).map(({ n, of }) => [n, of])).toEqual([1, 2, 3, 4].map((n) => [n, null]));
    expect(repsOfFirst(score, 12_000)).toHaveLength(6);
    expect(repsOfFirst(slotOf({ move: squat, dose: { reps: 4 } }), 5000)).toHaveLength(2);
  });

  test("of any class lie in their piece, in order, whole; as many as the score has counted", () => {
    fc.assert(
      fc.property(arbClass, (any) => {
        // At one's own pace nothing is counted for all.
        const doc = { ...any, blocks: any.blocks.map((block) => ({ ...block, pace: "clock" as const })) };
        const score = taught(doc);
        const slots = slotsById(doc);
        for (const [i, segment] of score.segments.entries()) {
          const lengthMs = score.timings[i]?.lengthMs ?? 0;
          const reps = repsInPiece({ ...score, timings: [] }, i, lengthMs);
          let endMs = 0;
          for (const rep of reps) {
            expect(rep.startMs).toBeGreaterThanOrEqual(endMs);
            endMs = rep.startMs + rep.lastsMs;
            expect(rep.phases[0]?.fromMs).toBe(0);
            expect(rep.phases.at(-1)?.toMs).toBe(rep.lastsMs);
            const joints = rep.phases.slice(1).map(({ fromMs }) => fromMs);
            expect(joints).toEqual(rep.phases.slice(0, -1).map(({ toMs }) => toMs));
          }
          expect(endMs).toBeLessThanOrEqual(lengthMs);
          const slot = segment.slot === null ? undefined : slots.get(segment.slot);
          const dose = slot && doseAt(slot, appearanceIndex(slot, segment.round));
          if (segment.kind !== "work" || dose?.reps === undefined || dose.within !== undefined) continue;
          const plain = reps.filter(({ what }) => what === "rep");
          expect(plain).toHaveLength(segment.reps?.plan ?? 0);
          // A piece is rounded up to a whole second once.
          const { pulses = 0, hold = 0 } = dose.then ?? {};
          expect(lengthMs - endMs).toBeLessThan(1000 + hold * 1000);
          expect(reps).toHaveLength(plain.length + pulses);
        }
      }),
      { numRuns: 200 },
    );
  });
});

describe("the phases of a rep", () => {
  test("share any time as their seconds do, without a gap", () => {
    fc.assert(
      fc.property(
        fc.tuple(...[1, 2, 3, 4].map(() => fc.integer({ min: 0, max: 9 }))),
        fc.constantFrom("lower", "lift"),
        fc.integer({ min: 4, max: 20_000 }),
        (seconds, begins, lastsMs) => {
          const phases = phasesOf(begins as "lower", seconds as never, lastsMs);
          expect(phases[0]?.fromMs).toBe(0);
          expect(phases.at(-1)?.toMs).toBe(lastsMs);
          for (const [i, phase] of phases.entries())
            if (i > 0) expect(phase.fromMs).toBe(phases[i - 1]?.toMs);
          const sum = (seconds as number[]).reduce((a, b) => a + b, 0);
          if (sum > 0) expect(phases).toHaveLength((seconds as number[]).filter((n) => n > 0).length);
        },
      ),
    );
  });
});

describe("where a count is", () => {
  test("is the rep that a stopwatch finds, at any millisecond", () => {
    fc.assert(
      fc.property(arbClass, fc.double({ min: 0, max: 1, noNaN: true }), (doc, share) => {
        const score = taught(doc);
        for (const [i, { lengthMs }] of score.timings.entries()) {
          const reps = repsInPiece(score, i, lengthMs);
          const at = Math.floor(share * lengthMs);
          const on = reps.filter(({ startMs }) => startMs <= at).at(-1);
          const now = countAt(reps, at);
          const over = on === reps.at(-1) && on !== undefined && at >= on.startMs + on.lastsMs;
          expect(now?.rep ?? null).toBe(on === undefined || over ? null : on);
          if (now && !now.holds) {
            expect(now.phase.fromMs).toBeLessThanOrEqual(now.intoRepMs);
            expect(now.phase.toMs).toBeGreaterThan(now.intoRepMs);
          }
        }
      }),
      { numRuns: 150 },
    );
  });

  test("half, the last two and the last are said once each; a short count has none", () => {
    const words = (n: number) => {
      const reps = repsOfFirst(slotOf({ move: squat, dose: { reps: n } }));
      return reps.map((_, i) => saidOf(reps, i));
    };
    expect(words(4)).toEqual([null, null, null, null]);
    expect(words(6)).toEqual([null, null, null, null, "last-two", "last"]);
    expect(words(10)).toEqual([null, null, null, null, "half", null, null, null, "last-two", "last"]);
    const turns = repsOfFirst(slotOf({ move: squat, sides: "alternating", dose: { reps: 6 } }));
    expect(turns.map((_, i) => saidOf(turns, i)).filter(Boolean)).toEqual(["last-two", "last"]);
    const paced = repsOfFirst(slotOf({ move: squat, dose: { seconds: 13, repSeconds: 2 } }));
    expect(paced.map((_, i) => saidOf(paced, i)).slice(-2)).toEqual(["last-two", "last"]);
  });
});

describe("what is heard of a count", () => {
  const heard = (score: LiveScore, list = events([0, "start"]), toMs = 60_000) =>
    cuesBetween(score, clockState(score, list, T0), T0, T0, T0 + toMs, commonCounts(score)).map(
      (cue) => `${cue.kind === "number" ? (cue.said ?? cue.n) : cue.kind} ${(cue.atMs - T0) / 1000}`,
    );

  test("numbers on the lift, and the phases of a tempo that was set", () => {
    expect(heard(slotOf({ dose: { reps: 2, tempo: "2-0-1-0" } }))).toEqual([
      "start 0",
      "phase 0",
      "1 2",
      "phase 3",
      "2 5",
      "end 6",
    ]);
    expect(heard(slotOf({ move: squat, sides: "alternating", dose: { reps: 2 } }))).toEqual([
      "start 0",
      "1 0",
      "same 2",
      "2 4",
      "same 6",
      "end 8",
    ]);
  });

  test("is in place of the time's half and last ten seconds, where counts are heard", () => {
    const score = slotOf({ move: squat, dose: { reps: 20 } });
    const kinds = (counting: boolean) =>
      cuesBetween(
        score,
        clockState(score, events([0, "start"]), T0),
        T0,
        T0,
        T0 + 60_000,
        counting ? commonCounts(score) : null,
      ).map(({ kind }) => kind);
    expect(kinds(false)).toEqual(["start", "half-way", "last-ten", "end"]);
    expect(kinds(true)).not.toContain("last-ten");
    expect(kinds(true).filter((kind) => kind === "number")).toHaveLength(20);
  });

  test("begins anew where the instructor says so, and with the next piece by itself", () => {
    const score = taught(
      classOf([
        {
          id: "b",
          title: "",
          rounds: 2,
          longRest: 5,
          slots: [{ id: "s", move: squat, dose: { reps: 4 } }],
        },
      ]),
    );
    const list = events([0, "start"], [3000, "count"]);
    const state = clockState(score, list, T0 + 3000);
    expect(state.countFromMs).toBe(3000);
    const cues = cuesBetween(score, state, T0 + 3000, T0 + 3000, T0 + 60_000, commonCounts(score));
    expect(cues.filter(({ kind }) => kind === "number").map(({ atMs }) => atMs - T0)).toEqual([
      3000, 5000, 13_000, 15_000, 17_000, 19_000,
    ]);
    expect(clockState(score, list, T0 + 14_000).countFromMs).toBe(0);
  });

  test("every tick of any class is where its score has it, however it is asked for", () => {
    const key = (cue: Cue) => JSON.stringify(cue);
    fc.assert(
      fc.property(
        arbClass,
        fc.array(fc.integer({ min: 100, max: 40_000 }), { minLength: 1, maxLength: 9 }),
        (doc, steps) => {
          const whole = taught(doc);
          // Pieces that wait for "next" end what can be foretold.
          const score = { ...whole, timings: whole.timings.map((timing) => ({ ...timing, waits: false })) };
          const list = events([0, "start"]);
          const direct: Cue[] = [];
          let startMs = T0;
          for (const [i, { lengthMs }] of score.timings.entries()) {
            const reps = repsInPiece(score, i, lengthMs);
            const slow = (score.counted[i]?.tempo ?? null) !== null;
            if (score.segments[i]?.kind === "work")
              direct.push(...countCues(reps, slow).map((cue) => ({ ...cue, atMs: startMs + cue.atMs })));
            startMs += lengthMs;
          }
          const heardOf: Cue[] = [];
          for (let at = T0, i = 0; at < startMs; i += 1) {
            const to = at + (steps[i % steps.length] as number);
            const cues = cuesBetween(score, clockState(score, list, at), at, at, to, commonCounts(score));
            heardOf.push(...cues.filter(({ kind }) => ["number", "same", "phase"].includes(kind)));
            at = to;
          }
          expect(heardOf.map(key).sort()).toEqual(direct.map(key).sort());
        },
      ),
      { numRuns: 100 },
    );
  });
});
