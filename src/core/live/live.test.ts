import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../class/document";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { type AnEvent, events, T0 } from "../testing/events";
import { cuesBetween } from "./cues";
import { factsOf, MOST_EXTEND_SECONDS, SESSION_EVENT_KINDS, type SessionEventKind } from "./event-kinds";
import type { SessionCommand, SessionEvent } from "./events";
import { BACK_GRACE_MS, clockState } from "./fold";
import { type LiveScore, liveScore } from "./live-score";
import { mergeCommand } from "./merge";

function simple(lengths: readonly number[], rest = 10, atEnd: "run" | "wait" = "run"): LiveScore {
  const slots = lengths.map((n, i) => ({
    id: `s${i}`,
    move: { name: "x" },
    dose: atEnd === "wait" ? { reps: n, repSeconds: 1 } : { seconds: n },
  }));
  const doc = {
    format: "brontle.class",
    version: 1,
    title: "T",
    stance: "form",
    blocks: [{ id: "b", title: "", rest, atEnd, slots }],
  } as ClassDoc;
  return liveScore(doc, scoreOf(doc, LIBRARY_BOOK));
}

/** The same rules, a millisecond at a time: what the fold must agree with. */
function naive(score: LiveScore, list: readonly SessionEvent[], nowMs: number) {
  let phase: "ready" | "running" | "paused" | "ended" = "ready";
  let index = 0;
  let into = 0;
  let extra = 0;
  const due = [...list];
  for (let t = T0; t <= nowMs; t += 1) {
    if (t > T0 && phase === "running") {
      into += 1;
      const timing = score.timings[index];
      if (timing && !timing.waits && into >= timing.lengthMs + extra) {
        index += 1;
        into = 0;
        extra = 0;
      }
    }
    while (due[0] && due[0].atMs <= t) {
      const event = due.shift() as SessionEvent;
      const live = phase === "running" || phase === "paused";
      const go = (to: number) => {
        index = to;
        into = 0;
        extra = 0;
      };
      if (event.kind === "start" && phase === "ready") {
        phase = "running";
        into = -(event.payload.countInMs ?? 0);
      } else if (event.kind === "pause" && phase === "running") phase = "paused";
      else if (event.kind === "resume" && phase === "paused") phase = "running";
      else if (event.kind === "skip" && live)
        go(into < 0 ? index : Math.min(score.timings.length, index + 1));
      else if (event.kind === "back" && live)
        go(into >= BACK_GRACE_MS && index < score.timings.length ? index : Math.max(0, index - 1));
      else if (event.kind === "extend" && live && index < score.timings.length)
        extra += (event.payload.seconds ?? 0) * 1000;
      else if (event.kind === "end") phase = "ended";
    }
  }
  return { phase, index, into };
}

describe("the fold", () => {
  const arbEvents = fc
    .array(
      fc.tuple(
        fc.integer({ min: 0, max: 9000 }),
        fc.constantFrom<SessionEventKind>("pause", "resume", "skip", "back", "extend", "pause", "resume"),
      ),
      { maxLength: 7 },
    )
    .map((list) => {
      const sorted = list
        .sort((a, b) => a[0] - b[0])
        .map(([at, kind]) => [at, kind, kind === "extend" ? { seconds: 1 } : {}] as unknown as AnEvent);
      return events([0, "start", { countInMs: 500 }], ...sorted);
    });

  test("agrees with a clock that is moved a millisecond at a time", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 4 }),
        arbEvents,
        fc.integer({ min: 0, max: 14_000 }),
        (lengths, list, after) => {
          const score = simple(lengths, 1);
          const now = Math.max(T0 + after, list.at(-1)?.atMs ?? 0);
          const state = clockState(score, list, now);
          const expected = naive(score, list, now);
          expect(state.index).toBe(expected.index);
          if (expected.index < score.timings.length) expect(state.intoMs).toBe(expected.into);
        },
      ),
      { numRuns: 200 },
    );
  });

  test("left alone, it is at every moment where the score says", () => {
    fc.assert(
      fc.property(arbClass, fc.double({ min: 0, max: 1, noNaN: true }), (doc, share) => {
        const live = liveScore(
          { ...doc, blocks: doc.blocks.map((block) => ({ ...block, atEnd: "run" as const })) },
          scoreOf(doc, LIBRARY_BOOK),
        );
        const t = Math.floor(live.totalMs * share);
        const state = clockState(live, events([0, "start"]), T0 + t);
        const segment = live.segments[state.index];
        if (t >= live.totalMs) expect(state.phase).toBe("over");
        else {
          expect(segment && segment.start * 1000 + state.intoMs).toBe(t);
          expect(state.projectedEndMs).toBe(T0 + live.totalMs);
          expect(state.driftMs).toBe(0);
        }
      }),
    );
  });

  test("a pause makes the end later by its length, however often it is looked at", () => {
    const score = simple([30, 30]);
    const list = events([0, "start"], [5000, "pause"], [25_000, "resume"]);
    expect(clockState(score, list.slice(0, 2), T0 + 15_000)).toMatchObject({
      phase: "paused",
      leftMs: 25_000,
      driftMs: 10_000,
    });
    expect(clockState(score, list, T0 + 30_000)).toMatchObject({
      phase: "running",
      intoMs: 10_000,
      driftMs: 20_000,
    });
  });

  test("+10 s lengthens the present segment only", () => {
    const score = simple([30, 30]);
    const list = events([0, "start"], [5000, "extend", { seconds: 10 }]);
    expect(clockState(score, list, T0 + 6000)).toMatchObject({
      lengthMs: 40_000,
      leftMs: 34_000,
      driftMs: 10_000,
    });
    expect(clockState(score, list, T0 + 41_000)).toMatchObject({
      index: 1,
      lengthMs: 10_000,
      driftMs: 10_000,
    });
  });

  test("no event takes more seconds than its command may, whatever it says", () => {
    const score = simple([30, 30]);
    const list = events([0, "start"], [5000, "extend", { seconds: 100_000 }]);
    expect(clockState(score, list, T0 + 6000).lengthMs).toBe(30_000 + MOST_EXTEND_SECONDS * 1000);
    expect(clockState(score, events([0, "start"], [5, "extend", { seconds: -9 }]), T0 + 9).lengthMs).toBe(
      30_000,
    );
    expect(SESSION_EVENT_KINDS.filter((kind) => "seconds" in factsOf(kind).payload)).toEqual([
      "extend",
      "shorten",
      "shorten-rests",
    ]);
  });

  test("where the block waits, a counted piece stays until next, and the wait counts as drift", () => {
    const score = simple([10, 10], 5, "wait");
    const started = events([0, "start"]);
    expect(clockState(score, started, T0 + 13_000)).toMatchObject({
      index: 0,
      leftMs: 0,
      waitedMs: 3000,
      driftMs: 3000,
    });
    const next = events([0, "start"], [13_000, "skip"]);
    expect(clockState(score, next, T0 + 13_000)).toMatchObject({ index: 1, driftMs: 3000 });
  });

  test("a count-in comes before second 0 and can be skipped", () => {
    const score = simple([30]);
    const list = events([0, "start", { countInMs: 5000 }]);
    expect(clockState(score, list, T0 + 2000)).toMatchObject({
      phase: "count-in",
      intoMs: -3000,
      driftMs: 0,
    });
    expect(
      clockState(score, events([0, "start", { countInMs: 5000 }], [1000, "skip"]), T0 + 1000),
    ).toMatchObject({ index: 0, intoMs: 0 });
  });

  test("nothing moves before the start and after the end", () => {
    const score = simple([30]);
    expect(clockState(score, events([0, "skip"], [5, "extend", { seconds: 9 }]), T0 + 9000)).toMatchObject({
      phase: "ready",
      index: 0,
    });
    const ended = events([0, "start"], [4000, "end"], [5000, "skip"]);
    expect(clockState(score, ended, T0 + 99_000)).toMatchObject({
      phase: "ended",
      index: 0,
      projectedEndMs: null,
    });
  });
});

describe("cues", () => {
  const all = (score: LiveScore, list: SessionEvent[], from: number, to: number) =>
    cuesBetween(score, clockState(score, list, T0 + from), T0 + from, T0 + from, T0 + to).map((cue) => [
      cue.kind,
      cue.atMs - T0,
    ]);

  test("a piece of half a minute has all of them, at their second", () => {
    expect(all(simple([30, 20]), events([0, "start", { countInMs: 5000 }]), 0, 99_000)).toEqual([
      ["count-in", 2000],
      ["count-in", 3000],
      ["count-in", 4000],
      ["start", 5000],
      ["half-way", 20_000],
      ["last-ten", 25_000],
      ["end", 35_000],
      ["count-in", 42_000],
      ["count-in", 43_000],
      ["count-in", 44_000],
      ["start", 45_000],
      ["end", 65_000],
    ]);
  });

  test("short pieces have no half-way (below 30 s) and no last ten (below 25 s)", () => {
    const kinds = (n: number) => all(simple([n]), events([0, "start"]), 0, 99_000).map(([kind]) => kind);
    expect(kinds(29)).toEqual(["start", "last-ten", "end"]);
    expect(kinds(24)).toEqual(["start", "end"]);
    expect(kinds(30)).toContain("half-way");
    expect(kinds(25)).toContain("last-ten");
  });

  test("half-open windows one after the other give every sound once", () => {
    fc.assert(
      fc.property(
        arbClass,
        fc.array(fc.integer({ min: 1, max: 60_000 }), { minLength: 1, maxLength: 60 }),
        (doc, steps) => {
          const score = liveScore(
            { ...doc, blocks: doc.blocks.map((block) => ({ ...block, atEnd: "run" as const })) },
            scoreOf(doc, LIBRARY_BOOK),
          );
          const list = events([0, "start"]);
          const pieces: [string, number][] = [];
          let at = 0;
          for (const step of steps) {
            pieces.push(...(all(score, list, at, at + step) as [string, number][]));
            at += step;
          }
          const whole = all(score, list, 0, at);
          // A count-in that began before the window is left out of the later view only where its gap is cut.
          const text = (cues: unknown[]) => cues.map(String).sort();
          expect(text(pieces.filter(([kind]) => kind !== "count-in"))).toEqual(
            text(whole.filter(([kind]) => kind !== "count-in")),
          );
        },
      ),
      { numRuns: 60 },
    );
  });

  test("a pause is silent, and so is what comes after a piece that waits", () => {
    const score = simple([30, 30]);
    expect(all(score, events([0, "start"], [4000, "pause"]), 5000, 99_000)).toEqual([]);
    const waiting = all(simple([30, 30], 10, "wait"), events([0, "start"]), 0, 99_000);
    expect(waiting.map(([kind]) => kind)).toEqual(["start", "half-way", "last-ten"]);
  });
});

describe("merging", () => {
  const taken = events([0, "start"], [9000, "skip"]);
  const command = (kind: SessionEventKind, id = "new") => ({ id, kind, payload: {} }) as SessionCommand;
  test("sent twice counts once; a second skip on an old state is refused; a pause is not", () => {
    expect(mergeCommand(command("skip", "e1"), taken, 0)).toBe("again");
    expect(mergeCommand(command("skip"), taken, 1)).toBe("refused");
    expect(mergeCommand(command("skip"), taken, 2)).toBe("taken");
    expect(mergeCommand(command("pause"), taken, 1)).toBe("taken");
    expect(mergeCommand(command("pause"), events([0, "start"], [5, "end"]), 1)).toBe("refused");
  });
});
