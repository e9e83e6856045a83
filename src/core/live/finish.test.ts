import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY } from "../moves/library";
import { classOf } from "../testing/classes";
import { events, T0 } from "../testing/events";
import { happening } from "./events";
import { finishWays, nextTimeOfDay } from "./finish";
import { clockState } from "./fold";
import { scoreOfKept } from "./live-score";

const slot = (id: string, seconds: number) => ({ id, move: { name: id }, dose: { seconds } });
const doc = classOf([
  { id: "m", title: "", rounds: 3, rest: 20, longRest: 60, slots: [slot("a", 40), slot("b", 40)] },
  { id: "f", title: "", role: "finisher", rounds: 4, rest: 10, slots: [slot("x", 20)] },
  { id: "c", title: "", role: "cooldown", slots: [slot("z", 180)] },
]);
const score = scoreOfKept({ doc, moves: LIBRARY });
const started = [0, "start", { countInMs: 0 }] as const;

describe("the ways to finish earlier", () => {
  test("show just the end that pressing them gives, and no way that changes nothing", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: score.totalMs + 60_000 }),
        fc.option(fc.integer({ min: -300_000, max: 300_000 })),
        (intoMs, offMs) => {
          const nowMs = T0 + intoMs;
          const wanted = offMs === null ? null : T0 + score.totalMs + offMs;
          const list = events(
            [...started],
            ...(wanted === null ? [] : [[0, "land-at", { finishAtMs: wanted }] as const]),
          );
          const before = clockState(score, list, nowMs).projectedEndMs;
          for (const way of finishWays(score, list, nowMs)) {
            const pressed = { id: "p", seq: 9, atMs: nowMs, ...happening(way.says) };
            const after = clockState(score, [...list, pressed], nowMs).projectedEndMs;
            expect(after).toBe(way.endMs);
            expect(way.savesMs).toBe((before ?? 0) - way.endMs);
            expect(way.savesMs).toBeGreaterThan(0);
            expect(way.lands).toBe(wanted === null || way.endMs <= wanted);
            // The cool-down is kept whole.
            expect(way.endMs - nowMs).toBeGreaterThanOrEqual(Math.min(180_000, (before ?? 0) - nowMs));
          }
        },
      ),
    );
  });

  test("shorten rests by what is missing to the wanted end, or by a quarter where none is wanted", () => {
    const rests = (list: ReturnType<typeof events>) =>
      finishWays(score, list, T0).find(({ says: [kind] }) => kind === "shorten-rests");
    const late = events([...started], [0, "land-at", { finishAtMs: T0 + score.totalMs - 30_000 }]);
    expect(rests(late)).toMatchObject({
      says: ["shorten-rests", { seconds: 30 }],
      lands: true,
      savesMs: 30_000,
    });
    const early = events([...started], [0, "land-at", { finishAtMs: T0 + score.totalMs + 30_000 }]);
    expect(rests(early)).toBeUndefined();
    // Three rests and two longer ones, and three in the finisher: 3 × 20 + 2 × 60 + 3 × 10.
    expect(rests(events([...started]))?.says[1]).toEqual({ seconds: Math.ceil(210 / 4) });
  });

  test("are none before the start and after the end", () => {
    expect(finishWays(score, [], T0)).toEqual([]);
    expect(finishWays(score, events([...started], [9000, "end"]), T0 + 10_000)).toEqual([]);
  });
});

describe("a time of day", () => {
  test("is the first instant after now at which a clock there shows it", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 23 }),
        fc.integer({ min: 0, max: 59 }),
        fc.integer({ min: 0, max: 4e12 }),
        fc.integer({ min: -48, max: 56 }),
        (hours, minutes, nowMs, quarters) => {
          const offsetMs = quarters * 900_000;
          const at = nextTimeOfDay(hours, minutes, nowMs, offsetMs);
          const shown = new Date(at + offsetMs);
          expect([shown.getUTCHours(), shown.getUTCMinutes(), shown.getUTCSeconds()]).toEqual([
            hours,
            minutes,
            0,
          ]);
          expect(at).toBeGreaterThan(nowMs);
          expect(at - nowMs).toBeLessThanOrEqual(86_400_000);
        },
      ),
    );
  });
});
