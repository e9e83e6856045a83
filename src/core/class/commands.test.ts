import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { checkClass } from "./check-class";
import { carrySlot, copyBlock, joinBlocks, setRounds, splitBlock } from "./commands";
import { type Block, type ClassDoc, slotsOf } from "./document";
import { applyEdit, type Edit } from "./edits";
import { putEntry } from "./keyed";
import { newClass } from "./new-class";

const done = (doc: ClassDoc, edit: Edit | null): ClassDoc => {
  const next = edit && applyEdit(doc, edit);
  if (!next?.ok) throw new Error("the edit doesn't apply");
  return next.value;
};
const ids = (block: Block | undefined) => (block ? slotsOf(block).map(({ id }) => id) : []);
const worked = (doc: ClassDoc) => doc.blocks.filter((block) => slotsOf(block).length > 0);

describe("structure", () => {
  test("a block that is cut in two and joined again has its slots in their order, and nothing else moved", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(9), fc.nat(9), (doc, a, b) => {
        const block = worked(doc)[a % worked(doc).length] as Block;
        const edit = splitBlock(doc, block, slotsOf(block)[b % slotsOf(block).length]?.id ?? "");
        if (!edit) return;
        const split = done(doc, edit);
        const at = doc.blocks.indexOf(block);
        expect([...ids(split.blocks[at]), ...ids(split.blocks[at + 1])]).toEqual(ids(block));
        expect(split.blocks).toHaveLength(doc.blocks.length + 1);
        const again = done(split, joinBlocks(split, split.blocks[at] as Block));
        expect(again.blocks.map(ids)).toEqual(doc.blocks.map(ids));
        expect(again.blocks[at]?.after).toBe(block.after);
      }),
    );
  });

  test("a copied block is the same under new ids; a carried slot fits the rounds of where it goes", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(9), fc.nat(9), fc.nat(9), (doc, a, b, c) => {
        const blocks = worked(doc);
        const [from, to] = [blocks[a % blocks.length] as Block, blocks[b % blocks.length] as Block];
        const copied = done(doc, copyBlock(doc, from));
        expect(checkClass(copied, LIBRARY_BOOK).ok).toBe(true);
        const twin = copied.blocks[doc.blocks.indexOf(from) + 1] as Block;
        const bare = (block: Block) =>
          slotsOf(block).map(({ id: _id, together: _with, ...rest }) => JSON.stringify(rest));
        expect(bare(twin)).toEqual(bare(from));
        if (from === to || slotsOf(from).length < 2) return;
        const slot = slotsOf(from)[c % slotsOf(from).length];
        if (!slot) return;
        const moved = done(doc, carrySlot(from, slot, to, slotsOf(to)[0]?.id ?? null));
        expect(ids(moved.blocks[doc.blocks.indexOf(to)])[0]).toBe(slot.id);
        const checked = checkClass(moved, LIBRARY_BOOK);
        // Where the others alone don't fill every round, that is told; the carried one itself is at no fault.
        const faults = checked.ok ? [] : checked.error.filter(({ code }) => code !== "empty-round");
        expect(
          faults.filter(({ code }) => code !== "lasts-too-long" && code !== "too-many-segments"),
        ).toEqual([]);
      }),
    );
  });

  test("another number of rounds takes with it all that is told round by round", () => {
    const doc = newClass("T", "density");
    const block = doc.blocks[1] as Block;
    const [slot] = slotsOf(block);
    const listed = {
      ...block,
      slots: [{ ...slot, id: "s4", rounds: [1, 3], dose: [{ seconds: 20 }, { seconds: 30 }] }],
    } as Block;
    const before = { ...doc, blocks: [listed] };
    const after = done(before, setRounds(listed, 2));
    expect(slotsOf(after.blocks[0] as Block)[0]).toMatchObject({ rounds: [1], dose: [{ seconds: 20 }] });
  });
});

describe("entries with a key", () => {
  test("two that are put on the same base both stay; the later of the same one holds", () => {
    const base = newClass("T", "density");
    const one = putEntry(base, "overruled", { slot: "s4", person: "p1", move: "wall-sit" });
    const two = putEntry(base, "overruled", { slot: "s4", person: "p2", move: "plank" });
    const again = putEntry(base, "overruled", { slot: "s4", person: "p1", move: "plank" });
    const all = [one, two, again].reduce(done, base);
    expect(all.overruled).toEqual([
      { slot: "s4", person: "p1", move: "plank" },
      { slot: "s4", person: "p2", move: "plank" },
    ]);
  });
});
