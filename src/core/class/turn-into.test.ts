import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { copyBlock, moveBlock, NOTHING, setRounds, together } from "./commands";
import { type Block, type ClassDoc, slotsOf } from "./document";
import { applyEdit, type Edit, invert } from "./edits";
import { applyChecked } from "./history";
import { carryTo } from "./place";
import { isEdit } from "./read-edit";
import { differences, turnInto } from "./turn-into";

const changed = (doc: ClassDoc, edit: Edit): ClassDoc => {
  const next = applyEdit(doc, edit);
  if (!next.ok) throw new Error(next.error.code);
  return next.value;
};
/** An empty list of slots, and none, mean the same. */
const tidy = (doc: ClassDoc) => ({
  ...doc,
  blocks: doc.blocks.map(({ slots = [], ...block }) => ({ ...block, slots })),
});

describe("what leads from a class to another", () => {
  test("makes the other of the one, and back, for any two", () => {
    fc.assert(
      fc.property(arbClass, arbClass, (from, to) => {
        const edit = turnInto(from, to);
        const next = applyChecked(from, edit, LIBRARY_BOOK);
        expect(next.ok && tidy(next.value)).toEqual(tidy(to));
        expect(tidy(changed(to, invert(edit)))).toEqual(tidy(from));
        expect(isEdit(JSON.parse(JSON.stringify(edit)))).toBe(true);
        expect(turnInto(from, from)).toEqual(NOTHING);
      }),
      { numRuns: 150 },
    );
  });

  test("is as short as what was done: moved, copied, carried over an edge, set", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(), (doc, n) => {
        const block = doc.blocks[n % doc.blocks.length] as Block;
        const slot = slotsOf(block)[0];
        const into = doc.blocks[(n + 1) % doc.blocks.length] as Block;
        const carried = slot && carryTo(doc, slot.id, { block: into.id, before: null });
        const done: readonly (readonly [Edit, number])[] = [
          [moveBlock(doc, block.id, null), doc.blocks.length - 1],
          [copyBlock(doc, block), 1 + slotsOf(block).length],
          ...(block.rounds === undefined
            ? []
            : [[setRounds(block, 2), 1 + 3 * slotsOf(block).length] as const]),
          ...(carried ? [[carried, 6 + 2 * slotsOf(block).length] as const] : []),
        ];
        for (const [edit, most] of done) {
          const next = changed(doc, edit);
          const made = differences(doc, next);
          expect(made.length).toBeLessThanOrEqual(Math.max(0, most));
          expect(tidy(changed(doc, together(made)))).toEqual(tidy(next));
        }
      }),
    );
  });
});
