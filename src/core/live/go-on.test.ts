import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { events, T0 } from "../testing/events";
import { endOf } from "./events";
import { clockState, GO_ON_MS } from "./fold";
import { canGoOn } from "./go-on";
import { liveScore } from "./live-score";
import { staysOf } from "./trace";

const doc = classOf([
  {
    id: "b",
    title: "",
    rest: 10,
    slots: [
      { id: "s", move: { name: "x" }, dose: { seconds: 30 } },
      { id: "t", move: { name: "y" }, dose: { seconds: 30 } },
    ],
  },
]);
const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK));
const ended = events([0, "start"], [12_000, "end"]);
const back = events([0, "start"], [12_000, "end"], [40_000, "go-on"], [45_000, "resume"]);

describe("an end that is taken back", () => {
  test("leaves the class paused where it was, and it goes on from there", () => {
    const at = (ms: number) =>
      clockState(
        score,
        back.filter(({ atMs }) => atMs <= T0 + ms),
        T0 + ms,
      );
    expect(at(20_000).phase).toBe("ended");
    expect(at(41_000)).toMatchObject({ phase: "paused", index: 0, intoMs: 12_000 });
    expect(at(50_000)).toMatchObject({ phase: "running", index: 0, intoMs: 17_000 });
    expect(endOf(ended)?.kind).toBe("end");
    expect(endOf(back)).toBeUndefined();
    expect(endOf(events([0, "start"], [1000, "end"], [2000, "go-on"], [9000, "end"]))?.atMs).toBe(T0 + 9000);
  });

  test("can be for a minute, and only in the middle of a class", () => {
    const can = (list: typeof ended, ms: number) =>
      canGoOn(score, { state: clockState(score, list, T0 + ms), events: list }, T0 + ms);
    expect(can(ended, 12_000 + GO_ON_MS)).toBe(true);
    expect(can(ended, 12_001 + GO_ON_MS)).toBe(false);
    expect(can(back, 50_000)).toBe(false);
    expect(can(events([0, "end"]), 1000)).toBe(false);
    expect(can(events([0, "start"], [80_000, "end"]), 81_000)).toBe(false);
    // One that comes too late changes nothing.
    const late = events([0, "start"], [12_000, "end"], [12_001 + GO_ON_MS, "go-on"]);
    expect(clockState(score, late, T0 + 90_000).phase).toBe("ended");
  });

  test("counts what lay between into the piece that it stood in", () => {
    expect(staysOf(score, back, T0 + 50_000)).toEqual([
      { index: 0, fromMs: T0, toMs: T0 + 12_000 },
      { index: 0, fromMs: T0 + 12_000, toMs: T0 + 50_000 },
    ]);
  });
});
