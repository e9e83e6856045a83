import { describe, expect, test } from "vitest";
import { newClass } from "../class/new-class";
import { LIBRARY } from "../moves/library";
import { events, T0 } from "../testing/events";
import { clockState } from "./fold";
import { forgottenEnd, wasNotHeld } from "./forgotten";
import { scoreOfKept } from "./live-score";
import { isLongPast, OPEN_HOURS, SESSION_STATES } from "./session";

const HOUR = 3_600_000;
const score = scoreOfKept({ doc: newClass("T", "density"), moves: LIBRARY });
const LATER = T0 + (OPEN_HOURS + 3) * HOUR;

const started = [0, "start", { countInMs: 5000 }] as const;

describe("a class that nobody ended", () => {
  test("was over when its score had run out, whatever people entered afterwards", () => {
    const list = events(
      [...started],
      [20_000, "extend", { seconds: 30 }],
      [2 * HOUR, "done", { person: "a" }],
    );
    const endMs = forgottenEnd(score, list, LATER);
    expect(endMs).toBe(T0 + 5000 + score.totalMs + 30_000);
    expect(clockState(score, list, (endMs ?? 0) - 1).phase).toBe("running");
    expect(clockState(score, list, endMs ?? 0).phase).toBe("over");
  });

  test("was over when it was left in a pause", () => {
    const list = events([...started], [60_000, "pause"], [70_000, "join", { person: "a" }]);
    expect(forgottenEnd(score, list, LATER)).toBe(T0 + 60_000);
  });

  test("may still go on while something happened in it lately", () => {
    const list = events([...started], [5 * HOUR, "done", { person: "a" }]);
    expect(forgottenEnd(score, list, T0 + (5 + OPEN_HOURS) * HOUR - 1)).toBeNull();
    expect(forgottenEnd(score, list, T0 + (5 + OPEN_HOURS) * HOUR)).not.toBeNull();
  });

  test("isn't one that was never started, or has ended", () => {
    expect(forgottenEnd(score, [], LATER)).toBeNull();
    expect(forgottenEnd(score, events([0, "join", { person: "a" }]), LATER)).toBeNull();
    expect(forgottenEnd(score, events([...started], [9000, "end"]), LATER)).toBeNull();
  });
});

describe("a session whose time has passed", () => {
  test("was not held where its clock was never started, and keeps its word else", () => {
    const past = T0 + OPEN_HOURS * HOUR;
    expect(isLongPast(T0, null, past)).toBe(true);
    expect(isLongPast(T0, null, past - 1)).toBe(false);
    // One that was started late goes on from then.
    expect(isLongPast(T0, T0 + HOUR, past)).toBe(false);
    expect(isLongPast(T0, T0 - HOUR, past - 1)).toBe(false);
    for (const state of SESSION_STATES) {
      expect(wasNotHeld(state, T0, past - 1)).toBe(false);
      const never = state === "planned" || state === "open";
      expect(wasNotHeld(state, T0, past)).toBe(never);
    }
  });
});
