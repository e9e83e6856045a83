import fc from "fast-check";
import { expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { addBlocks } from "./add-blocks";
import { checkClass } from "./check-class";
import { type Block, slotsOf } from "./document";
import { applyEdit, invert } from "./edits";

test("blocks of any class go into any other: a valid class, what was there as it was, and back in one step", () => {
  fc.assert(
    fc.property(arbClass, arbClass, fc.nat(5), (doc, other, at) => {
      const before = doc.blocks[at]?.id ?? null;
      const edit = addBlocks(doc, other.blocks, before);
      const next = applyEdit(doc, edit);
      if (!next.ok) throw new Error("doesn't apply");
      // Moves of the other class's own stay with it: only library moves and moves by name are in these.
      expect(checkClass(next.value, LIBRARY_BOOK).ok).toBe(true);
      expect(next.value.blocks).toHaveLength(doc.blocks.length + other.blocks.length);
      expect(doc.blocks.every((block) => next.value.blocks.includes(block))).toBe(true);
      const from = before === null ? doc.blocks.length : at;
      const put = next.value.blocks.slice(from, from + other.blocks.length);
      expect(put.map(({ title }) => title)).toEqual(other.blocks.map(({ title }) => title));
      const beside = (blocks: readonly Block[]) =>
        blocks.flatMap((block) =>
          slotsOf(block).map(({ together }) => slotsOf(block).findIndex(({ id }) => id === together)),
        );
      expect(beside(put)).toEqual(beside(other.blocks));
      const back = applyEdit(next.value, invert(edit));
      expect(back.ok && back.value).toEqual(doc);
    }),
    { numRuns: 60 },
  );
});
