import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { arbClass } from "../testing/arbitraries";
import { checkClass } from "./check-class";
import {
  addBlock,
  addSlot,
  carrySlot,
  copyBlock,
  copySlot,
  freeBlockId,
  freeSlotIds,
  joinBlocks,
  moveBlock,
  orderSlots,
  removeBlock,
  removeSlot,
  replaceMove,
  setClass,
  setRounds,
  setSlot,
  splitBlock,
  stepSlot,
} from "./commands";
import { type ClassDoc, STANCES, slotsOf } from "./document";
import { applyEdit, type Edit, invert } from "./edits";
import { edited, type History, redone, startHistory, undone } from "./history";
import { dropEntry, KEYED_LISTS, keyOf, putEntry } from "./keyed";
import { newBlock, newSlot } from "./new-class";
import { isEdit } from "./read-edit";
import { numberEdit, sentenceNumbers, stepEdit } from "./sentence";

/** Makes an edit that fits this document from three numbers: everything that the Desk can do to it. */
function someEdit(doc: ClassDoc, kind: number, a: number, b: number): Edit {
  const pick = <T>(list: readonly T[], n: number) => list[n % list.length] as T;
  const block = pick(doc.blocks, a);
  const other = pick(doc.blocks, b);
  const worked = doc.blocks.filter((each) => slotsOf(each).length > 0);
  // Nothing but talk and breaks: there is little that can be done to it.
  if (worked.length === 0) return setClass(doc, "title", `T${a}`);
  const own = pick(worked, a);
  const slots = slotsOf(own);
  const slot = pick(slots, b);
  const to = pick(worked, b);
  const numbers = sentenceNumbers(block);
  const number = pick(numbers, b);
  const move = pick(LIBRARY, a);
  const [free = ""] = freeSlotIds(doc, 1);
  const made = newSlot(free, move, 30);
  const entry = { slot: slot.id, person: b % 2 ? "p1" : "p2", move: move.id };
  const edits: readonly (() => Edit | null)[] = [
    () => stepEdit(block, number, (b % 5) - 2),
    () => numberEdit(block, number.key, 1 + (a % 40)),
    () => setSlot(slot, "sides", b % 2 ? "inTurn" : undefined),
    () => setClass(doc, "stance", pick(STANCES, b)),
    () => addSlot(own, made, b % 2 ? slot.id : null),
    () => removeSlot(own, slot),
    () => carrySlot(own, slot, to, to === own ? null : pick(slotsOf(to), a).id),
    () => stepSlot(own, slot.id, a % 2 ? 1 : -1),
    () => copySlot(doc, own, slot).edit,
    () => replaceMove(slot, move.id),
    () => setRounds(own, 1 + (b % 6)),
    () =>
      addBlock(
        newBlock(freeBlockId(doc), "New", "density", () => made),
        block.id,
      ),
    () => removeBlock(doc, block),
    () => moveBlock(doc, block.id, other.id === block.id ? null : other.id),
    () => copyBlock(doc, block),
    () => splitBlock(doc, own, slot.id),
    () => joinBlocks(doc, block),
    () => orderSlots(own, slots.map(({ id }) => id).reverse()),
    () => putEntry(doc, "overruled", entry),
    () => dropEntry(doc, "overruled", keyOf("overruled", entry)),
    () => putEntry(doc, "acknowledged", { code: "c", where: { slot: slot.id }, reason: `${b}`, of: "o" }),
  ];
  return pick(edits, kind)() ?? setClass(doc, "title", `T${a}`);
}

const arbSteps = fc.array(fc.tuple(fc.nat(100), fc.nat(100), fc.nat(100)), { minLength: 1, maxLength: 25 });
const same = (a: ClassDoc, b: ClassDoc) => expect(sorted(a)).toEqual(sorted(b));
/** Key order is an author's, but an undone removal of a key puts it last; an empty list says what none says. */
const sorted = (value: unknown): unknown => {
  const plain = JSON.parse(JSON.stringify(value));
  for (const list of KEYED_LISTS) if (plain[list]?.length === 0) delete plain[list];
  return plain;
};

describe("edits", () => {
  test("any sequence keeps the document valid, and undoing all of it gives back the first one", () => {
    fc.assert(
      fc.property(arbClass, arbSteps, (doc, steps) => {
        let history: History = startHistory(doc);
        for (const [kind, a, b] of steps) {
          const next = edited(history, someEdit(history.doc, kind, a, b), LIBRARY_BOOK);
          if (next.ok) history = next.value;
          expect(checkClass(history.doc, LIBRARY_BOOK).ok).toBe(true);
        }
        const last = history.doc;
        for (let back = undone(history, LIBRARY_BOOK); back; back = undone(history, LIBRARY_BOOK)) {
          if (!back.ok) throw new Error(JSON.stringify(back.error));
          history = back.value.history;
        }
        same(history.doc, doc);
        for (let again = redone(history, LIBRARY_BOOK); again; again = redone(history, LIBRARY_BOOK)) {
          if (!again.ok) throw new Error(JSON.stringify(again.error));
          history = again.value.history;
        }
        same(history.doc, last);
      }),
      { numRuns: 150 },
    );
  });

  test("every edit survives JSON and is recognised; turning it round twice changes nothing", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(100), fc.nat(100), fc.nat(100), (doc, kind, a, b) => {
        const edit = someEdit(doc, kind, a, b);
        const sent = JSON.parse(JSON.stringify(edit));
        expect(isEdit(sent)).toBe(true);
        expect(applyEdit(doc, sent)).toEqual(applyEdit(doc, edit));
        expect(invert(invert(edit))).toEqual(edit);
      }),
    );
  });

  test("what is no edit is not taken for one, whatever it is", () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => void isEdit(value)));
    for (const bad of [
      null,
      3,
      [],
      {},
      { op: "set" },
      { op: "set", target: { in: "slot" }, key: "x" },
      { op: "together", edits: [3] },
    ]) {
      expect(isEdit(bad)).toBe(false);
    }
  });

  test("what a document is, and who is who in it, can't be set", () => {
    const doc = fc.sample(arbClass, { numRuns: 1, seed: 7 })[0] as ClassDoc;
    for (const key of ["format", "version", "blocks", "__proto__"]) {
      expect(applyEdit(doc, { op: "set", target: { in: "class" }, key, to: "x" })).toEqual({
        ok: false,
        error: { code: "key", key },
      });
    }
  });

  test("an edit that changes nothing gives the same object", () => {
    const doc = fc.sample(arbClass, { numRuns: 1, seed: 3 })[0] as ClassDoc;
    const next = applyEdit(doc, { op: "set", target: { in: "class" }, key: "title", to: doc.title });
    expect(next.ok && next.value).toBe(doc);
  });

  test("a slot that is gone is told", () => {
    const doc = fc.sample(arbClass, { numRuns: 1, seed: 3 })[0] as ClassDoc;
    const next = applyEdit(doc, { op: "set", target: { in: "slot", id: "nobody" }, key: "cue", to: "x" });
    expect(next).toEqual({ ok: false, error: { code: "gone", what: "slot", id: "nobody" } });
  });

  test("an arrow key held down is one undo", () => {
    const doc = fc.sample(arbClass, { numRuns: 1, seed: 3 })[0] as ClassDoc;
    let history = startHistory(doc);
    for (const title of ["a", "ab", "abc"]) {
      const edit: Edit = {
        op: "set",
        target: { in: "class" },
        key: "title",
        from: history.doc.title,
        to: title,
      };
      const next = edited(history, edit, LIBRARY_BOOK, true);
      if (next.ok) history = next.value;
    }
    expect(history.undo).toHaveLength(1);
    const back = undone(history, LIBRARY_BOOK);
    expect(back?.ok && back.value.history.doc.title).toBe(doc.title);
  });
});

describe("the sentence", () => {
  test("fewer rounds cut lists of doses, more continue them, and the class stays valid", () => {
    fc.assert(
      fc.property(arbClass, fc.nat(10), fc.integer({ min: 1, max: 8 }), (doc, pick, rounds) => {
        const block = doc.blocks[pick % doc.blocks.length] as ClassDoc["blocks"][number];
        if (block.cap !== undefined) return;
        const next = applyEdit(doc, numberEdit(block, "rounds", rounds));
        if (!next.ok) throw new Error("refused");
        const checked = checkClass(next.value, LIBRARY_BOOK);
        // A slot may have lost its only rounds; that is told, not hidden.
        if (!checked.ok) for (const fault of checked.error) expect(fault.path).toMatch(/rounds$/);
      }),
    );
  });

  test("setting the work sets all timed slots alike, a step keeps their difference", () => {
    const slots = [20, 40].map((seconds, i) => ({ id: `s${i}`, move: { name: "x" }, dose: { seconds } }));
    const block = { id: "b", title: "", slots };
    const doc = {
      format: "brontle.class",
      version: 1,
      title: "T",
      stance: "form",
      blocks: [block],
    } as ClassDoc;
    expect(sentenceNumbers(block).find((number) => number.key === "work")?.text).toBe("20–40");
    const work = sentenceNumbers(block).find((number) => number.key === "work");
    if (!work) throw new Error("no work");
    const doses = (edit: Edit) => {
      const next = applyEdit(doc, edit);
      return next.ok ? slotsOf(next.value.blocks[0] as typeof block).map((slot) => slot.dose) : null;
    };
    expect(doses(numberEdit(block, "work", 30))).toEqual([{ seconds: 30 }, { seconds: 30 }]);
    expect(doses(stepEdit(block, work, 5))).toEqual([{ seconds: 25 }, { seconds: 45 }]);
  });
});
