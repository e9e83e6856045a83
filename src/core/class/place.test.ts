import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { checkClass } from "./check-class";
import { type ClassDoc, slotsOf } from "./document";
import { applyEdit, type Edit, invert } from "./edits";
import { carryTo, dropBlock, placeAt } from "./place";

const doc = classOf([
  {
    id: "a",
    title: "First",
    brief: 20,
    rest: 10,
    slots: [
      { id: "a1", move: "goblet-squat", dose: { seconds: 40 } },
      { id: "a2", move: "march-on-the-spot", dose: { seconds: 40 } },
    ],
  },
  { id: "b", title: "Second", rounds: 2, slots: [{ id: "b1", move: "high-knees", dose: { seconds: 30 } }] },
]);
const { segments } = scoreOf(doc, LIBRARY_BOOK);
const changed = (own: ClassDoc, edit: Edit): ClassDoc => {
  const next = applyEdit(own, edit);
  if (!next.ok) throw new Error(next.error.code);
  return next.value;
};

describe("a place in a class", () => {
  test("is before a move in its first half, behind it in its second and in its rest", () => {
    expect(placeAt(doc, segments, 5)).toEqual({ block: "a", before: "a1", at: 20 });
    expect(placeAt(doc, segments, 21)).toEqual({ block: "a", before: "a1", at: 20 });
    expect(placeAt(doc, segments, 59)).toEqual({ block: "a", before: "a2", at: 60 });
    expect(placeAt(doc, segments, 65)).toEqual({ block: "a", before: "a2", at: 60 });
    expect(placeAt(doc, segments, 109)).toEqual({ block: "a", before: null, at: 110 });
    expect(placeAt(doc, segments, 9e9)).toEqual({ block: "b", before: null, at: 170 });
  });

  test("takes a move; a block that is left empty goes, and comes back with undo", () => {
    const edit = carryTo(doc, "b1", { block: "a", before: "a2" });
    const next = edit && changed(doc, edit);
    expect(next?.blocks.map((block) => slotsOf(block).map(({ id }) => id))).toEqual([["a1", "b1", "a2"]]);
    expect(edit && next && changed(next, invert(edit))).toEqual(doc);
    expect(carryTo(doc, "a1", { block: "a", before: "a2" })).toBeNull();
    expect(carryTo(doc, "a1", { block: "nowhere", before: null })).toBeNull();
  });

  test("of any class takes any of its moves: each is there once, and undo gives back what was", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(), fc.nat(), (own, n, second) => {
        const slots = own.blocks.flatMap(slotsOf);
        const all = scoreOf(own, LIBRARY_BOOK).segments;
        fc.pre(all.length > 0 && all.length < 1500);
        const slot = slots[n % Math.max(1, slots.length)];
        const place = placeAt(own, all, second % (all.at(-1)?.end ?? 1));
        const edit = slot && place && carryTo(own, slot.id, place);
        if (!slot || !place || !edit) return;
        const next = changed(own, edit);
        const into = next.blocks.find(({ id }) => id === place.block);
        const there = (into ? slotsOf(into) : []).map(({ id }) => id);
        const at = there.indexOf(slot.id);
        expect(there[at + 1] ?? null).toBe(place.before);
        expect(next.blocks.flatMap(slotsOf)).toHaveLength(slots.length);
        expect(changed(next, invert(edit))).toEqual(own);
        const faults = checkClass(next, LIBRARY_BOOK);
        if (!faults.ok) expect(faults.error.every(({ path }) => /rounds$/.test(path))).toBe(true);
      }),
    );
  });

  test("of a block that is dropped on another is that one's", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(), fc.nat(), (own, n, k) => {
        const ids = own.blocks.map(({ id }) => id);
        const [from, over] = [n % ids.length, k % ids.length];
        const edit = dropBlock(own, ids[from] as string, ids[over] as string);
        expect(edit === null).toBe(from === over);
        if (edit) expect(changed(own, edit).blocks[over]?.id).toBe(ids[from]);
      }),
    );
  });
});
