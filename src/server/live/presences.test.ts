import { afterEach, beforeEach, describe, expect, test, vi } from "vitest";
import type { SessionEvent } from "../../core/live/events";
import { GONE_MS, isHere, Presences } from "./presences";

const events = (...kinds: string[]): SessionEvent[] =>
  kinds.map((said, i) => {
    const [kind, person] = said.split(" ");
    return { seq: i + 1, id: said, kind, payload: person ? { person } : {}, atMs: i } as SessionEvent;
  });

describe("whose screens are gone", () => {
  test("has left only where they had come, hadn't left by themselves, and the class goes on", () => {
    expect(isHere(events("join gil"), "gil")).toBe(true);
    expect(isHere(events("join gil"), "ines")).toBe(false);
    expect(isHere(events("join gil", "leave gil"), "gil")).toBe(false);
    expect(isHere(events("join gil", "leave gil", "join gil"), "gil")).toBe(true);
    expect(isHere(events("join gil", "start", "end"), "gil")).toBe(false);
    expect(isHere(events("join gil", "start", "end", "go-on"), "gil")).toBe(true);
  });
});

describe("a page that was killed", () => {
  beforeEach(() => void vi.useFakeTimers());
  afterEach(() => void vi.useRealTimers());
  const gil = { session: "s", id: "row", person: "gil" };
  const made = () => {
    const left: string[] = [];
    const presences = new Presences(
      () => events("join gil"),
      async ({ person }) => void left.push(person),
    );
    return { left, presences };
  };

  test("is written as left a while after its last stream ended, once", () => {
    const { left, presences } = made();
    presences.came(gil);
    presences.came(gil);
    presences.gone(gil);
    vi.advanceTimersByTime(2 * GONE_MS);
    expect(left).toEqual([]);
    presences.gone(gil);
    vi.advanceTimersByTime(GONE_MS - 1);
    expect(left).toEqual([]);
    vi.advanceTimersByTime(GONE_MS);
    expect(left).toEqual(["gil"]);
  });

  test("is not where it comes again, here or in another process, or where this process ends", () => {
    for (const again of [
      (presences: Presences) => presences.came(gil),
      (presences: Presences) => presences.elsewhere("s row"),
      (presences: Presences) => presences.stop(),
    ]) {
      const { left, presences } = made();
      presences.came(gil);
      presences.gone(gil);
      vi.advanceTimersByTime(GONE_MS - 1);
      again(presences);
      vi.advanceTimersByTime(2 * GONE_MS);
      expect(left).toEqual([]);
    }
  });
});
