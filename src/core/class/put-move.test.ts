import fc from "fast-check";
import { expect, test } from "vitest";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { checkClass } from "./check-class";
import { findSlot, slotsOf } from "./document";
import { applyEdit, invert } from "./edits";
import { PUTS, putMove } from "./put-move";

test("a move stands where it was put, and taking it back gives the class as it was", () => {
  fc.assert(
    fc.property(
      arbClass,
      fc.constantFrom(...PUTS),
      fc.constantFrom(...LIBRARY),
      fc.nat(),
      (doc, how, { id }, n) => {
        const move = LIBRARY_BOOK.get(id);
        const block = doc.blocks[n % doc.blocks.length];
        if (!move || !block || block.cap !== undefined) return;
        const slots = slotsOf(block);
        const slot = slots[n % Math.max(1, slots.length)] ?? null;
        const made = putMove(doc, { block: block.id, slot: slot?.id ?? null }, how, move);
        if (how === "replace" && !slot) {
          expect(made).toBeNull();
          return;
        }
        const next = made && applyEdit(doc, made.edit);
        if (!made || !next?.ok) throw new Error("not put");
        expect(findSlot(next.value, made.slot)?.slot.move).toBe(id);
        if (how === "add") expect(checkClass(next.value, LIBRARY_BOOK)).toMatchObject({ ok: true });
        // A break that had no list of moves keeps an empty one.
        if (slots.length === 0) return;
        const back = applyEdit(next.value, invert(made.edit));
        expect(back).toEqual({ ok: true, value: doc });
      },
    ),
  );
});

test("where there is no such block nothing is put", () => {
  const move = LIBRARY_BOOK.moves[0];
  fc.assert(
    fc.property(
      arbClass,
      (doc) => move && putMove(doc, { block: "nowhere", slot: null }, "add", move) === null,
    ),
    { numRuns: 5 },
  );
});
