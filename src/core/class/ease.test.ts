import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { classOf } from "../testing/classes";
import { spanTriple } from "../values/span";
import { checkClass } from "./check-class";
import { type Block, type Slot, slotsOf } from "./document";
import { easeBlock, easedWay } from "./ease";
import { applyEdit } from "./edits";
import { addAlternative, setLevel } from "./other-ways";

const slot = (more: Partial<Slot>): Slot => ({
  id: "s",
  move: "bodyweight-squat",
  dose: { seconds: 40 },
  ...more,
});
const eased = (more: Partial<Slot>) => easedWay(slot(more), LIBRARY_BOOK);

describe("an easier way written in a hurry", () => {
  test("is fewer reps, a shorter time, or a softer landing; one that is there stays", () => {
    expect(eased({ dose: { reps: 12 } })).toEqual({ reps: 8 });
    expect(eased({ dose: { reps: { min: 8, plan: 9, max: 12 } } })).toEqual({
      reps: { min: 5, plan: 6, max: 8 },
    });
    expect(eased({ dose: { seconds: 40 } })).toEqual({ seconds: 30 });
    expect(eased({ move: "plank", dose: { hold: 25 } })).toEqual({ seconds: 15 });
    expect(eased({ dose: { seconds: 10 } })).toBeNull();
    expect(eased({ dose: { toLimit: 60 } })).toBeNull();
    const jump = eased({ move: "squat-jump" });
    expect(LIBRARY_BOOK.get(String(jump?.move))?.impact).not.toBe("high");
    expect(eased({ marks: { flat: { note: "Half the way" } } })).toBeNull();
    // Counted in one round and timed in another it is neither fewer reps nor a shorter time.
    expect(eased({ dose: [{ reps: 12 }, { seconds: 40 }], rounds: [1, 2] })).toBeNull();
    // Where rounds differ the shortest decides.
    expect(eased({ dose: [{ seconds: 60 }, { seconds: 40 }], rounds: [1, 2] })).toEqual({ seconds: 30 });
  });

  test("makes a valid class of any block, in one step that one undo takes back, and does nothing twice", () => {
    const arbSlots = fc.array(
      fc.record({
        move: fc.constantFrom(...LIBRARY.map(({ id }) => id)),
        dose: fc.oneof(
          fc.record({ seconds: fc.integer({ min: 1, max: 90 }) }),
          fc.record({ hold: fc.integer({ min: 1, max: 90 }) }),
          fc.record({ reps: fc.integer({ min: 2, max: 30 }) }),
          fc.record({ toLimit: fc.integer({ min: 10, max: 60 }) }),
        ),
      }),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(arbSlots, (slots) => {
        const doc = classOf([
          { id: "b", title: "", slots: slots.map((own, i) => ({ id: `s${i}`, ...own })) },
        ]);
        const edit = easeBlock(doc.blocks[0] as Block, LIBRARY_BOOK);
        if (!edit) return;
        const next = applyEdit(doc, edit);
        if (!next.ok) throw new Error("refused");
        expect(checkClass(next.value, LIBRARY_BOOK)).toMatchObject({ ok: true });
        expect(easeBlock(next.value.blocks[0] as Block, LIBRARY_BOOK)).toBeNull();
        for (const own of slotsOf(next.value.blocks[0] as Block)) {
          const { flat } = own.marks ?? {};
          const dose = own.dose as { reps?: number; seconds?: number; hold?: number };
          if (flat?.reps !== undefined) expect(spanTriple(flat.reps).plan).toBeLessThan(dose.reps ?? 0);
          if (flat?.seconds !== undefined) expect(flat.seconds).toBeLessThan(dose.seconds ?? dose.hold ?? 0);
        }
      }),
      { numRuns: 200 },
    );
  });
});

describe("what a slot says beside its move", () => {
  test("a level's part that is emptied is left out, and the level with its last part", () => {
    const own = slot({
      marks: { flat: { move: "sit-to-stand", note: "Chair behind" }, sharp: { note: "Pause" } },
    });
    expect(setLevel(own, "flat", { note: "" })).toMatchObject({
      to: { flat: { move: "sit-to-stand" }, sharp: { note: "Pause" } },
    });
    expect(setLevel(own, "sharp", { note: "" })).toMatchObject({ to: { flat: { move: "sit-to-stand" } } });
    expect(setLevel(slot({ marks: { flat: { reps: 5 } } }), "flat", { reps: undefined })).toMatchObject({
      key: "marks",
      to: undefined,
    });
  });

  test("a move stands once among the alternatives, and never beside itself", () => {
    const own = slot({ alternatives: [{ move: "sit-to-stand", note: "No room" }] });
    expect(addAlternative(own, "wall-sit")).toMatchObject({
      to: [{ move: "sit-to-stand", note: "No room" }, { move: "wall-sit" }],
    });
    expect(addAlternative(own, "sit-to-stand")).toBeNull();
    expect(addAlternative(own, "bodyweight-squat")).toBeNull();
  });
});
