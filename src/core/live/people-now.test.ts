import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { newClass } from "../class/new-class";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { ENTRY_KINDS, RUN_EVENT_KINDS, type RunEvent, seenBy } from "./events";
import { runState } from "./fold";
import { peopleNow } from "./people-now";
import { runScore } from "./run-score";

const doc = newClass("T", "density");
const score = runScore(doc, scoreOf(doc, LIBRARY_BOOK));
const arbEvents = fc
  .array(
    fc.record({
      kind: fc.constantFrom(...RUN_EVENT_KINDS),
      person: fc.constantFrom("a", "b"),
      after: fc.nat(20_000),
      mark: fc.constantFrom("flat" as const, "sharp" as const),
    }),
    { maxLength: 25 },
  )
  .map((list) => {
    let atMs = 1_000_000;
    return list.map(({ kind, person, after, mark }, i): RunEvent => {
      atMs += after;
      const own = (ENTRY_KINDS as readonly string[]).includes(kind) || kind === "hurt-seen";
      return {
        id: `e${i}`,
        seq: i + 1,
        atMs,
        kind,
        payload: own ? { person, mark, slot: "s1" } : { seconds: 10 },
      };
    });
  });

describe("what people enter", () => {
  test("never moves the clock: the state is that of the clock's events alone", () => {
    fc.assert(
      fc.property(arbEvents, fc.nat(3_000_000), (events, later) => {
        const now = 1_000_000 + later;
        const alone = events.filter((event) => !(ENTRY_KINDS as readonly string[]).includes(event.kind));
        const { seq: _a, ...all } = runState(score, events, now);
        const { seq: _b, ...clock } = runState(score, alone, now);
        expect(all).toEqual(clock);
      }),
    );
  });

  test("of others is seen by nobody, and the clock by everybody", () => {
    fc.assert(
      fc.property(arbEvents, fc.nat(3_000_000), (events, later) => {
        const mine = seenBy(events, "a");
        expect(mine.some((event) => event.payload.person === "b")).toBe(false);
        const now = 1_000_000 + later;
        expect(runState(score, mine, now).leftMs).toBe(runState(score, events, now).leftMs);
      }),
    );
  });

  test("folds to who is here, at which level, who hurts", () => {
    const event = (kind: RunEvent["kind"], payload: RunEvent["payload"], seq: number): RunEvent => ({
      id: String(seq),
      seq,
      atMs: seq * 1000,
      kind,
      payload,
    });
    const events = [
      event("join", { person: "a" }, 1),
      event("join", { person: "b" }, 2),
      event("mark", { person: "a", mark: "flat" }, 3),
      event("hurt", { person: "b", slot: "s4" }, 4),
      event("hurt", { person: "a", slot: "s4" }, 5),
      event("hurt-seen", { person: "b" }, 6),
      event("done", { person: "a", slot: "s4" }, 7),
      event("leave", { person: "b" }, 8),
    ];
    const now = peopleNow(events);
    expect(now.here).toEqual(["a"]);
    expect(now.marks.get("a")).toBe("flat");
    expect(now.hurt).toEqual([{ person: "a", slot: "s4", atMs: 5000 }]);
    expect(now.done.get("a")).toEqual(["s4"]);
  });
});
