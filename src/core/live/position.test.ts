import fc from "fast-check";
import { expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { arbEvents, events, T0 } from "../testing/events";
import { CLOCK_KINDS } from "./event-kinds";
import { clockState } from "./fold";
import { liveScore } from "./live-score";
import { positionOf } from "./position";

const arbRun = arbEvents(
  CLOCK_KINDS.filter((kind) => kind !== "start"),
  { most: 6, gapMs: 60_000 },
).map((list) => [
  ...events([0, "start", { countInMs: 5000 }]),
  ...list.map((event) => ({ ...event, id: `later-${event.id}`, seq: event.seq + 1 })),
]);

test("now and next are what a reader of the list of pieces would say, whatever was pressed", () => {
  fc.assert(
    fc.property(arbClass, arbRun, fc.nat(2_000_000), (doc, list, after) => {
      const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK));
      const state = clockState(score, list, T0 + after);
      const found = positionOf(score, state);
      const here = score.segments[state.index] ?? null;
      expect(found.segment).toBe(here);
      expect(found.working).toBe(here?.kind === "work" && state.phase !== "count-in");
      // What is left to do, the present piece first; what was dropped isn't there.
      const left = score.segments.filter(
        (segment, i) =>
          segment.kind === "work" && i >= state.index && (i === state.index || state.lengths[i] !== 0),
      );
      expect(found.shown).toBe(left[0] ?? null);
      const turn = (segment: typeof here) => segment && `${segment.block} ${segment.slot} ${segment.round}`;
      const [first, second] = left;
      const goesOn = found.working && first && second && second.side !== null && turn(first) === turn(second);
      expect(found.otherSide).toBe(goesOn ? second : null);
      expect(found.next).toBe((goesOn ? left[2] : second) ?? null);
    }),
  );
});

test("while counting in, the first piece comes and nothing is worked", () => {
  const doc = {
    format: "brontle.class",
    version: 1,
    title: "T",
    stance: "form",
    blocks: [
      {
        id: "b",
        title: "B",
        slots: [
          { id: "a", move: "single-leg-hinge", dose: { seconds: 20 }, sides: "inTurn" },
          { id: "c", move: "plank", dose: { hold: 20 } },
        ],
      },
    ],
  } as const;
  const score = liveScore(doc, scoreOf(doc, LIBRARY_BOOK));
  const at = (ms: number) =>
    positionOf(score, clockState(score, events([0, "start", { countInMs: 5000 }]), T0 + ms));
  expect(at(1000)).toMatchObject({ working: false, shown: { slot: "a" }, otherSide: null });
  expect(at(6000)).toMatchObject({
    working: true,
    shown: { side: "left" },
    otherSide: { side: "right" },
    next: { slot: "c" },
  });
  expect(at(26_000)).toMatchObject({ shown: { side: "right" }, otherSide: null, next: { slot: "c" } });
  expect(at(46_000)).toMatchObject({ shown: { slot: "c" }, next: null });
  expect(at(99_000)).toMatchObject({ segment: null, shown: null, next: null });
});
