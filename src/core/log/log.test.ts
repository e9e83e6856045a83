import Papa from "papaparse";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import { liveScore } from "../live/live-score";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { limitsToLookAt, READINESS_WEEKS, readinessDue } from "../readiness/readiness";
import { scoreOf } from "../score/score";
import { events, T0 } from "../testing/events";
import { isNews, keptOf, type LogEntry } from "./entries";
import { doneIn, logCsv, logJson, type SessionLog } from "./log-file";
import { prefilled, recordOf } from "./record";

const doc = {
  format: "brontle.class",
  version: 1,
  title: "=Steps, by the quay",
  stance: "density",
  blocks: [
    {
      id: "m",
      title: "",
      rounds: 3,
      rest: 30,
      slots: [
        { id: "a", move: "press-up", dose: { reps: 10, repSeconds: 3 } },
        { id: "b", move: "plank", dose: { hold: 30 } },
      ],
    },
  ],
} as unknown as ClassDoc;
const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK));
// Twenty press-ups are known of her: ten are what was meant.
const PIA = { id: "p", name: "Pia", workingSets: [{ move: "press-up", reps: 20, rir: 2 }] };
const parts = partsFor(doc, [PIA], LIBRARY_BOOK);

const taught = events(
  [0, "join", { person: "p" }],
  [0, "start"],
  [10_000, "pause"],
  [15_000, "resume"],
  [20_000, "mark", { person: "p", mark: "flat" }],
  [30_000, "hurt", { person: "p", slot: "a" }],
  [31_000, "note", { text: "Band slipped" }],
  [130_000, "leave", { person: "p" }],
  [140_000, "end"],
);

describe("the record", () => {
  const record = recordOf(score, taught, ["p", "q"], T0 + 999_000);
  test("says what each segment took against plan, who was there, and what hurt", () => {
    expect(record.segments[0]).toMatchObject({ slot: "a", planSeconds: 30, tookSeconds: 35 });
    expect(record.tookSeconds).toBe(140);
    expect(record.segments.at(-1)?.tookSeconds).toBeNull();
    expect(record.notes).toEqual([{ atMs: T0 + 31_000, text: "Band slipped" }]);
    expect(record.people[0]).toMatchObject({
      person: "p",
      spans: [{ fromMs: T0, toMs: T0 + 130_000 }],
      marks: [{ mark: "flat" }],
      hurt: [{ slot: "a" }],
      lateMs: null,
    });
    expect(record.people[1]).toMatchObject({ person: "q", spans: [] });
  });

  test("prefills the sets that ran while the person was there, with reps and seconds of their part", () => {
    const filled = prefilled(score, taught, () => parts[0], "p", T0 + 140_000);
    expect(filled.get("a")).toMatchObject({ sets: 1, reps: 10 });
    expect(filled.get("b")).toMatchObject({ sets: 1, seconds: 30 });
    expect(prefilled(score, taught, () => parts[0], "q", T0 + 140_000).size).toBe(0);
  });
});

describe("a block at one's own pace", () => {
  const ownDoc = { ...doc, blocks: doc.blocks.map((block) => ({ ...block, pace: "own" })) } as ClassDoc;
  const ownScore = liveScore(ownDoc, scoreOf(ownDoc, LIBRARY_BOOK), LIBRARY_BOOK);
  const ownParts = partsFor(ownDoc, [PIA], LIBRARY_BOOK);
  const done = (ms: number, round: number) => [ms, "done", { person: "p", slot: "a", round }] as const;

  test("prefills what was said to be done and what was timed in between, not what the clock passed", () => {
    // 30 s of press-ups, 30 s of rest, 30 s of plank, 30 s of rest: she is twice as fast, then slow.
    const quick = events([0, "join", { person: "p" }], [0, "start"], done(15_000, 1), done(90_000, 2), [
      300_000,
      "end",
    ]);
    const filled = prefilled(ownScore, quick, () => ownParts[0], "p", T0 + 300_000);
    expect(filled.get("a")).toMatchObject({ sets: 2, reps: 10 });
    expect(filled.get("b")).toMatchObject({ sets: 2 });
    const back = events(
      [0, "join", { person: "p" }],
      [0, "start"],
      done(15_000, 1),
      done(90_000, 2),
      [95_000, "not-done", { person: "p", slot: "a", round: 2 }],
      [300_000, "end"],
    );
    expect(prefilled(ownScore, back, () => ownParts[0], "p", T0 + 300_000).get("a")).toMatchObject({
      sets: 1,
    });
    expect(recordOf(ownScore, back, ["p"], T0 + 300_000).people[0]?.done).toEqual({ a: 1 });
  });

  test("goes by the clock for who pressed nothing", () => {
    const silent = events([0, "join", { person: "p" }], [0, "start"], [200_000, "end"]);
    const byClock = prefilled(score, silent, () => parts[0], "p", T0 + 200_000);
    expect(prefilled(ownScore, silent, () => ownParts[0], "p", T0 + 200_000)).toEqual(byClock);
  });
});

describe("entries", () => {
  const entry = (value: number, by: string, atMs: number): LogEntry => ({
    person: "p",
    field: "effort",
    value,
    by,
    atMs,
  });
  test("a correction keeps every earlier value with its author and time, the last first", () => {
    const list = [entry(5, "self", 1), entry(6, "Coach", 2), entry(7, "self", 3)];
    const kept = keptOf(list, "p").effort;
    expect(kept).toMatchObject({ value: 7, by: "self", atMs: 3 });
    expect(kept?.earlier.map(({ value, by, atMs }) => [value, by, atMs])).toEqual([
      [6, "Coach", 2],
      [5, "self", 1],
    ]);
    expect(keptOf(list, "other")).toEqual({});
    expect(isNews(list, "p", { field: "effort", value: 7 })).toBe(false);
    expect(isNews(list, "p", { field: "effort", value: 8 })).toBe(true);
    expect(isNews([], "p", { field: "note", value: null })).toBe(false);
  });
});

describe("the log as files", () => {
  const log = (entries: readonly LogEntry[]): SessionLog => ({
    title: doc.title,
    startsAt: "2026-11-24T19:00:00.000Z",
    timeZone: "Atlantic/Reykjavik",
    doc,
    record: recordOf(score, taught, ["p"], T0),
    people: [
      {
        person: "p",
        name: "Pia",
        present: true,
        kept: keptOf(entries, "p"),
        prefilled: prefilled(score, taught, () => parts[0], "p", T0 + 140_000),
        part: parts[0] ?? null,
      },
    ],
  });

  test("a foreign reader finds every line, what was said before what was prefilled, and no live formula", () => {
    const said: LogEntry = { person: "p", field: "slot:a", value: { sets: 1, reps: 7 }, by: "self", atMs: 9 };
    const text = logCsv(log([said, { ...said, field: "note", value: '-1, "ok"\nfine' }]));
    const { data, errors } = Papa.parse<Record<string, string>>(text, { header: true });
    expect(errors).toEqual([]);
    expect(data.map(({ slot, reps, said: whose }) => [slot, reps, whose])).toEqual([
      ["a", "7", "person"],
      ["b", "", "from the part"],
    ]);
    expect(data[0]?.pain).toBe("yes");
    expect(data[0]?.class?.startsWith("'=")).toBe(true);
    expect(data[0]?.note).toBe(`'-1, "ok"\nfine`);
    expect(doneIn(log([said]).people[0] as SessionLog["people"][number], "a")).toEqual({ sets: 1, reps: 7 });
  });

  test("JSON says it all and comes back as it went", () => {
    const json = logJson(log([])) as { format: string; people: { done: object }[]; segments: unknown[] };
    expect(JSON.parse(JSON.stringify(json))).toEqual(json);
    expect(json).toMatchObject({ format: "brontle.log", version: 1, tookSeconds: 140 });
    expect(Object.keys(json.people[0]?.done ?? {})).toEqual(["a", "b"]);
  });
});

test("the readiness check is due at first and again after twelve weeks, and offers limits, never reasons", () => {
  const day = 86_400_000;
  expect(readinessDue(null, 0)).toBe(true);
  expect(readinessDue(0, READINESS_WEEKS * 7 * day - 1)).toBe(false);
  expect(readinessDue(0, READINESS_WEEKS * 7 * day)).toBe(true);
  expect(limitsToLookAt(["hernia", "joint"])).toContain("no-straining");
  expect(new Set(limitsToLookAt(["joint", "balance"])).size).toBe(
    limitsToLookAt(["joint", "balance"]).length,
  );
});
