import { readFileSync } from "node:fs";
import fc from "fast-check";
import { beforeAll, describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import type { Person } from "../homes/home";
import { clockState } from "../live/fold";
import { peopleNow } from "../live/people-now";
import { workOut } from "../live/work-out";
import { LIBRARY } from "../moves/library";
import { CHANGE_OVER } from "../parts/change-over";
import { arbClass } from "../testing/arbitraries";
import { crowdOf, type SimulatedPerson } from "./crowd";
import { Rehearsal, rehearsed } from "./rehearsal";
import { reportOf } from "./report";
import { type Setting, settingOf } from "./setting";

const read = (name: string) =>
  JSON.parse(readFileSync(new URL(`../../../demo/${name}`, import.meta.url), "utf8")) as unknown;

function settingFor(doc: ClassDoc, people: readonly Person[]): Setting {
  const { parts } = workOut(doc, people, CHANGE_OVER);
  return settingOf({ doc, moves: LIBRARY, parts });
}

const plain = (person: string, more: Partial<SimulatedPerson> = {}): SimulatedPerson => ({
  person,
  pace: 1,
  spareReps: 0,
  comesSeconds: -60,
  latencyMs: 50,
  jitterMs: 0,
  drops: [],
  silent: false,
  hurtShare: 0,
  strap: { restBpm: 60, mostBpm: 180 },
  ...more,
});

let setting: Setting;
let people: readonly Person[];
let lasts = 0;

beforeAll(() => {
  people = (read("roster.json") as { people: readonly Person[] }).people;
  setting = settingFor(read("classes/2-stairwell-strength.json") as ClassDoc, people);
  lasts = setting.score.totalMs / 1000;
});
const crowd = (seed: number) =>
  crowdOf(
    people.map(({ id }) => id),
    lasts,
    seed,
  );

describe("a rehearsal", () => {
  test("is the same for the same seed, however its time is cut up, and another for another", () => {
    const whole = rehearsed(setting, crowd(7), 7, 0);
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 40_000 }), { minLength: 3, maxLength: 40 }), (steps) => {
        const cut = new Rehearsal(setting, crowd(7), 7, 0);
        cut.advance(10_000);
        cut.say("start", { countInMs: 5000 });
        let toMs = 10_000;
        for (const step of steps) {
          toMs += step;
          cut.advance(toMs);
        }
        // The class waits for "next" in places; up to the first of them both are alike.
        const first = whole.events.find(({ kind }) => kind === "skip")?.atMs ?? Number.POSITIVE_INFINITY;
        const until = Math.min(first, toMs) - 1;
        const upTo = (list: Rehearsal) => list.events.filter(({ atMs }) => atMs < until);
        expect(upTo(cut)).toEqual(upTo(whole));
      }),
      { numRuns: 8 },
    );
    expect(rehearsed(setting, crowd(8), 8, 0).events).not.toEqual(whole.events);
  });

  test("makes events that the same fold reads, with numbers and times as a server gives them", () => {
    const rehearsal = rehearsed(setting, crowd(3), 3, 1_000_000);
    const { events } = rehearsal;
    expect(events.map(({ seq }) => seq)).toEqual(events.map((_, i) => i + 1));
    for (const [i, event] of events.entries())
      expect(event.atMs).toBeGreaterThanOrEqual(events[i - 1]?.atMs ?? 0);
    expect(new Set(events.map(({ id }) => id)).size).toBe(events.length);
    expect(rehearsal.state).toEqual(clockState(setting.score, events, rehearsal.nowMs));
    expect(rehearsal.state.phase).toBe("ended");
    expect(peopleNow(events).here.length).toBe(people.length);
  });

  test("changes nothing of the others when somebody else is another", () => {
    const all = crowd(5);
    const [first, ...others] = all;
    if (!first) throw new Error("nobody");
    const a = rehearsed(setting, all, 5, 0);
    const b = rehearsed(
      setting,
      [{ ...first, pace: 2, silent: !first.silent, latencyMs: 900 }, ...others],
      5,
      0,
    );
    const of = (rehearsal: Rehearsal) =>
      rehearsal.attendees.slice(1).map(({ mind }) => [mind.self.person, mind.late, mind.fell, mind.joinedMs]);
    expect(of(b)).toEqual(of(a));
  });

  test("pressed without a connection arrives when it is back, with the time at which it was pressed", () => {
    const id = people[0]?.id ?? "";
    const without = (seconds: number) => [plain(id, { drops: [{ fromSeconds: 0, seconds }] })];
    const done = (list: Rehearsal) => list.events.filter(({ kind }) => kind === "done");
    const never = rehearsed(setting, without(9 * lasts), 1, 0);
    expect(done(never)).toEqual([]);
    const back = rehearsed(setting, without(lasts / 2), 1, 0);
    const always = rehearsed(setting, [plain(id)], 1, 0);
    expect(done(back).length).toBeGreaterThan(3);
    expect(done(back).length).toBe(done(always).length);
    // What was pressed meanwhile came in when the connection was back: never before what a server had by then.
    const backMs = 15_000 + (lasts / 2) * 1000;
    const during = back.events.filter(({ kind, atMs }) => kind === "skip" && atMs < backMs - 1000);
    const first = back.events.findIndex(({ kind }) => kind === "done");
    expect(first).toBeGreaterThan(back.events.findLastIndex(({ id }) => id === during.at(-1)?.id));
  });

  test("a pause holds it: nobody gets on, hearts calm down", () => {
    const rehearsal = new Rehearsal(
      setting,
      people.map(({ id }) => plain(id)),
      2,
      0,
    );
    rehearsal.advance(10_000);
    rehearsal.say("start", { countInMs: 0 });
    rehearsal.advance(10_000 + 15 * 60_000);
    const bpm = () => rehearsal.attendees.map(({ readings }) => readings.at(-1)?.bpm ?? 0);
    const before = bpm();
    const at = rehearsal.state.index;
    rehearsal.say("pause");
    rehearsal.advance(10_000 + 20 * 60_000);
    expect(rehearsal.state.index).toBe(at);
    const mean = (list: readonly number[]) => list.reduce((a, b) => a + b, 0) / list.length;
    expect(mean(bpm())).toBeLessThan(mean(before) - 20);
    expect(mean(bpm())).toBeLessThan(70);
  });
});

describe("the report", () => {
  test("finds late just those for whom a gap is shorter than what they need, by what is missing", () => {
    const slow = rehearsed(
      setting,
      people.map(({ id }) => plain(id, { pace: 1.6 })),
      4,
      0,
    );
    const report = reportOf(slow);
    expect(report?.gaps.length).toBeGreaterThan(0);
    for (const { mind } of slow.attendees) {
      const part = setting.parts.get(mind.self.person);
      for (const { fromSlot, toSlot, gapMs, lateMs } of mind.late) {
        const needs =
          part?.changeovers.find(({ from, to }) => from === fromSlot && to === toSlot)?.needs ?? 0;
        expect(lateMs).toBe(Math.round(needs * 1600 - gapMs));
      }
    }
    const quick = reportOf(
      rehearsed(
        setting,
        people.map(({ id }) => plain(id, { pace: 0.2 })),
        4,
        0,
      ),
    );
    expect(quick?.lateShare).toBeLessThan((report?.lateShare ?? 0) / 2);
  });

  test("tells who came late, who lost the connection, who was weaker than believed", () => {
    const [a = "", b = "", ...others] = people.map(({ id }) => id);
    const report = reportOf(
      rehearsed(
        setting,
        [
          plain(a, { comesSeconds: 120 }),
          plain(b, { drops: [{ fromSeconds: 60, seconds: 30 }] }),
          ...others.map((id) => plain(id, { spareReps: -6 })),
        ],
        1,
        0,
      ),
    );
    const of = (person: string) => report?.people.find((each) => each.person === person);
    expect(of(a)?.lateSeconds).toBeGreaterThanOrEqual(120);
    expect(of(a)?.lateSeconds).toBeLessThanOrEqual(122);
    expect(of(b)).toMatchObject({ lateSeconds: null, lostSeconds: 30 });
    const weak = others.filter((id) => of(id)?.needs.some(({ why }) => why === "too-much"));
    expect(weak.length).toBeGreaterThan(others.length / 3);
    expect(of(a)?.needs.some(({ why }) => why === "too-much")).toBe(false);
  });

  test("straps read between rest and the most, highest where the class is hardest", () => {
    const report = reportOf(rehearsed(setting, crowd(9), 9, 0));
    const straps = crowd(9).map(({ strap }) => strap);
    for (const { least, median, most } of report?.pulse ?? []) {
      expect(least).toBeGreaterThan(Math.min(...straps.map(({ restBpm }) => restBpm)) - 12);
      expect(most).toBeLessThan(Math.max(...straps.map(({ mostBpm }) => mostBpm)) + 12);
      expect(median).toBeGreaterThanOrEqual(least);
      expect(median).toBeLessThanOrEqual(most);
    }
    const hardest = report?.hardest;
    expect(hardest?.median).toBeGreaterThan((report?.pulse[0]?.median ?? 0) + 30);
    expect(hardest?.atSeconds).toBeGreaterThan(300);
  });

  test("of any class holds together", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(1000), (doc, seed) => {
        const some = people.slice(0, 3);
        const any = settingFor(doc, some);
        fc.pre(any.score.totalMs < 2 * 3_600_000);
        const ids = some.map(({ id }) => id);
        const rehearsal = rehearsed(any, crowdOf(ids, any.score.totalMs / 1000, seed), seed, 0);
        expect(rehearsal.state).toEqual(clockState(any.score, rehearsal.events, rehearsal.nowMs));
        const report = reportOf(rehearsal);
        expect(report?.lateShare).toBeGreaterThanOrEqual(0);
        for (const { who, needsSeconds, gapSeconds } of report?.gaps ?? []) {
          expect(who.length).toBeGreaterThan(0);
          expect(needsSeconds).toBeGreaterThan(gapSeconds);
        }
        for (const { cutSets } of report?.people ?? []) expect(cutSets).toBeGreaterThanOrEqual(0);
      }),
      { numRuns: 25 },
    );
  });
});
