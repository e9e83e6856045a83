/** What the score draws, as data: every second once, titles once, notches where changes are. */
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../core/class/document";
import { LIBRARY_BOOK } from "../core/moves/library";
import { partsFor } from "../core/parts/everyone";
import type { Finding } from "../core/review/finding";
import { scoreRows } from "../core/score/rows";
import { scoreOf } from "../core/score/score";
import { arbClass } from "../core/testing/arbitraries";
import { classOf } from "../core/testing/classes";
import { wordsIn } from "../words/languages";
import { rowBrackets, rowsForTitles } from "./brackets";
import { drawnWords } from "./drawn-words";
import { slotFaces } from "./faces";
import type { MarksContext } from "./marks-context";
import { belowScore, NOTHING_BELOW } from "./notches";
import { rowMarks } from "./row-marks";
import { barPath, topAt } from "./shapes";

const m = { pxPerSecond: 2, fullBar: 50, baseline: 60 };
const ROW = 300;

const doc = classOf([
  {
    id: "w",
    title: "Warm-up",
    role: "warmup",
    after: 20,
    slots: [{ id: "w1", move: "march-on-the-spot", dose: { seconds: 200 } }],
  },
  {
    id: "m",
    title: "Main",
    rounds: 3,
    rest: 15,
    longRest: 45,
    slots: [
      { id: "a", move: "goblet-squat", dose: { seconds: 40 } },
      { id: "b", move: "side-plank-knees", dose: { seconds: 20 } },
    ],
  },
]);

function context(own: ClassDoc, more: Partial<MarksContext> = {}): MarksContext {
  return {
    doc: own,
    faces: slotFaces(own),
    said: drawnWords(wordsIn("en")),
    selectedSlot: null,
    below: NOTHING_BELOW,
    curve: null,
    rowSeconds: ROW,
    m,
    ...more,
  };
}

describe("a bar", () => {
  test("leans to its side: left rises, right falls, both end as high as the effort", () => {
    const { segments } = scoreOf(doc, LIBRARY_BOOK);
    const [left, right] = ["left", "right"].map((side) => segments.find((segment) => segment.side === side));
    if (!left || !right) throw new Error("no sides");
    expect(topAt(left, 6, 1, m)).toBe(m.baseline - 30);
    expect(topAt(right, 6, 0, m)).toBe(m.baseline - 30);
    expect(topAt(left, 6, 0, m)).toBeGreaterThan(topAt(left, 6, 1, m));
    expect(topAt(right, 6, 1, m)).toBeGreaterThan(topAt(right, 6, 0, m));
    expect(barPath({ segment: left, index: 0, from: 10, to: 30, fractionFrom: 0, fractionTo: 1 }, 6, m)).toBe(
      "M20 60V43.5L60 30V60Z",
    );
  });
});

describe("rows", () => {
  test("name every block just once, in a row that it is in", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: 60, max: 600 }), (own, rowSeconds) => {
        const { segments } = scoreOf(own, LIBRARY_BOOK);
        fc.pre(segments.length < 3000);
        const rows = scoreRows(segments, rowSeconds);
        const titleRows = rowsForTitles(rows);
        const titles = new Map(own.blocks.map((block) => [block.id, `The block ${block.id}`]));
        expect(new Set(titleRows.keys())).toEqual(new Set(segments.map(({ block }) => block)));
        for (const [block, start] of titleRows) {
          const row = rows.find((entry) => entry.start === start);
          expect(row?.stretches.some(({ segment }) => segment.block === block)).toBe(true);
        }
        const drawn = rows.flatMap((row) => rowBrackets(row, 2, titles, titleRows, null));
        const named = drawn.filter(({ title }) => title !== "").map(({ block }) => block);
        expect(new Set(named).size).toBe(named.length);
      }),
      { numRuns: 60 },
    );
  });

  test("draw a bar for every piece, the chosen slot's apart, and a round's number under its first bar", () => {
    const { segments } = scoreOf(doc, LIBRARY_BOOK);
    const rows = scoreRows(segments, ROW);
    const bars = (path: string) => path.split("Z").length - 1;
    const pieces = rows.flatMap(({ stretches }) =>
      stretches.filter(({ segment }) => segment.kind === "work"),
    );
    const plain = rows.map((row) => rowMarks(row, context(doc)));
    expect(plain.reduce((sum, marks) => sum + bars(marks.bars), 0)).toBe(pieces.length);
    const chosen = rows.map((row) => rowMarks(row, context(doc, { selectedSlot: "a" })));
    const ofA = pieces.filter(({ segment }) => segment.slot === "a").length;
    expect(chosen.reduce((sum, marks) => sum + bars(marks.chosen), 0)).toBe(ofA);
    const texts = plain.flatMap(({ labels }) => labels.map(({ text }) => text));
    expect(texts.filter((text) => text.startsWith("round "))).toEqual(["round 2", "round 3"]);
    expect(texts).toContain("rest 45");
    expect(texts).toContain("2R");
  });

  test("with the band of effort say no rests, and the band stays over the row", () => {
    const { segments, seconds } = scoreOf(doc, LIBRARY_BOOK);
    const curve = Array.from({ length: Math.ceil(seconds.plan / 5) }, () => 6);
    const [row] = scoreRows(segments, ROW);
    if (!row) throw new Error("no row");
    const marks = rowMarks(row, context(doc, { curve }));
    expect(marks.labels.some(({ text }) => text.startsWith("rest"))).toBe(false);
    const xs = [...marks.curve.matchAll(/[ML]([\d.-]+) /g)].map(([, x]) => Number(x));
    expect(Math.min(...xs)).toBe(0);
    expect(Math.max(...xs)).toBeLessThanOrEqual(ROW * m.pxPerSecond);
  });
});

describe("below the score", () => {
  const home = { id: "p", name: "P", kit: [{ id: "kb", type: "kettlebell" as const, kg: 12 }] };
  const score = scoreOf(doc, LIBRARY_BOOK);
  const parts = partsFor(doc, [home, { ...home, id: "q", name: "Q" }], LIBRARY_BOOK);

  test("a notch hangs at every change between two moves, and says who lacks how much", () => {
    const { notches } = belowScore(score, parts, []);
    const works = score.segments.filter(({ kind }) => kind === "work");
    const changes = works.flatMap((piece, i) => (works[i + 1]?.slot !== piece.slot ? [piece.end] : []));
    for (const notch of notches) expect(changes).toContain(notch.at);
    expect(notches.length).toBeGreaterThan(0);
    const hurried = parts.map((part) => ({
      ...part,
      changeovers: part.changeovers.map((line) => ({ ...line, needs: 99 })),
    }));
    for (const notch of belowScore(score, hurried, []).notches) {
      const next = works.find(({ start }) => start >= notch.at);
      expect(notch).toMatchObject({ needs: 99, people: 2, short: 99 - ((next?.start ?? 0) - notch.at) });
    }
  });

  test("findings stand at their second, once, unless they were acknowledged", () => {
    const finding = (at: number, more: Partial<Finding> = {}) =>
      ({ at, where: { slot: "a" }, acknowledged: null, ...more }) as Finding;
    const list = [finding(9), finding(4), finding(9), finding(1e6), finding(3, { acknowledged: "meant so" })];
    expect(belowScore(score, [], list).found).toEqual([4, 9, score.seconds.plan - 1]);
    expect(belowScore(score, [], [finding(0, { where: {} })]).found).toEqual([]);
  });
});
