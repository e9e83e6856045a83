import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import type { Block, ClassDoc } from "../class/document";
import { applyEdit } from "../class/edits";
import { expandedSeconds } from "../class/expand";
import { THRESHOLDS } from "../effort/thresholds";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/parts";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { fitClass } from "./fit";
import { fitEdit } from "./fit-change";
import { knobsOf, moved, roundsCost, roundsOf, STEP } from "./fit-knobs";

const seconds = (doc: ClassDoc) => expandedSeconds(doc, LIBRARY_BOOK, "plan");
const ask = (doc: ClassDoc, aim: number, within = 30) =>
  fitClass({ doc, library: LIBRARY_BOOK, seconds: aim, within });

function small(blocks: readonly Partial<Block>[]): ClassDoc {
  return classOf(
    blocks.map((more, i) => ({
      id: `b${i}`,
      title: `Block ${i}`,
      rounds: 2,
      rest: 10,
      slots: [{ id: `s${i}`, move: "bodyweight-squat", dose: { seconds: 30 } }],
      ...more,
    })),
  );
}

/** Every setting of every knob, one block after another, timed for itself. */
function cheapest(doc: ClassDoc, aim: number, within: number): number | null {
  let best: number | null = null;
  const go = (i: number, blocks: readonly Block[], cost: number): void => {
    const block = doc.blocks[i];
    if (!block) {
      const off = Math.abs(seconds({ ...doc, blocks }) - aim);
      if (off <= within && (best === null || cost < best)) best = cost;
      return;
    }
    for (const rounds of roundsOf(block, LIBRARY_BOOK)) {
      const first = rounds === (block.rounds ?? 1) ? block : { ...block, rounds };
      const knobs = knobsOf(block, { stance: doc.stance, thresholds: THRESHOLDS, needs: undefined });
      const turn = (k: number, own: Block, sum: number): void => {
        const knob = knobs[k];
        if (!knob) {
          go(i + 1, [...blocks, own], sum);
          return;
        }
        for (let n = knob.least; n <= knob.most; n += 1) {
          const to = moved(knob.now, n * STEP);
          const next =
            knob.slot === null
              ? { ...own, [knob.key]: to }
              : {
                  ...own,
                  slots: own.slots?.map((slot) =>
                    slot.id === knob.slot ? { ...slot, dose: { seconds: to } } : slot,
                  ),
                };
          turn(k + 1, n === 0 ? own : next, sum + Math.abs(n) * knob.cost);
        }
      };
      turn(0, first, cost + roundsCost(block, rounds));
    }
  };
  go(0, [], 0);
  return best;
}

describe("fit", () => {
  test("applying an option and timing it gives its total, within the tolerance, and stays valid", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: -300, max: 300 }), (doc, by) => {
        const aim = Math.max(60, seconds(doc) + by);
        for (const option of ask(doc, aim).options) {
          const next = applyEdit(doc, fitEdit(doc, option.changes));
          if (!next.ok) throw new Error("doesn't apply");
          expect(checkClass(next.value, LIBRARY_BOOK).ok).toBe(true);
          expect(seconds(next.value)).toBe(option.total);
          expect(Math.abs(option.total - aim)).toBeLessThanOrEqual(30);
          for (const { from, to } of option.changes) expect(typeof to).toBe(typeof from);
        }
      }),
      { numRuns: 40 },
    );
  });

  test("no cheaper option exists: trying every setting of a small class finds none", () => {
    const arb = fc.record({
      rounds: fc.integer({ min: 1, max: 3 }),
      after: fc.constantFrom(0, 20),
      aim: fc.integer({ min: 60, max: 400 }),
      within: fc.constantFrom(0, 5, 20),
    });
    fc.assert(
      fc.property(arb, ({ rounds, after, aim, within }) => {
        const doc = small([{ rounds, after, prepare: 10, locked: ["demo", "prepare"] }]);
        const [best] = ask(doc, aim, within).options;
        expect(best?.cost ?? null).toBe(cheapest(doc, aim, within));
      }),
      { numRuns: 25 },
    );
  });

  test("nor over two blocks at once", () => {
    const locked = ["demo", "prepare", "after", "rest"];
    const doc = small([{ locked }, { rounds: 3, locked }]);
    for (const aim of [150, 215, 260, 333]) {
      expect(ask(doc, aim, 4).options[0]?.cost ?? null).toBe(cheapest(doc, aim, 4));
    }
  });

  test("options touch different numbers, the cheapest first, five at most", () => {
    const doc = small([{}, { rounds: 4, longRest: 30, after: 30 }, { role: "cooldown" }]);
    const { options } = ask(doc, seconds(doc) + 120);
    expect(options.length).toBeGreaterThan(2);
    expect(options.length).toBeLessThanOrEqual(5);
    const keys = options.map((option) =>
      JSON.stringify(option.changes.map(({ block, slot, key }) => [block, slot, key]).sort()),
    );
    expect(new Set(keys).size).toBe(keys.length);
    for (let i = 1; i < options.length; i += 1) {
      expect(options[i]?.cost).toBeGreaterThanOrEqual(options[i - 1]?.cost ?? 0);
    }
  });

  test("what is locked stays, and out of reach says how near it gets and what to unlock", () => {
    const keys = ["rounds", "rest", "longRest", "after", "demo", "prepare", "brief", "slots"];
    const doc = small([{ locked: keys }]);
    expect(ask(doc, 600)).toMatchObject({ options: [], nearest: seconds(doc) });
    expect(ask(doc, 600).locked).toContainEqual({ block: "b0", key: "rest" });
    const some = small([{ locked: ["rounds"] }, {}]);
    for (const option of ask(some, seconds(some) + 100).options) {
      expect(option.changes.some(({ block, key }) => block === "b0" && key === "rounds")).toBe(false);
    }
  });

  test("keeps swapped sides even, ranges ranges, and what hangs on rounds", () => {
    const swap = small([
      { rounds: 4, slots: [{ id: "s0", move: "split-squat", sides: "swap", dose: { seconds: 30 } }] },
    ]);
    for (const option of ask(swap, seconds(swap) - 80, 10).options) {
      for (const { key, to } of option.changes) if (key === "rounds") expect(Number(to) % 2).toBe(0);
    }
    const listed = small([
      {
        locked: ["after", "demo", "prepare", "rest"],
        slots: [{ id: "s0", move: "bodyweight-squat", dose: [{ seconds: 30 }, { seconds: 40 }] }],
      },
    ]);
    const { options } = ask(listed, seconds(listed) + 25, 5);
    expect(options.flatMap((option) => option.changes).some(({ key }) => key === "rounds")).toBe(false);
    expect(
      options.flatMap((option) => option.changes).some(({ key }) => /^dose\.[01]\.seconds$/.test(key)),
    ).toBe(true);
  });

  test("with a roster no gap falls below what people need to change over", () => {
    const slots = [
      { id: "a", move: "bridge", dose: { seconds: 40 } },
      { id: "b", move: "bodyweight-squat", dose: { seconds: 40 } },
    ];
    const doc = small([{ rounds: 4, rest: 15, longRest: 45, slots }]);
    const parts = partsFor(doc, [{ id: "p", name: "P", kit: [] }], LIBRARY_BOOK);
    const { options } = fitClass({ doc, library: LIBRARY_BOOK, seconds: seconds(doc) - 90, parts });
    expect(options.length).toBeGreaterThan(0);
    for (const option of options) {
      for (const { key, to } of option.changes)
        if (key === "rest") expect(Number(to)).toBeGreaterThanOrEqual(7);
    }
  });
});
