import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { bookFor, resolveMove } from "../moves/book";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { scoreOf } from "../score/score";
import { classOf } from "../testing/classes";
import { checkClass } from "./check-class";
import {
  combine,
  combinedName,
  dropEntry,
  entriesOf,
  type Joined,
  MOST_COMBINED,
  type Naming,
  setEntryReps,
} from "./combine";
import { type ClassDoc, type Dose, type Slot, slotsOf } from "./document";
import { applyEdit, type Edit, invert } from "./edits";

const joined: Joined = (names, more) =>
  [...names, ...(more > 0 ? [`${more} more`] : [])]
    .map((name, i) => (i === 0 ? name : name.toLowerCase()))
    .join(", ")
    .replace(/, ([^,]*)$/, " and $1");
const NAMING: Naming = { book: LIBRARY_BOOK, joined };

const move = (id: string) => resolveMove(id, LIBRARY_BOOK);
const docOf = (dose: Dose, more: Partial<Slot> = {}) =>
  classOf([{ id: "b", title: "B", slots: [{ id: "s", move: "bodyweight-squat", dose, ...more }] }]);
const slotIn = (doc: ClassDoc) => slotsOf(doc.blocks[0] as never)[0] as Slot;
const edited = (doc: ClassDoc, edit: Edit | null): ClassDoc => {
  const done = edit ? applyEdit(doc, edit) : null;
  if (!done?.ok) throw new Error("refused");
  return done.value;
};

describe("several moves in turn", () => {
  test("a move that is timed gets a turn of each, in the same time, under the name of both", () => {
    const doc = docOf({ seconds: 40 }, { load: { target: "light" }, marks: { flat: { seconds: 30 } } });
    const made = edited(doc, combine(slotIn(doc), move("step-jack"), NAMING));
    expect(slotIn(made)).toEqual({
      id: "s",
      move: { name: "Squat and step jack" },
      dose: {
        seconds: 40,
        sequence: [
          { move: "bodyweight-squat", reps: 3 },
          { move: "step-jack", reps: 7 },
        ],
      },
    });
    expect(scoreOf(made, LIBRARY_BOOK).seconds.plan).toBe(scoreOf(doc, LIBRARY_BOOK).seconds.plan);
  });

  test("reps that were set are those of each move, once through", () => {
    const doc = docOf({ reps: { min: 8, plan: 10, max: 12 } });
    const made = edited(doc, combine(slotIn(doc), move("press-up"), NAMING));
    expect(slotIn(made).dose).toEqual({
      sequence: [
        { move: "bodyweight-squat", reps: 10 },
        { move: "press-up", reps: 10 },
      ],
    });
  });

  test("reps are changed, a name of one's own stays, and the last one left is a move again", () => {
    const doc = docOf({ seconds: 40 });
    let made = edited(doc, combine(slotIn(doc), move("press-up"), NAMING));
    made = edited(made, setEntryReps(slotIn(made), 1, 5, NAMING));
    expect(entriesOf(slotIn(made))[1]).toEqual({ move: "press-up", reps: 5 });
    const named: ClassDoc = JSON.parse(JSON.stringify(made).replace("Squat and press-up", "Up and down"));
    const three = edited(named, combine(slotIn(named), move("plank-jack"), NAMING));
    expect(slotIn(three).move).toEqual({ name: "Up and down" });
    const two = edited(three, dropEntry(slotIn(three), 0, NAMING));
    const one = edited(two, dropEntry(slotIn(two), 1, NAMING));
    expect(slotIn(one)).toEqual({ id: "s", move: "press-up", dose: { seconds: 40 } });
  });

  test("what is only a name joins nothing, and a fifth doesn't fit", () => {
    const doc = docOf({ seconds: 40 }, { move: { name: "Wiggle" } });
    expect(combine(slotIn(doc), move("press-up"), NAMING)).toBeNull();
    const like = docOf({ seconds: 40 }, { move: { name: "Deep sit", like: "bodyweight-squat" } });
    let made = like;
    for (const id of ["press-up", "step-jack", "plank-jack"])
      made = edited(made, combine(slotIn(made), move(id), NAMING));
    expect(entriesOf(slotIn(made))).toHaveLength(MOST_COMBINED);
    expect(combine(slotIn(made), move("curl"), NAMING)).toBeNull();
    expect(combinedName(entriesOf(slotIn(made)), NAMING)).toBe("Squat, press-up, step jack and plank jack");
  });

  test("whatever is combined is a sound class, and one undo takes it back", () => {
    const doses: readonly Dose[] = [
      { seconds: 40 },
      { reps: 10 },
      { hold: 20 },
      { toLimit: 60 },
      { ladder: { from: 1, to: 5 } },
      { reserve: 2, allow: 40 },
    ];
    const ids = LIBRARY.map(({ id }) => id);
    fc.assert(
      fc.property(
        fc.constantFrom(...doses),
        fc.constantFrom(...ids),
        fc.array(fc.constantFrom(...ids), { minLength: 1, maxLength: 3 }),
        (dose, first, more) => {
          const doc = docOf(dose, { move: first });
          let made = doc;
          for (const id of more) {
            const edit = combine(slotIn(made), move(id), { book: bookFor(made, LIBRARY_BOOK), joined });
            const next = edited(made, edit);
            expect(edited(next, invert(edit as Edit))).toEqual(made);
            made = next;
          }
          const checked = checkClass(JSON.parse(JSON.stringify(made)), LIBRARY_BOOK);
          expect(checked.ok ? [] : checked.error).toEqual([]);
          expect(entriesOf(slotIn(made))).toHaveLength(more.length + 1);
        },
      ),
      { numRuns: 150 },
    );
  });
});
