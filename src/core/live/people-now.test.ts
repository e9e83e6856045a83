import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { newClass } from "../class/new-class";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbEvents } from "../testing/events";
import { ENTRY_KINDS, SESSION_EVENT_KINDS, type SessionEventKind } from "./event-kinds";
import { personOf, type SessionEvent, seenBy } from "./events";
import { clockState } from "./fold";
import { liveScore } from "./live-score";
import { peopleNow } from "./people-now";

const doc = newClass("T", "density");
const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK));
const anyEvents = arbEvents(SESSION_EVENT_KINDS, { most: 25 });

describe("what people enter", () => {
  test("never moves the clock: the state is that of the clock's events alone", () => {
    fc.assert(
      fc.property(anyEvents, fc.nat(3_000_000), (events, later) => {
        const now = 1_000_000 + later;
        const alone = events.filter((event) => !(ENTRY_KINDS as readonly string[]).includes(event.kind));
        const { seq: _a, ...all } = clockState(score, events, now);
        const { seq: _b, ...clock } = clockState(score, alone, now);
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
        expect(clockState(score, mine, now).leftMs).toBe(clockState(score, events, now).leftMs);
      }),
    );
  });

  test("folds to who is here, at which level, who hurts", () => {
    const event = (kind: SessionEventKind, payload: object, seq: number) =>
      ({ id: String(seq), seq, atMs: seq * 1000, kind, payload }) as SessionEvent;
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
