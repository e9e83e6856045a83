import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import { bookOf } from "../moves/book";
import { LIBRARY_BOOK } from "../moves/library";
import type { Part } from "../parts/part";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { events, T0 } from "../testing/events";
import { cuesBetween } from "./cues";
import type { SessionEvent } from "./events";
import { clockState } from "./fold";
import { type LiveScore, liveScore } from "./live-score";
import { nowNext } from "./now-next";
import { allThrough, type OwnPlace, ownPlace, ownSets, pressesOf, SILENT_MS, setKey } from "./own-pace";
import { runAt, runTime } from "./runs";

const taught = (doc: ClassDoc): LiveScore => liveScore(doc, scoreOf(doc, LIBRARY_BOOK), LIBRARY_BOOK);
const reps = (n: number) => ({ reps: n, repSeconds: 1 });

/** Two rounds of ten reps and of twenty timed seconds, with ten seconds of rest and thirty between rounds; talk before and water after. */
const DOC = classOf([
  { id: "talk", title: "Talk", role: "talk", brief: 10 },
  {
    id: "b",
    title: "Sets",
    pace: "own",
    atEnd: "wait",
    prepare: 5,
    rounds: 2,
    rest: 10,
    longRest: 30,
    after: 15,
    slots: [
      { id: "squat", move: { name: "Squat" }, dose: reps(10) },
      { id: "hold", move: { name: "Hold" }, dose: { hold: 20 } },
    ],
  },
  { id: "c", title: "Then", slots: [{ id: "walk", move: { name: "Walk" }, dose: { seconds: 60 } }] },
]);
const SCORE = taught(DOC);
/** The run begins after the talk and getting ready. */
const RUN_MS = 15_000;

function placeAt(list: readonly SessionEvent[], ms: number, person = "ines", part: Part | null = null) {
  const nowMs = T0 + ms;
  return ownPlace(SCORE, clockState(SCORE, list, nowMs), pressesOf(SCORE, list, nowMs), person, part);
}
const toSeconds = (place: OwnPlace | null) =>
  place && [place.at, place.doing, Math.round(place.leftMs / 1000), place.cut];

describe("a block at one's own pace", () => {
  test("is led by what one presses: done, rest, the next set; timed sets end by themselves", () => {
    const begun = events([0, "start", {}], [100, "join", { person: "ines" }]);
    expect(placeAt(begun, 12_000)).toBeNull();
    expect(toSeconds(placeAt(begun, RUN_MS))).toEqual([0, "set", 0, 0]);
    expect(toSeconds(placeAt(begun, RUN_MS + 9000))).toEqual([0, "set", 0, 0]);
    const done = events(
      [0, "start", {}],
      [100, "join", { person: "ines" }],
      [RUN_MS + 12_000, "done", { person: "ines", slot: "squat", round: 1 }],
    );
    expect(toSeconds(placeAt(done, RUN_MS + 13_000))).toEqual([1, "rest", 9, 0]);
    expect(toSeconds(placeAt(done, RUN_MS + 22_000))).toEqual([1, "set", 20, 0]);
    // Its twenty seconds are over, then thirty of rest between rounds.
    expect(toSeconds(placeAt(done, RUN_MS + 43_000))).toEqual([2, "rest", 29, 0]);
    expect(toSeconds(placeAt(done, RUN_MS + 73_000))).toEqual([2, "set", 0, 0]);
    // Somebody else has pressed nothing of it.
    expect(toSeconds(placeAt(done, RUN_MS + 43_000, "gil"))?.slice(0, 2)).toEqual([0, "set"]);
  });

  test("gives the rest of the set that was done last, also to who begins before a rest is over", () => {
    const early = events(
      [0, "start", {}],
      [0, "join", { person: "ines" }],
      [RUN_MS + 10_000, "done", { person: "ines", slot: "squat", round: 1 }],
      [RUN_MS + 40_000, "done", { person: "ines", slot: "hold", round: 1 }],
      // Two seconds into thirty of rest: ten follow, not what was left of the thirty.
      [RUN_MS + 42_000, "done", { person: "ines", slot: "squat", round: 2 }],
    );
    expect(toSeconds(placeAt(early, RUN_MS + 43_000))).toEqual([3, "rest", 9, 0]);
    expect(toSeconds(placeAt(early, RUN_MS + 52_000))).toEqual([3, "set", 20, 0]);
  });

  test("says how many sets won't be reached, in time for a warning", () => {
    const list = events([0, "start", {}], [0, "join", { person: "ines" }]);
    // 110 s in all: 10 + 10 + 20 + 30 + 10 + 10 + 20. Nothing is done after 60 s: two more sets are lost.
    expect(placeAt(list, RUN_MS + 5000)?.cut).toBe(0);
    expect(placeAt(list, RUN_MS + 70_000)?.cut).toBe(2);
  });

  test("takes back what was pressed by mistake, and counts the first of two presses", () => {
    const at = (ms: number) => [ms, "done", { person: "ines", slot: "squat", round: 1 }] as const;
    const twice = events([0, "start", {}], at(RUN_MS + 10_000), at(RUN_MS + 14_000));
    expect(toSeconds(placeAt(twice, RUN_MS + 15_000))).toEqual([1, "rest", 5, 0]);
    const back = events([0, "start", {}], at(RUN_MS + 10_000), [
      RUN_MS + 14_000,
      "not-done",
      { person: "ines", slot: "squat", round: 1 },
    ]);
    expect(toSeconds(placeAt(back, RUN_MS + 15_000))?.slice(0, 2)).toEqual([0, "set"]);
  });

  test("asks after who has pressed nothing for two minutes, where a press was due", () => {
    const list = events(
      [0, "start", {}],
      [0, "join", { person: "ines" }],
      [RUN_MS, "extend", { seconds: 300 }],
    );
    expect(placeAt(list, RUN_MS + SILENT_MS - 1000)?.silentMs).toBe(0);
    expect(placeAt(list, RUN_MS + SILENT_MS)?.silentMs).toBe(SILENT_MS);
  });

  test("is one piece for the instructor: next goes past it, back to its beginning, and it waits at its end alone", () => {
    const state = (...list: Parameters<typeof events>) => clockState(SCORE, events(...list), T0 + 500_000);
    const run = SCORE.runs[0];
    expect(run).toBeDefined();
    const after = state([0, "start", {}], [RUN_MS + 30_000, "skip"], [RUN_MS + 30_001, "pause"]);
    expect(SCORE.segments[after.index]?.kind).toBe("after");
    const again = state([0, "start", {}], [RUN_MS + 60_000, "back"], [RUN_MS + 60_001, "pause"]);
    expect(again.index).toBe(run?.from);
    // Nobody pressed: it stands at its last piece, which is timed, so it went on.
    const waiting = state([0, "start", {}]);
    expect(waiting.phase).toBe("over");
    const shown = nowNext(
      DOC,
      SCORE,
      clockState(SCORE, events([0, "start", {}]), T0 + RUN_MS + 40_000),
      bookOf([]),
    );
    expect(shown.headline).toEqual({ ownPaceOf: [] });
    expect(shown.ownPace).toMatchObject([
      { move: { name: "Squat" }, sets: 2, restSeconds: 10 },
      { move: { name: "Hold" }, sets: 2, restSeconds: 30 },
    ]);
    expect(shown.next).toEqual({ move: { id: null, name: "Walk" } });
  });

  test("sounds at its beginning, a minute before its end where it is long enough, and at its end", () => {
    const long = {
      ...DOC,
      blocks: DOC.blocks.map((b) => (b.id === "b" ? { ...b, rounds: 4 } : b)),
    } as ClassDoc;
    const score = taught(long);
    const list = events([0, "start", {}]);
    const cues = cuesBetween(score, clockState(score, list, T0), T0, T0, T0 + 400_000);
    const inRun = cues.filter(({ atMs }) => atMs - T0 >= RUN_MS && atMs - T0 <= RUN_MS + 250_000);
    // 4 × 40 s and 3 × 30 s.
    expect(inRun.map(({ kind, atMs }) => [kind, (atMs - T0 - RUN_MS) / 1000])).toEqual([
      ["start", 0],
      ["warning", 190],
      ["last-ten", 240],
      ["end", 250],
    ]);
  });
});

/** Any class, with all that can be at one's own pace. */
const arbOwn = arbClass.map((doc) => ({
  ...doc,
  blocks: doc.blocks.map((block) => ({ ...block, pace: "own" as const, atEnd: "run" as const })),
}));

/** Presses of somebody who needs exactly the planned time: each set done as its work ends. */
function inStep(score: LiveScore, person: string): SessionEvent[] {
  const list: SessionEvent[] = events([0, "start", {}], [0, "join", { person }]);
  for (const run of score.runs) {
    for (const { index, slot, round, workMs, timed } of ownSets(score, run, score.lengths, null)) {
      const endMs = score.lengths.slice(0, index).reduce((all, length) => all + length, 0) + workMs;
      if (timed) continue;
      const seq = list.length + 1;
      const event = { id: `${seq}`, seq, atMs: T0 + endMs, kind: "done", payload: { person, slot, round } };
      list.push(event as SessionEvent);
    }
  }
  return list;
}

describe("any class at one's own pace", () => {
  test("has the sets and rests of its score, and no other time", () => {
    fc.assert(
      fc.property(arbOwn, (doc) => {
        const score = taught(doc);
        for (const run of score.runs) {
          const sets = ownSets(score, run, score.lengths, null);
          const all = sets.reduce((sum, { workMs, restMs }) => sum + workMs + restMs, 0);
          const planned = score.lengths.slice(run.from, run.to + 1).reduce((sum, length) => sum + length, 0);
          expect(all).toBe(planned);
          expect(new Set(sets.map(setKey)).size).toBe(sets.length);
        }
      }),
      { numRuns: 150 },
    );
  });

  test("who needs the planned time is where the clock is at every moment, and loses no set", () => {
    fc.assert(
      fc.property(
        arbOwn,
        fc.array(fc.double({ min: 0, max: 1, noNaN: true }), { minLength: 8, maxLength: 8 }),
        (doc, shares) => {
          const score = taught(doc);
          fc.pre(score.runs.length > 0 && score.totalMs > 0);
          const all = inStep(score, "ines");
          for (const share of shares) {
            const nowMs = T0 + Math.floor(share * (score.totalMs - 1));
            const known = all.filter(({ atMs }) => atMs <= nowMs);
            const state = clockState(score, known, nowMs);
            const place = ownPlace(score, state, pressesOf(score, known, nowMs), "ines", null);
            const run = runAt(score.runs, state.index);
            expect(place === null).toBe(run === null);
            if (!place || !run) continue;
            const segment = score.segments[state.index];
            const set = place.sets[place.at];
            if (segment?.kind === "work" || segment?.kind === "side-change") {
              expect(place.doing).toBe("set");
              expect([set?.slot, set?.round]).toEqual([segment.slot ?? "", segment.round]);
            } else {
              expect(place.doing).toBe("rest");
              expect(place.leftMs).toBeLessThanOrEqual(runTime(score.runs, state)?.leftMs ?? 0);
            }
            expect(place.cut).toBe(0);
            expect(place.silentMs === 0 || (set?.workMs ?? 0) >= SILENT_MS).toBe(true);
          }
        },
      ),
      { numRuns: 150 },
    );
  });

  test("a pause holds everybody where they are", () => {
    fc.assert(
      fc.property(
        arbOwn,
        fc.nat(1000),
        fc.integer({ min: 1, max: 600_000 }),
        fc.nat(1000),
        (doc, at, pauseMs, then) => {
          const score = taught(doc);
          fc.pre(score.runs.length > 0 && score.totalMs > 2);
          const pausedMs = T0 + Math.floor((at / 1001) * score.totalMs);
          const laterMs = pausedMs + Math.floor((then / 1001) * (T0 + score.totalMs - pausedMs));
          const all = inStep(score, "ines");
          const shift = (ms: number) => (ms > pausedMs ? ms + pauseMs : ms);
          const held = [
            ...all.filter(({ atMs }) => atMs <= pausedMs),
            { id: "p", seq: 0, atMs: pausedMs, kind: "pause", payload: {} },
            { id: "r", seq: 0, atMs: pausedMs + pauseMs, kind: "resume", payload: {} },
            ...all
              .filter(({ atMs }) => atMs > pausedMs)
              .map((event) => ({ ...event, atMs: shift(event.atMs) })),
          ] as SessionEvent[];
          const look = (list: readonly SessionEvent[], nowMs: number) => {
            const known = list.filter(({ atMs }) => atMs <= nowMs);
            return ownPlace(
              score,
              clockState(score, known, nowMs),
              pressesOf(score, known, nowMs),
              "ines",
              null,
            );
          };
          expect(look(held, shift(laterMs))).toEqual(look(all, laterMs));
        },
      ),
      { numRuns: 150 },
    );
  });

  test("a press never sends anybody back, and all of them lead through", () => {
    fc.assert(
      fc.property(arbOwn, fc.array(fc.nat(1000), { maxLength: 30 }), (doc, picks) => {
        const score = taught(doc);
        const run = score.runs[0];
        fc.pre(run !== undefined);
        if (!run) return;
        const beginMs = T0 + score.lengths.slice(0, run.from).reduce((all, length) => all + length, 0);
        const sets = ownSets(score, run, score.lengths, null);
        const list: SessionEvent[] = events([0, "start", {}]);
        const look = (nowMs: number) =>
          ownPlace(score, clockState(score, list, nowMs), pressesOf(score, list, nowMs), "ines", null);
        const press = (i: number) => {
          const { slot, round } = sets[i] as (typeof sets)[number];
          list.push({
            id: `${list.length}`,
            seq: list.length + 1,
            atMs: beginMs,
            kind: "done",
            payload: { person: "ines", slot, round },
          } as SessionEvent);
        };
        let before = look(beginMs)?.at ?? 0;
        for (const pick of picks) {
          press(pick % sets.length);
          const { at = 0 } = look(beginMs) ?? {};
          expect(at).toBeGreaterThanOrEqual(before);
          before = at;
        }
        for (const i of sets.keys()) press(i);
        const place = look(beginMs);
        expect(place && allThrough([place])).toBe(true);
      }),
      { numRuns: 100 },
    );
  });
});
