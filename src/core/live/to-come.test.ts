import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { type ClassDoc, slotsOf } from "../class/document";
import { expandedSeconds } from "../class/expand";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { arbEvents, events, T0 } from "../testing/events";
import { spanTriple } from "../values/span";
import { CLOCK_KINDS } from "./event-kinds";
import { happening, type SessionEvent } from "./events";
import { finishWays, nextTimeOfDay } from "./finish";
import { clockState } from "./fold";
import { liveScore } from "./live-score";
import { mergeCommand } from "./merge";
import { dropFinisher, dropRound, LEAST_REST_MS, shortenRests } from "./to-come";
import { heardLateMs, staysOf, tookMs } from "./trace";

const score = (doc: ClassDoc) => liveScore(doc, scoreOf(doc, LIBRARY_BOOK));
const sum = (lengths: readonly number[]) => lengths.reduce((a, b) => a + b, 0);

const slots = ["a", "b"].map((id) => ({ id, move: { name: id }, dose: { seconds: 30 } }));
const doc = classOf([
  { id: "w", title: "", role: "warmup", rounds: 2, rest: 20, slots: [{ ...slots[0], id: "w1" }] },
  { id: "m", title: "", rounds: 3, rest: 20, longRest: 60, slots },
  { id: "f", title: "", role: "finisher", slots: [{ ...slots[0], id: "f1" }] },
  { id: "c", title: "", role: "cooldown", rounds: 2, rest: 40, slots: [{ ...slots[0], id: "c1" }] },
]);

describe("what is still to come", () => {
  test("a round less before the start is the class with one round less in its first block that has one", () => {
    fc.assert(
      fc.property(arbClass, (any) => {
        const live = score(any);
        const target = any.blocks.find((block) => {
          const works = ["main", "finisher"].includes(block.role ?? "main");
          const rounds = spanTriple(block.rounds, 1).plan;
          // Of lists of rounds per slot and of stations a set may be the only one: looked at below.
          const plain = slotsOf(block).every((slot) => slot.rounds === undefined) && block.loop !== "station";
          return works && plain && rounds > 1 && block.cap === undefined && slotsOf(block).length > 0;
        });
        const odd = any.blocks.some(
          (block) => block.loop === "station" || slotsOf(block).some((slot) => slot.rounds !== undefined),
        );
        if (!target || odd) return;
        const less = {
          ...any,
          blocks: any.blocks.map((block) =>
            block === target ? { ...block, rounds: spanTriple(block.rounds, 1).plan - 1 } : block,
          ),
        };
        expect(sum(dropRound(live, live.lengths, -1))).toBe(
          expandedSeconds(less, LIBRARY_BOOK, "plan") * 1000,
        );
      }),
      { numRuns: 300 },
    );
  });

  test("a round less leaves the one before its whole window, also where no rest is between", () => {
    const windows = classOf([
      {
        id: "b",
        title: "",
        rounds: 2,
        slots: [{ id: "a", move: "bodyweight-squat", dose: { reps: 2, repSeconds: 6, within: 20 } }],
      },
    ]);
    const live = score(windows);
    expect(sum(live.lengths)).toBe(40_000);
    expect(sum(dropRound(live, live.lengths, -1))).toBe(20_000);
  });

  test("of stations, the last set of each goes, and the way to the next station stays", () => {
    const stations = {
      ...doc,
      blocks: [{ id: "m", title: "", loop: "station", rounds: 3, rest: 20, longRest: 60, slots }],
    } as unknown as ClassDoc;
    const fewer = { ...stations, blocks: stations.blocks.map((block) => ({ ...block, rounds: 2 })) };
    const live = score(stations);
    expect(sum(dropRound(live, live.lengths, -1))).toBe(expandedSeconds(fewer, LIBRARY_BOOK, "plan") * 1000);
    // In the last set of the first station only the second station's last set is left to drop.
    const index = live.segments.findIndex((segment) => segment.slot === "a" && segment.round === 3);
    expect(sum(live.lengths) - sum(dropRound(live, live.lengths, index))).toBe(50_000);
  });

  test("nothing that has begun changes, no length grows, and the cool-down is whole", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(400), fc.integer({ min: 0, max: 600_000 }), (any, at, by) => {
        const live = score(any);
        const now = Math.min(at, live.lengths.length - 1);
        for (const lengths of [
          dropRound(live, live.lengths, now),
          dropFinisher(live, live.lengths, now),
          shortenRests(live, live.lengths, now, by),
        ]) {
          for (const [i, length] of lengths.entries()) {
            const before = live.lengths[i] as number;
            expect(length).toBeLessThanOrEqual(before);
            const role = live.roles.get(live.segments[i]?.block ?? "");
            if (i <= now || role === "cooldown") expect(length).toBe(before);
          }
        }
        const rests = shortenRests(live, live.lengths, now, by);
        const saved = sum(live.lengths) - sum(rests);
        expect(saved % 1000).toBe(0);
        expect(saved).toBeLessThanOrEqual(Math.ceil(by / 1000) * 1000);
        for (const [i, length] of rests.entries())
          if (length < (live.lengths[i] as number)) expect(length).toBeGreaterThanOrEqual(LEAST_REST_MS);
        // Asked for all there is, nothing more can be taken afterwards.
        const all = shortenRests(live, live.lengths, now, 1e9);
        expect(shortenRests(live, all, now, 1e9).every((length, i) => length >= (all[i] as number) / 2)).toBe(
          true,
        );
      }),
      { numRuns: 150 },
    );
  });

  test("a dropped round is passed over by the clock, by next and by back", () => {
    const live = score(doc);
    const started = events([0, "start"], [1000, "drop-round"]);
    const state = clockState(live, started, T0 + 2000);
    expect(live.totalMs - sum(state.lengths)).toBe(140_000);
    expect(state.driftMs).toBe(-140_000);
    // Stepping with "next" through all of it never lands on a segment without length.
    let list = started;
    const seen: number[] = [];
    for (let i = 0; i < 40; i += 1) {
      const now = clockState(live, list, T0 + 3000 + i);
      if (now.index >= live.timings.length) break;
      seen.push(now.lengths[now.index] as number);
      list = [...list, { id: `n${i}`, seq: list.length + 1, atMs: T0 + 3000 + i, kind: "skip", payload: {} }];
    }
    expect(seen.every((length) => length > 0)).toBe(true);
    const back = [...list, { id: "b", seq: 99, atMs: T0 + 9000, kind: "back" as const, payload: {} }];
    expect(clockState(live, back, T0 + 9000).index).toBe(live.timings.length - 1);
  });

  test("repeat goes back to the piece, also from the rest after it; less of a piece ends it at the soonest now", () => {
    const live = score(doc);
    const inRest = events([0, "start"], [35_000, "repeat"]);
    expect(clockState(live, inRest, T0 + 35_000)).toMatchObject({ index: 0, intoMs: 0 });
    const less = events([0, "start"], [25_000, "shorten", { seconds: 10 }]);
    expect(clockState(live, less, T0 + 25_000)).toMatchObject({ index: 1, intoMs: 0 });
    expect(clockState(live, events([0, "start"], [5000, "shorten", { seconds: 10 }]), T0 + 6000).leftMs).toBe(
      14_000,
    );
  });
});

describe("finishing on time", () => {
  test("each way is shown with the end that it then really has", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(900_000), fc.nat(600_000), (any, after, early) => {
        const live = score(any);
        const list = events([0, "start"], [0, "land-at", { finishAtMs: T0 + live.totalMs - early }]);
        const now = T0 + after;
        for (const way of finishWays(live, list, now)) {
          const taken: SessionEvent[] = [...list, { id: "w", seq: 3, atMs: now, ...happening(way.says) }];
          expect(clockState(live, taken, now).projectedEndMs).toBe(way.endMs);
          expect(way.savesMs).toBeGreaterThan(0);
          expect(way.lands).toBe(way.endMs <= T0 + live.totalMs - early);
        }
      }),
      { numRuns: 150 },
    );
  });

  test("offers a round, shorter rests and no finisher, and not what would change nothing", () => {
    const live = score(doc);
    const list = events([0, "start"], [0, "land-at", { finishAtMs: T0 + live.totalMs - 30_000 }]);
    expect(finishWays(live, list, T0 + 1000).map(({ says: [kind], savesMs }) => [kind, savesMs])).toEqual([
      ["drop-round", 140_000],
      ["shorten-rests", 30_000],
      ["drop-finisher", 30_000],
    ]);
    expect(finishWays(live, events(), T0)).toEqual([]);
    const late = clockState(live, list, T0 + live.totalMs - 60_000);
    expect(live.segments[late.index]?.block).toBe("c");
    expect(finishWays(live, list, T0 + live.totalMs - 60_000)).toEqual([]);
  });

  test("a time of day is the next one, in the zone's own clock", () => {
    const noon = Date.UTC(2026, 10, 25, 12);
    expect(nextTimeOfDay(19, 20, noon, 0)).toBe(Date.UTC(2026, 10, 25, 19, 20));
    expect(nextTimeOfDay(9, 0, noon, 0)).toBe(Date.UTC(2026, 10, 26, 9, 0));
    expect(nextTimeOfDay(0, 30, Date.UTC(2026, 10, 25, 23, 50), 3_600_000)).toBe(
      Date.UTC(2026, 10, 26, 23, 30),
    );
    expect(nextTimeOfDay(0, 55, Date.UTC(2026, 10, 25, 23, 50), 3_600_000)).toBe(
      Date.UTC(2026, 10, 25, 23, 55),
    );
  });

  test("two devices that drop a round at once drop one", () => {
    const taken = events([0, "start"], [9000, "drop-round"]);
    expect(mergeCommand({ id: "x", kind: "drop-round", payload: {} }, taken, 1)).toBe("refused");
    expect(mergeCommand({ id: "x", kind: "drop-round", payload: {} }, taken, 2)).toBe("taken");
    expect(mergeCommand({ id: "x", kind: "note", payload: { text: "n" } }, taken, 0)).toBe("taken");
  });
});

describe("what a class really was", () => {
  const arbRun = arbEvents(
    CLOCK_KINDS.filter((kind) => kind !== "start" && kind !== "end"),
    {
      most: 8,
      gapMs: 40_000,
    },
  ).map((list) => [
    ...events([0, "start", { countInMs: 5000 }]),
    ...list.map((event) => ({ ...event, id: `later-${event.id}`, seq: event.seq + 1 })),
  ]);

  test("the stays follow each other without a gap, and say where the fold says the clock was", () => {
    const live = score(doc);
    fc.assert(
      fc.property(
        arbRun,
        fc.nat(400_000),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (list, after, share) => {
          const end = Math.max(T0 + after, list.at(-1)?.atMs ?? 0);
          const stays = staysOf(live, list, end);
          for (const [i, stay] of stays.entries()) {
            if (i > 0) expect(stay.fromMs).toBe(stays[i - 1]?.toMs);
            expect(stay.toMs).toBeGreaterThan(stay.fromMs);
          }
          const first = stays[0];
          if (!first) return;
          const t = Math.floor(first.fromMs + share * (end - first.fromMs));
          const there = stays.find((stay) => t >= stay.fromMs && t < stay.toMs);
          const then = clockState(
            live,
            list.filter((event) => event.atMs <= t),
            t,
          );
          if (there && then.phase !== "over") expect(then.index).toBe(there.index);
          const total = sum(tookMs(live, stays).map((ms) => ms ?? 0));
          expect(total).toBe((stays.at(-1)?.toMs ?? 0) - first.fromMs);
        },
      ),
      { numRuns: 300 },
    );
  });

  test("left alone every segment takes what was planned; what was dropped took nothing", () => {
    const live = score(doc);
    const all = staysOf(live, events([0, "start", { countInMs: 5000 }]), T0 + 5000 + live.totalMs);
    expect(tookMs(live, all)).toEqual(live.lengths);
    const dropped = staysOf(live, events([0, "start"], [1000, "drop-round"]), T0 + live.totalMs);
    expect(tookMs(live, dropped).filter((ms) => ms === null)).toHaveLength(4);
  });

  test("a tap on the beat says how late somebody hears; far from any beat it says nothing", () => {
    const live = score(doc);
    const list = events([0, "start", { countInMs: 5000 }]);
    expect(heardLateMs(live, list, T0 + 5650)).toBe(650);
    expect(heardLateMs(live, list, T0 + 4000)).toBeNull();
    expect(heardLateMs(live, list, T0 + 20_000)).toBeNull();
    expect(heardLateMs(live, list, T0 + 55_400)).toBe(400);
  });
});
