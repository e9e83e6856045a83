import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass, EMPTY_BOOK } from "../class/check-class";
import { type ClassDoc, doseAt, type Slot, slotsOf } from "../class/document";
import { expand, expandedSeconds, slotSides } from "../class/expand";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { spanTriple } from "../values/span";
import { resolveAt } from "./resolve";
import { scoreRows } from "./rows";
import { blockTimes, scoreOf } from "./score";

const slot = (extra: Partial<Slot>): Slot => ({
  id: "s",
  move: { name: "Step" },
  dose: { seconds: 30 },
  ...extra,
});
const oneSlot = (extra: Partial<Slot>, block: object = {}): ClassDoc =>
  ({
    format: "brontle.class",
    version: 1,
    title: "T",
    stance: "form",
    blocks: [{ id: "b", title: "", slots: [slot(extra)], ...block }],
  }) as unknown as ClassDoc;
const kinds = (doc: ClassDoc) => expand(doc, EMPTY_BOOK).map((s) => `${s.kind} ${s.end - s.start}`);

describe("expansion", () => {
  test("what is known of a block holds wherever it stands, and as long as it stands", () => {
    fc.assert(
      fc.property(arbClass, arbClass, fc.nat(), (doc, other, n) => {
        scoreOf(doc, LIBRARY_BOOK);
        scoreOf({ ...other, moves: [] }, LIBRARY_BOOK);
        const blocks = [...doc.blocks].reverse();
        blocks.splice(
          n % (blocks.length + 1),
          0,
          ...other.blocks.map((block) => ({ ...block, rest: n % 50 })),
        );
        const { moves: _own, ...bare } = { ...doc, blocks };
        const anew = scoreOf(structuredClone(bare), LIBRARY_BOOK);
        expect(scoreOf(bare, LIBRARY_BOOK)).toEqual(anew);
        const { moves: _owned, ...first } = doc;
        expect(scoreOf(first, LIBRARY_BOOK)).toEqual(scoreOf(structuredClone(first), LIBRARY_BOOK));
        expect(scoreOf(doc, LIBRARY_BOOK)).toEqual(scoreOf(structuredClone(doc), LIBRARY_BOOK));
      }),
      { numRuns: 100 },
    );
  });

  test("random documents are valid, contiguous from 0, and add up by kind", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const checked = checkClass(doc, LIBRARY_BOOK);
        if (!checked.ok) throw new Error(JSON.stringify(checked.error));
        const score = scoreOf(doc, LIBRARY_BOOK);
        let end = 0;
        for (const segment of score.segments) {
          expect(segment.start).toBe(end);
          expect(segment.end).toBeGreaterThan(segment.start);
          end = segment.end;
        }
        expect(end).toBe(score.seconds.plan);
        expect(Object.values(score.byKind).reduce((a, b) => a + b, 0)).toBe(score.seconds.plan);
        expect(score.seconds.min).toBeLessThanOrEqual(score.seconds.plan);
        expect(score.seconds.plan).toBeLessThanOrEqual(score.seconds.max);
        expect(score.segments.filter((s) => s.kind === "work")).toHaveLength(score.pieces);
        const blocks = [...blockTimes(score).values()].reduce((sum, time) => sum + time.seconds, 0);
        expect(blocks).toBe(score.seconds.plan);
      }),
      { numRuns: 300 },
    );
  });

  test("a lap of timed work without lists or windows is as long as the sum worked out by hand", () => {
    const seconds = fc.integer({ min: 1, max: 100 });
    fc.assert(
      fc.property(
        fc.array(seconds, { minLength: 1, maxLength: 6 }),
        fc.integer({ min: 1, max: 9 }),
        seconds,
        seconds,
        (work, rounds, rest, longRest) => {
          const slots = work.map((n, i) => slot({ id: `s${i}`, dose: { seconds: n } }));
          const doc = oneSlot({}, { slots, rounds, rest, longRest });
          const round = work.reduce((a, b) => a + b, 0) + rest * (work.length - 1);
          expect(expandedSeconds(doc, EMPTY_BOOK, "plan")).toBe(rounds * round + (rounds - 1) * longRest);
        },
      ),
    );
  });

  test("lap and station order take the same time when both rests are equal", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const plain = doc.blocks.map((block) => ({
          ...block,
          cap: undefined,
          rest: 20,
          longRest: 20,
          slots: slotsOf(block).map(({ rest: _rest, ...rest }) => rest),
        }));
        const of = (loop: "lap" | "station") =>
          expandedSeconds(
            { ...doc, blocks: plain.map((block) => ({ ...block, loop })) } as ClassDoc,
            LIBRARY_BOOK,
            "max",
          );
        expect(of("lap")).toBe(of("station"));
      }),
    );
  });

  test("every side in turn is followed by the other one, and swap alternates with the slot's own appearances", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        for (const block of doc.blocks) {
          if (block.cap !== undefined) continue;
          const own = expand({ ...doc, blocks: [block] }, LIBRARY_BOOK).filter((s) => s.kind === "work");
          for (const one of slotsOf(block)) {
            const sides = own.filter((s) => s.slot === one.id).map((s) => s.side);
            const kind = slotSides(one, LIBRARY_BOOK);
            if (kind === "both" || kind === "alternating") expect(new Set(sides).size).toBeLessThanOrEqual(1);
            const windowed = doseAt(one, 0).within !== undefined || Array.isArray(one.dose);
            if ((kind === "inTurn" || kind === "swap") && !windowed) {
              const expected = sides.map((_, i) =>
                (i % 2 === 0) === ((one.firstSide ?? "left") === "left") ? "left" : "right",
              );
              expect(sides).toEqual(expected);
            }
          }
        }
      }),
    );
  });

  test("a window cuts both sides and the change between them at its end", () => {
    const dose = { reps: 10, repSeconds: 3, within: 32 };
    expect(kinds(oneSlot({ dose, sides: "inTurn", sideChange: 5 }))).toEqual(["work 30", "side-change 2"]);
    expect(kinds(oneSlot({ dose: { ...dose, within: 20 }, sides: "inTurn" }))).toEqual(["work 20"]);
    expect(kinds(oneSlot({ dose: { ...dose, within: 70 }, sides: "inTurn", sideChange: 5 }))).toEqual([
      "work 30",
      "side-change 5",
      "work 30",
      "rest 5",
    ]);
  });

  test("rep time is exact: 100 reps of 1.1 s are 110 s", () => {
    expect(kinds(oneSlot({ dose: { reps: 100, repSeconds: 1.1 } }))).toEqual(["work 110"]);
  });

  test("a missing long rest takes the block's rest and is still a long rest", () => {
    expect(kinds(oneSlot({ rest: 5 }, { rounds: 2, rest: 20 }))).toEqual([
      "work 30",
      "long-rest 20",
      "work 30",
    ]);
  });

  test("a block without slots is its talk and its water, whatever else it says", () => {
    const doc = oneSlot({}, { role: "talk", slots: [], brief: 10, after: 5, prepare: 9, demo: 9, cap: 60 });
    expect(kinds(doc)).toEqual(["brief 10", "after 5"]);
  });

  test("a demonstration at its slot comes after the gap, once, with its round", () => {
    const slots = [slot({ id: "a" }), slot({ id: "c", rounds: [2], demo: 7 })];
    const segments = expand(oneSlot({}, { slots, rounds: 2, rest: 5, demoAt: "slot" }), EMPTY_BOOK);
    const demo = segments.findIndex((s) => s.kind === "demo");
    expect(segments[demo]).toMatchObject({ slot: "c", round: 2 });
    expect(segments[demo - 1]?.kind).toBe("rest");
  });
});

describe("what is at t", () => {
  test("agrees with a search from the front, everywhere and outside", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: -5, max: 4000 }), (doc, t) => {
        const { segments } = scoreOf(doc, LIBRARY_BOOK);
        const naive = segments.find((s) => s.start <= t && t < s.end) ?? null;
        const found = resolveAt(segments, t);
        expect(found?.segment ?? null).toBe(naive);
        if (!found) return;
        expect(found.intoSeconds + found.leftSeconds).toBe(found.segment.end - found.segment.start);
        const later = segments.slice(found.index + 1).find((s) => s.kind === "work") ?? null;
        expect(found.nextPiece).toBe(later);
      }),
    );
  });
});

describe("rows", () => {
  test("wrapping loses nothing and draws nothing twice", () => {
    fc.assert(
      fc.property(arbClass, fc.constantFrom(60, 120, 300, 600), (doc, rowSeconds) => {
        const { segments, seconds } = scoreOf(doc, LIBRARY_BOOK);
        const rows = scoreRows(segments, rowSeconds);
        expect(rows).toHaveLength(Math.ceil(seconds.plan / rowSeconds));
        const drawn = rows.flatMap((row) => row.stretches.map((s) => [row.start + s.from, row.start + s.to]));
        expect(drawn.reduce((sum, [from = 0, to = 0]) => sum + to - from, 0)).toBe(seconds.plan);
        expect(drawn.map(([from]) => from)).toEqual(drawn.map((_, i) => (i === 0 ? 0 : drawn[i - 1]?.[1])));
      }),
    );
  });
});

test("a span without a plan is planned at the middle, half up", () => {
  expect(spanTriple({ min: 8, max: 13 }).plan).toBe(11);
  expect(spanTriple({ min: 8, max: 12 }).plan).toBe(10);
});
