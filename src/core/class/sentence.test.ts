import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { checkClass } from "./check-class";
import { type Block, type ClassDoc, slotsOf } from "./document";
import { applyEdit } from "./edits";
import { edited as after, startHistory, undone } from "./history";
import { blockShape, numberEdit, sentenceNumbers, stepEdit, typedEdit } from "./sentence";

const slot = (id: string, more: object = {}) => ({ id, move: "plank", dose: { seconds: 40 }, ...more });
const ofBlock = (block: object): ClassDoc => classOf([{ id: "b", title: "", ...block }]);
const only = (doc: ClassDoc) => doc.blocks[0] as Block;
const edited = (doc: ClassDoc, edit: ReturnType<typeof numberEdit>) => {
  const result = applyEdit(doc, edit);
  if (!result.ok) throw new Error("the edit was refused");
  return only(result.value);
};

describe("a block's sentence", () => {
  test("names each number once, with bounds that hold it", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        for (const block of doc.blocks) {
          const numbers = sentenceNumbers(block);
          expect(new Set(numbers.map(({ key }) => key)).size).toBe(numbers.length);
          for (const { now, least, most, bigStep, step } of numbers) {
            expect(now).toBeGreaterThanOrEqual(Math.min(least, 0));
            expect(now).toBeLessThanOrEqual(most);
            expect(bigStep).toBeGreaterThan(step);
          }
        }
      }),
      { numRuns: 60 },
    );
  });

  test("typed letter by letter is as if typed at once, and what can't be taken leaves what stood", () => {
    const at = fc.tuple(fc.nat(20), fc.nat(20), fc.integer({ min: 1, max: 60 }));
    fc.assert(
      fc.property(arbClass, at, (doc, [b, n, to]) => {
        const before = doc.blocks[b % doc.blocks.length] as Block;
        const numbers = sentenceNumbers(before);
        const { key } = numbers[n % numbers.length] ?? { key: "brief" as const };
        const at = doc.blocks.indexOf(before);
        const on = (now: ClassDoc, value: number | null) => {
          const result = applyEdit(now, typedEdit(now.blocks[at] as Block, before, key, value));
          if (!result.ok) throw new Error("the edit was refused");
          return result.value;
        };
        const once = applyEdit(doc, numberEdit(before, key, to));
        if (!once.ok) throw new Error("the edit was refused");
        const first = on(doc, Number(`${to}`.slice(0, 1)));
        expect(on(first, to)).toEqual(once.value);
        expect(on(first, null)).toEqual(doc);
        expect(on(on(first, null), to)).toEqual(once.value);
      }),
    );
  });

  test("what is typed letter by letter is one step for undo, however many slots it changes", () => {
    const slots = ["a", "b", "c"].map((id) => slot(id));
    let history = startHistory(ofBlock({ rounds: 3, slots }));
    const before = only(history.doc);
    for (const text of ["4", "45", "45 "]) {
      const typed = typedEdit(only(history.doc), before, "work", Number(text));
      const next = after(history, typed, LIBRARY_BOOK, true);
      if (!next.ok) throw new Error("the edit was refused");
      history = next.value;
    }
    expect(slotsOf(only(history.doc)).map(({ dose }) => dose)).toEqual(slots.map(() => ({ seconds: 45 })));
    const back = undone(history, LIBRARY_BOOK);
    expect(back?.ok && back.value.history.doc.blocks[0]).toEqual(before);
  });

  test("a step up and down again leaves a valid class, and what differed still differs by as much", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: 0, max: 9 }), (doc, pick) => {
        const block = only(doc);
        const numbers = sentenceNumbers(block);
        const number = numbers[pick % Math.max(1, numbers.length)];
        if (!number) return;
        const result = applyEdit(doc, stepEdit(block, number, number.step));
        if (!result.ok) throw new Error("the edit was refused");
        expect(checkClass(result.value, LIBRARY_BOOK).ok).toBe(true);
      }),
      { numRuns: 80 },
    );
  });

  test("a number that is typed makes all slots equal; an arrow keeps their difference", () => {
    const doc = ofBlock({
      slots: [slot("a"), slot("c", { dose: { hold: 20 } }), slot("d", { dose: { reps: 8 } })],
    });
    const typed = edited(doc, numberEdit(only(doc), "work", 30));
    expect(slotsOf(typed).map(({ dose }) => dose)).toEqual([{ seconds: 30 }, { hold: 30 }, { reps: 8 }]);
    const [, work] = sentenceNumbers(only(doc));
    expect(work).toMatchObject({ key: "work", text: "20–40", now: 20 });
    const stepped = edited(doc, stepEdit(only(doc), work as never, 5));
    expect(slotsOf(stepped).map(({ dose }) => dose)).toEqual([{ seconds: 45 }, { hold: 25 }, { reps: 8 }]);
  });

  test("fewer rounds cut the lists that hang on them, more go on with their last entry", () => {
    const doc = ofBlock({
      rounds: 3,
      slots: [slot("a", { dose: [{ reps: 12 }, { reps: 10 }, { reps: 8 }] }), slot("c", { rounds: [1, 3] })],
    });
    const two = edited(doc, numberEdit(only(doc), "rounds", 2));
    expect(slotsOf(two).map(({ dose, rounds }) => [dose, rounds])).toEqual([
      [[{ reps: 12 }, { reps: 10 }], undefined],
      [{ seconds: 40 }, [1]],
    ]);
    const four = edited(doc, numberEdit(only(doc), "rounds", 4));
    expect(slotsOf(four)[0]?.dose).toEqual([{ reps: 12 }, { reps: 10 }, { reps: 8 }, { reps: 8 }]);
  });

  test("rest between rounds starts from the rest between moves where it isn't set", () => {
    const doc = ofBlock({ rounds: 2, rest: 20, slots: [slot("a"), slot("c")] });
    const between = sentenceNumbers(only(doc)).find(({ key }) => key === "longRest");
    expect(between?.now).toBe(20);
    expect(edited(doc, stepEdit(only(doc), between as never, 15)).longRest).toBe(35);
  });
});

describe("a block's shape", () => {
  const reps = { dose: { reps: 8 } };
  test.each<[string, object]>([
    ["talk", { role: "talk", brief: 30 }],
    ["break", { after: 30 }],
    ["as-many-rounds", { cap: 300, slots: [slot("a", reps)] }],
    ["straight-sets", { loop: "station", rounds: 3, slots: [slot("a"), slot("c")] }],
    ["windows", { rounds: 5, slots: [slot("a", { dose: { reps: 8, within: 60 } })] }],
    ["intervals", { rounds: 8, slots: [slot("a")] }],
    ["one-move", { slots: [slot("a")] }],
    ["superset", { rounds: 3, rest: 40, slots: [slot("a", reps), slot("c", reps)] }],
    ["superset", { rounds: 3, rest: 15, slots: [slot("a"), slot("c")] }],
    ["circuit", { rounds: 3, rest: 16, slots: [slot("a"), slot("c")] }],
    ["triset", { rounds: 3, rest: 15, slots: [slot("a", reps), slot("c", reps), slot("d", reps)] }],
    ["circuit", { rounds: 3, rest: 15, slots: [slot("a"), slot("c"), slot("d", reps)] }],
    ["sequence", { slots: [slot("a"), slot("c")] }],
  ])("%s", (words, block) => expect(blockShape(only(ofBlock(block)))).toBe(words));
});
