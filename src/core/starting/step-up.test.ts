import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { type Block, type ClassDoc, dosesOf, slotsOf } from "../class/document";
import { spanOf } from "../class/dose-kinds";
import { isMain } from "../effort/hard";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { doc as classOf, rounds, slot } from "../testing/class-builders";
import { spanTriple } from "../values/span";
import { stepUp } from "./step-up";

const one = (
  dose: Parameters<typeof slot>[1],
  more: Partial<Block> = {},
  stance: ClassDoc["stance"] = "strength",
) => {
  const doc = classOf([rounds(3, [slot("bodyweight-squat", dose)], more)], { stance });
  const { doc: next, says } = stepUp(doc);
  return { block: next.blocks[0] as Block, says };
};

describe("a step up", () => {
  test("one rep more, then one set more", () => {
    expect(slotsOf(one({ reps: { min: 8, max: 10 } }).block)[0]?.dose).toEqual({ reps: { min: 9, max: 11 } });
    const full = one({ reps: 15 });
    expect(full.block.rounds).toBe(4);
    expect(full.says).toEqual([{ code: "step-sets", sets: 1, block: { block: full.block.title } }]);
  });

  test("five seconds more work, up to what the stance keeps to; then less rest; then a round", () => {
    expect(slotsOf(one({ seconds: 40 }, { rest: 20 }, "density").block)[0]?.dose).toEqual({ seconds: 45 });
    expect(one({ seconds: 60 }, { rest: 20 }, "density").block.rest).toBe(15);
    expect(one({ seconds: 60 }, { rest: 10 }, "density").block.rounds).toBe(4);
    expect(one({ seconds: 60 }, { rest: 30 }, "form").block).toMatchObject({ rest: 30, rounds: 3 });
  });

  test("what is locked, capped or told by the round stays", () => {
    expect(one({ reps: 15 }, { locked: ["rounds"] }).says).toEqual([]);
    expect(one({ reps: 15 }, { cap: 300 }).says).toEqual([]);
    const list = classOf([rounds(2, [slot("bodyweight-squat", [{ reps: 15 }, { reps: 12 }])])]);
    expect(stepUp({ ...list, stance: "strength" }).says).toEqual([]);
  });

  const totals = (block: Block) => ({
    work: slotsOf(block)
      .flatMap(dosesOf)
      .map((dose) => spanTriple(spanOf(dose) ?? 0).plan),
    rest: spanTriple(block.rest ?? 0).plan,
    rounds: spanTriple(block.rounds ?? 1).plan,
  });

  test("of any class each main block takes one kind of step, the rest none, and it stays a class", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const { doc: next, says } = stepUp(doc);
        expect(checkClass(next, LIBRARY_BOOK)).toMatchObject({ ok: true });
        for (const [i, block] of doc.blocks.entries()) {
          const after = next.blocks[i] as Block;
          if (!isMain(block)) expect(after).toEqual(block);
          const [a, b] = [totals(block), totals(after)];
          const kinds = [
            b.work.some((value, k) => value !== a.work[k]),
            b.rest !== a.rest,
            b.rounds !== a.rounds,
          ].filter(Boolean);
          expect(kinds.length).toBeLessThanOrEqual(1);
          for (const [k, value] of b.work.entries())
            expect(value).toBeGreaterThanOrEqual(a.work[k] as number);
          expect(b.rest).toBeLessThanOrEqual(a.rest);
        }
        expect(says.length).toBeLessThanOrEqual(doc.blocks.filter(isMain).length);
      }),
    );
  });

  test("step after step it comes to an end", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        let now = doc;
        for (let n = 0; n < 400; n += 1) {
          const { doc: next, says } = stepUp(now);
          if (says.length === 0) return;
          now = next;
        }
        throw new Error("no end");
      }),
      { numRuns: 20 },
    );
  });
});
