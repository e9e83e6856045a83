import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { slotsOf } from "../class/document";
import { applyEdit } from "../class/edits";
import { putMove } from "../class/put-move";
import { balanceOf } from "../effort/balance";
import { THRESHOLDS } from "../effort/thresholds";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { scoreOf } from "../score/score";
import { GOOD_CLASSES } from "../testing/good";
import { ROOM } from "../testing/good/room";
import { putEffect } from "./put-effect";

const partsIn = (doc: Parameters<typeof partsFor>[0]) => partsFor(doc, ROOM, LIBRARY_BOOK);

describe("what a move would do", () => {
  test("is what it does: length, sets, push and pull and who follows, in every good class", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...GOOD_CLASSES),
        fc.constantFrom(...LIBRARY.filter(({ gym }) => !gym)),
        fc.constantFrom("add" as const, "replace" as const),
        fc.nat(),
        ({ doc }, { id }, how, n) => {
          const worked = doc.blocks.filter((block) => slotsOf(block).length > 0);
          const block = worked[n % worked.length];
          const slot = block && slotsOf(block)[n % slotsOf(block).length];
          const move = LIBRARY_BOOK.get(id);
          const made = block && slot && move && putMove(doc, { block: block.id, slot: slot.id }, how, move);
          if (!made) throw new Error("not put");
          const effect = putEffect(doc, made, LIBRARY_BOOK, THRESHOLDS, partsIn);
          const next = applyEdit(doc, made.edit);
          if (!next.ok || !effect) throw new Error("not put");
          expect(effect.seconds).toBe(
            scoreOf(next.value, LIBRARY_BOOK).seconds.plan - scoreOf(doc, LIBRARY_BOOK).seconds.plan,
          );
          const [before, after] = [doc, next.value].map((own) => balanceOf(own, LIBRARY_BOOK, THRESHOLDS));
          for (const [muscle, change] of effect.sets)
            expect(change).toBe((after?.hardSets.get(muscle) ?? 0) - (before?.hardSets.get(muscle) ?? 0));
          const { as, swapped, unmet } = effect.follow;
          expect(as + swapped + unmet).toBe(ROOM.length);
          expect(effect.short).toBeLessThanOrEqual(ROOM.length);
        },
      ),
      { numRuns: 25 },
    );
  });

  test("a floor move between two standing ones without rest is short for everybody", () => {
    const [good] = GOOD_CLASSES.filter(({ doc }) => doc.stance === "density");
    const block = good?.doc.blocks.find(({ role }) => role === "main");
    const doc = good && block && { ...good.doc, blocks: [{ ...block, rest: 0, longRest: 0 }] };
    const move = LIBRARY_BOOK.get("dead-bug");
    const slot = block && slotsOf(block)[0];
    const made =
      doc && move && slot && putMove(doc, { block: doc.blocks[0]?.id ?? "", slot: slot.id }, "add", move);
    if (!made) throw new Error("not put");
    const effect = putEffect(doc, made, LIBRARY_BOOK, THRESHOLDS, partsIn);
    expect(effect?.short).toBeGreaterThan(ROOM.length / 2);
    expect(effect?.needs).toBeGreaterThan(0);
  });
});
