import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { newClass } from "../class/new-class";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbEvents } from "../testing/events";
import { ENTRY_KINDS, RUN_EVENT_KINDS, type RunEventKind } from "./event-kinds";
import { personOf, type RunEvent, seenBy } from "./events";
import { runState } from "./fold";
import { peopleNow } from "./people-now";
import { runScore } from "./run-score";

const doc = newClass("T", "density");
const score = runScore(doc, scoreOf(doc, LIBRARY_BOOK));
const anyEvents = arbEvents(RUN_EVENT_KINDS, { most: 25 });

describe("what people enter", () => {
  test("never moves the clock: the state is that of the clock's events alone", () => {
    fc.assert(
      fc.property(anyEvents, fc.nat(3_000_000), (events, later) => {
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
      fc.property(anyEvents, fc.nat(3_000_000), (events, later) => {
        const mine = seenBy(events, "a");
        expect(mine.some((event) => personOf(event) === "b")).toBe(false);
        const now = 1_000_000 + later;
        expect(runState(score, mine, now).leftMs).toBe(runState(score, events, now).leftMs);
      }),
    );
  });

  test("folds to who is here, at which level, who hurts", () => {
    const event = (kind: RunEventKind, payload: object, seq: number) =>
      ({ id: String(seq), seq, atMs: seq * 1000, kind, payload }) as RunEvent;
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
