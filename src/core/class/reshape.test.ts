import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { doc as classOf, rounds, slot } from "../testing/class-builders";
import { checkClass } from "./check-class";
import { type Block, type ClassDoc, slotsOf } from "./document";
import { applyEdit, invert } from "./edits";
import { reshape, SHAPES, type Shape } from "./reshape";
import { blockShape } from "./sentence";

const turned = (doc: ClassDoc, id: string, to: Shape): ClassDoc => {
  const block = doc.blocks.find((own) => own.id === id);
  const edit = block && reshape(doc, block, to, LIBRARY_BOOK);
  const next = edit && applyEdit(doc, edit);
  if (next && !next.ok) throw new Error(next.error.code);
  return next ? next.value : doc;
};
/** Without what is kept beside, and without the ids of blocks, which cutting makes anew. */
const bare = (blocks: readonly Block[]) =>
  blocks.map(({ id: _id, ...block }) => {
    const { shaped: _kept, ...rest } = block as typeof block & { shaped?: unknown };
    return rest;
  });

describe("another shape", () => {
  const moves = ["bodyweight-squat", "press-up", "bridge", "towel-row"];
  const circuit = classOf([
    rounds(
      3,
      moves.map((move) => slot(move, { seconds: 40 })),
      { after: 30, brief: 20 },
    ),
  ]);
  const [block] = circuit.blocks as [Block];
  const shapes = (doc: ClassDoc) => doc.blocks.map(blockShape);

  test("each is what it is called", () => {
    expect(shapes(turned(circuit, block.id, "straight-sets"))).toEqual(["straight-sets"]);
    expect(shapes(turned(circuit, block.id, "windows"))).toEqual(["windows"]);
    expect(shapes(turned(circuit, block.id, "as-many-rounds"))).toEqual(["as-many-rounds"]);
    expect(shapes(turned(circuit, block.id, "supersets"))).toEqual(["superset", "superset"]);
    expect(shapes(turned(circuit, block.id, "one-by-one"))).toEqual(Array(4).fill("intervals"));
    const ladders = turned(circuit, block.id, "ladders");
    expect(slotsOf(ladders.blocks[0] as Block).every(({ dose }) => "ladder" in dose)).toBe(true);
  });

  test("windows count what fills the time, a cap is as long as the work was, talk and water stay at the ends", () => {
    const [first] = slotsOf(turned(circuit, block.id, "windows").blocks[0] as Block);
    expect(first?.dose).toEqual({ reps: 13, within: 60 });
    // Three rounds of four times forty seconds with rests.
    expect(turned(circuit, block.id, "as-many-rounds").blocks[0]).toMatchObject({ cap: 720, rounds: 3 });
    const pairs = turned(circuit, block.id, "supersets").blocks;
    expect(pairs.map(({ brief, after }) => [brief, after])).toEqual([
      [20, undefined],
      [undefined, 30],
    ]);
  });

  test("what was changed meanwhile stays", () => {
    const capped = turned(circuit, block.id, "as-many-rounds");
    const own = slotsOf(capped.blocks[0] as Block);
    const edited = applyEdit(capped, {
      op: "set",
      target: { in: "slot", id: own[0]?.id ?? "" },
      key: "load",
      to: { kg: 8 },
    });
    if (!edited.ok) throw new Error("not set");
    const back = turned(edited.value, block.id, "circuit");
    expect(slotsOf(back.blocks[0] as Block)[0]).toMatchObject({ dose: { seconds: 40 }, load: { kg: 8 } });
  });

  test("any block in any shape after any other stays a class, and comes back as it was", () => {
    const arbShapes = fc.array(fc.constantFrom(...SHAPES), { minLength: 1, maxLength: 4 });
    fc.assert(
      fc.property(arbClass, fc.nat(), arbShapes, (doc, n, list) => {
        const worked = doc.blocks.filter((own) => slotsOf(own).length > 0);
        const own = worked[n % worked.length];
        if (!own) return;
        const home: Shape =
          own.cap !== undefined ? "as-many-rounds" : own.loop === "station" ? "straight-sets" : "circuit";
        // Windows are no shape of their own to come back to: they are in the doses.
        const windows = slotsOf(own).some(({ dose }) => JSON.stringify(dose).includes("within"));
        let now = doc;
        const at = (of: ClassDoc) =>
          of.blocks.find((each) => slotsOf(each).some(({ id }) => id === slotsOf(own)[0]?.id));
        for (const to of list) {
          now = turned(now, at(now)?.id ?? "", to);
          const checked = checkClass(now, LIBRARY_BOOK);
          expect(checked.ok ? [] : checked.error).toEqual([]);
        }
        const back = turned(now, at(now)?.id ?? "", home);
        if (!windows) expect(bare(back.blocks)).toEqual(bare(doc.blocks));
        expect(back.blocks.flatMap(slotsOf).map(({ id, move }) => [id, move])).toEqual(
          doc.blocks.flatMap(slotsOf).map(({ id, move }) => [id, move]),
        );
      }),
    );
  });

  test("is one step, and undo takes it back wholly", () => {
    fc.assert(
      fc.property(arbClass, fc.constantFrom(...SHAPES), (doc, to) => {
        for (const own of doc.blocks) {
          const edit = reshape(doc, own, to, LIBRARY_BOOK);
          const next = edit && applyEdit(doc, edit);
          if (!edit || !next?.ok) continue;
          expect(applyEdit(next.value, invert(edit))).toEqual({ ok: true, value: doc });
        }
      }),
    );
  });
});
