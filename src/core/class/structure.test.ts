import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { checkClass } from "./check-class";
import { type ClassDoc, slotsOf } from "./document";
import { applyEdit, type Edit, invert } from "./edits";
import { carryOver, stepBlock } from "./structure";

const changed = (doc: ClassDoc, edit: Edit): ClassDoc => {
  const next = applyEdit(doc, edit);
  if (!next.ok) throw new Error(next.error.code);
  return next.value;
};
const idsOf = (doc: ClassDoc) => doc.blocks.map(({ id }) => id);
const by = fc.constantFrom(-1 as const, 1 as const);

describe("where things stand", () => {
  test("a block steps one place, and steps back to where it was", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(), by, (doc, n, step) => {
        const at = n % doc.blocks.length;
        const id = idsOf(doc)[at] as string;
        const edit = stepBlock(doc, id, step);
        const isEnd = doc.blocks[at + step] === undefined;
        expect(edit === null).toBe(isEnd);
        if (!edit) return;
        const next = changed(doc, edit);
        expect(idsOf(next).indexOf(id)).toBe(at + step);
        expect([...idsOf(next)].sort()).toEqual([...idsOf(doc)].sort());
        const back = stepBlock(next, id, step === 1 ? -1 : 1);
        expect(back && changed(next, back)).toEqual(doc);
      }),
    );
  });

  test("a move carried over an edge stands at that edge, and the class stays one", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(), by, (doc, n, step) => {
        const block = doc.blocks[n % doc.blocks.length];
        const slot = block && slotsOf(block)[n % Math.max(1, slotsOf(block).length)];
        const carried = block && slot && carryOver(doc, block, slot, step);
        if (!block || !slot || !carried) return;
        const next = changed(doc, carried.edit);
        const into = next.blocks.find(({ id }) => id === carried.into.id);
        expect(into && slotsOf(into).at(step < 0 ? -1 : 0)?.move).toEqual(slot.move);
        expect(next.blocks.flatMap(slotsOf)).toHaveLength(doc.blocks.flatMap(slotsOf).length);
        // Only rounds of a lap that its first slot leaves empty could be at fault: those stay the check's to tell.
        const faults = checkClass(next, LIBRARY_BOOK);
        if (!faults.ok) expect(faults.error.every(({ path }) => /rounds$/.test(path))).toBe(true);
        expect(changed(next, invert(carried.edit))).toEqual(doc);
      }),
    );
  });
});
