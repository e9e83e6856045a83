import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { applyEdit } from "../class/edits";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { block, cooldown, doc, slot, warmup } from "../testing/class-builders";
import { blocksEdit, orderBlocks } from "./order-blocks";

const ids = LIBRARY.filter(({ gym }) => !gym).map(({ id }) => id);
const arbBlock = fc
  .array(fc.constantFrom(...ids), { minLength: 1, maxLength: 3 })
  .map((moves) => block(moves.map((move) => slot(move))));

describe("the order of blocks", () => {
  test("is the cheapest of all, keeps both ends in place, and asks for no more when it is taken", () => {
    fc.assert(
      fc.property(fc.array(arbBlock, { minLength: 2, maxLength: 4 }), (blocks) => {
        const own = doc([warmup(300), ...blocks, cooldown(240)]);
        const result = orderBlocks(own, LIBRARY_BOOK);
        if (!result) throw new Error("nothing to order");
        expect(result.order[0]).toBe(own.blocks[0]?.id);
        expect(result.order.at(-1)).toBe(own.blocks.at(-1)?.id);
        expect(result.cost).toBeLessThanOrEqual(result.was);
        const next = applyEdit(own, blocksEdit(own, result.order));
        if (!next.ok) throw new Error("doesn't apply");
        expect(next.value.blocks.map(({ id }) => id)).toEqual(result.order);
        expect(checkClass(next.value, LIBRARY_BOOK).ok).toBe(true);
        const again = orderBlocks(next.value, LIBRARY_BOOK);
        expect(again?.was).toBe(result.cost);
        expect(again?.better).toBe(false);
        const sum = Object.values(result.causes).reduce((all, cause) => all + cause.now, 0);
        expect(sum).toBe(result.cost);
      }),
      { numRuns: 60 },
    );
  });

  test("puts what needs fresh legs before what tires them, and what goes to the limit last", () => {
    const jumps = block([slot("high-knees"), slot("star-jack")], { title: "Jumps" });
    const skill = block([slot("single-leg-squat", { reps: 5 })], { title: "Skill" });
    const limit = block([slot("press-up", { toLimit: 30 })], { title: "Limit" });
    const first = (...blocks: (typeof jumps)[]) => orderBlocks(doc(blocks), LIBRARY_BOOK)?.order[0];
    expect(first(jumps, skill)).toBe(skill.id);
    expect(first(skill, jumps)).toBe(skill.id);
    expect(first(limit, block([slot("bridge"), slot("plank")], { id: "calm" }))).toBe("calm");
  });

  test("is none of a class with one main block, or with a break between two", () => {
    const own = doc([warmup(300), block([slot("plank")]), cooldown(240)]);
    expect(orderBlocks(own, LIBRARY_BOOK)).toBeNull();
    const broken = doc([
      block([slot("plank")]),
      block([], { role: "break", after: 60 }),
      block([slot("bridge")]),
    ]);
    expect(orderBlocks(broken, LIBRARY_BOOK)).toBeNull();
  });
});
