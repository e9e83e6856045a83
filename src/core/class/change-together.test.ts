import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { doc as classOf, rounds, slot } from "../testing/class-builders";
import { spanTriple } from "../values/span";
import { type Change, changeTogether, chosenBlocks, chosenIn, stretchOf } from "./change-together";
import { checkClass } from "./check-class";
import { type ClassDoc, dosesOf, slotsOf } from "./document";
import { rowOf, spanOf } from "./dose-kinds";
import { applyEdit, invert } from "./edits";
import { isEdit } from "./read-edit";

const arbChange: fc.Arbitrary<Change> = fc.oneof(
  fc.record({ do: fc.constantFrom("work" as const, "reps" as const), by: fc.constantFrom(-5, -1, 1, 5) }),
  fc.record({ do: fc.constant("rest" as const), to: fc.integer({ min: 0, max: 90 }) }),
  fc.record({ do: fc.constant("rounds" as const), by: fc.constantFrom(-1, 1) }),
  fc.record({ do: fc.constantFrom("ease" as const, "remove" as const) }),
);
const allIds = (doc: ClassDoc) => doc.blocks.flatMap(slotsOf).map(({ id }) => id);
const done = (doc: ClassDoc, ids: readonly string[], change: Change): ClassDoc => {
  const edit = changeTogether(doc, new Set(ids), change, LIBRARY_BOOK);
  const next = edit && applyEdit(doc, edit);
  if (next && !next.ok) throw new Error(next.error.code);
  return next ? next.value : doc;
};

describe("several moves together", () => {
  const [a, b, c] = [
    slot("bodyweight-squat", { seconds: 40 }),
    slot("plank", { hold: 20 }),
    slot("press-up", { reps: 8 }),
  ];
  const doc = classOf([rounds(3, [a, b, c]), rounds(2, [slot("bridge", { seconds: 30 })])]);
  const [first, second] = doc.blocks as [ClassDoc["blocks"][number], ClassDoc["blocks"][number]];

  test("work and holds grow by seconds, reps by reps, and what is neither stays", () => {
    const next = done(doc, allIds(doc), { do: "work", by: 5 });
    expect(next.blocks.flatMap(slotsOf).map(({ dose }) => dose)).toEqual([
      { seconds: 45 },
      { hold: 25 },
      { reps: 8 },
      { seconds: 35 },
    ]);
    expect(slotsOf(done(doc, [c.id], { do: "reps", by: -1 }).blocks[0] as never)[2]?.dose).toEqual({
      reps: 7,
    });
  });

  test("a level that would stop later than the piece stops with it", () => {
    const eased = { ...a, marks: { flat: { seconds: 40 } } };
    const own = classOf([rounds(3, [eased])]);
    const [next] = slotsOf(done(own, [a.id], { do: "work", by: -10 }).blocks[0] as never);
    expect(next).toMatchObject({ dose: { seconds: 30 }, marks: { flat: { seconds: 30 } } });
  });

  test("the rest of a whole block is the block's, of some of its moves their own; between rounds it stays", () => {
    const whole = done(doc, [a.id, b.id, c.id], { do: "rest", to: 20 });
    expect(whole.blocks[0]).toMatchObject({ rest: 20, longRest: 60 });
    const some = done(doc, [b.id], { do: "rest", to: 20 });
    expect(some.blocks[0]?.rest).toBe(first.rest);
    expect(slotsOf(some.blocks[0] as never).map(({ rest }) => rest)).toEqual([undefined, 20, undefined]);
  });

  test("rounds are of whole blocks, removing takes whole blocks but never the last", () => {
    const more = done(doc, [a.id, ...slotsOf(second).map(({ id }) => id)], { do: "rounds", by: 1 });
    expect(more.blocks.map(({ rounds: n }) => n)).toEqual([3, 3]);
    expect(
      done(
        doc,
        slotsOf(first).map(({ id }) => id),
        { do: "remove" },
      ).blocks,
    ).toHaveLength(1);
    expect(done(doc, allIds(doc), { do: "remove" })).toEqual(doc);
  });

  test("a stretch goes from either end over the edges of blocks", () => {
    expect(stretchOf(doc, b.id, slotsOf(second)[0]?.id ?? "")).toEqual(allIds(doc).slice(1));
    expect(stretchOf(doc, slotsOf(second)[0]?.id ?? "", b.id)).toEqual(allIds(doc).slice(1));
    expect(stretchOf(doc, b.id, "nowhere")).toEqual([]);
  });

  test("of any class: only what is chosen changes, in one step that can be taken back, and it stays a class", () => {
    fc.assert(
      fc.property(arbClass, fc.infiniteStream(fc.boolean()), arbChange, (own, coin, change) => {
        const ids = allIds(own).filter(() => coin.next().value);
        const edit = changeTogether(own, new Set(ids), change, LIBRARY_BOOK);
        if (!edit) return;
        const next = applyEdit(own, edit);
        if (!next.ok) throw new Error(next.error.code);
        // Rounds of a lap that what is removed leaves empty are for the check to tell.
        const checked = checkClass(next.value, LIBRARY_BOOK);
        if (!checked.ok) expect(change.do).toBe("remove");
        const before = new Map(own.blocks.flatMap(slotsOf).map((each) => [each.id, each]));
        const inWhole = new Set(
          chosenIn(own, new Set(ids))
            .filter(({ whole }) => whole)
            .map(({ block }) => block.id),
        );
        for (const block of next.value.blocks)
          for (const each of slotsOf(block))
            if (!ids.includes(each.id)) {
              const { together: _own, ...rest } = each;
              expect(before.get(each.id)).toMatchObject(rest);
            }
        if (change.do === "rounds")
          for (const [i, block] of next.value.blocks.entries())
            if (!inWhole.has(block.id)) expect(block).toEqual(own.blocks[i]);
        const back = applyEdit(next.value, invert(edit));
        expect(back).toEqual({ ok: true, value: own });
      }),
    );
  });

  test("a change of very many moves can be sent", () => {
    const many = classOf(
      Array.from({ length: 12 }, () =>
        rounds(
          2,
          Array.from({ length: 40 }, () => slot("plank", { hold: 20 })),
        ),
      ),
    );
    const edit = changeTogether(many, new Set(allIds(many)), { do: "work", by: 5 }, LIBRARY_BOOK);
    expect(isEdit(JSON.parse(JSON.stringify(edit)))).toBe(true);
    const next = edit && applyEdit(many, edit);
    expect(
      next?.ok &&
        next.value.blocks.flatMap(slotsOf).every(({ dose }) => JSON.stringify(dose) === '{"hold":25}'),
    ).toBe(true);
  });

  test("seconds never fall below five, nor reps below one", () => {
    fc.assert(
      fc.property(arbClass, fc.constantFrom("work" as const, "reps" as const), (own, key) => {
        let now = own;
        for (let n = 0; n < 5; n += 1) now = done(now, allIds(now), { do: key, by: -300 });
        const before = own.blocks.flatMap(slotsOf);
        for (const [i, each] of now.blocks.flatMap(slotsOf).entries())
          for (const [k, dose] of dosesOf(each).entries()) {
            const was = spanTriple(spanOf(dosesOf(before[i] as never)[k] as never) ?? 0).min;
            if (rowOf(dose).row.number === key)
              expect(spanTriple(spanOf(dose) ?? 0).min).toBeGreaterThanOrEqual(
                Math.min(was, key === "work" ? 5 : 1),
              );
          }
      }),
    );
  });

  test("what is chosen as blocks has just that, beside whom it was", () => {
    fc.assert(
      fc.property(arbClass, fc.infiniteStream(fc.boolean()), (own, coin) => {
        const ids = allIds(own).filter(() => coin.next().value);
        const blocks = chosenBlocks(own, new Set(ids));
        expect(blocks.flatMap(slotsOf).map(({ id }) => id)).toEqual(ids);
        for (const block of blocks)
          for (const { together } of slotsOf(block))
            if (together !== undefined) expect(ids).toContain(together);
      }),
    );
  });
});
