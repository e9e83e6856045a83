import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY_BOOK } from "../moves/library";
import { carrySlot, removeBlock, setBlock, setClass, setSlot } from "./commands";
import {
  type DeskAction,
  type DeskState,
  deskAfter,
  isUnsaved,
  openDesk,
  soundSteps,
  stepsOf,
} from "./desk-state";
import { type Block, type ClassDoc, type Slot, slotsOf } from "./document";
import type { Edit } from "./edits";
import { applyChecked } from "./history";
import { newClass } from "./new-class";

const doc = newClass("Quay", "density");
const on = (state: DeskState, action: DeskAction) => deskAfter(state, action, LIBRARY_BOOK);
const edit = (state: DeskState, change: Edit, id = crypto.randomUUID()) =>
  on(state, { do: "edit", edit: change, join: false, id });

/** One of a few changes, some of which meet: made on the class as its maker sees it. */
function someEdit(now: ClassDoc, n: number): Edit {
  const block = now.blocks[1] as Block;
  const slot = slotsOf(block)[0] as Slot;
  const edits = [
    () => setClass(now, "title", `T${n}`),
    () => setBlock(block, "rest", 10 + (n % 5) * 5),
    () => setSlot(slot, "dose", { seconds: 20 + n }),
    () => setSlot(slot, "cue", `cue ${n}`),
    () => setBlock(block, "rounds", 1 + (n % 4)),
  ];
  return (edits[n % edits.length] as () => Edit)();
}

describe("the Desk", () => {
  test("knows over a reload what can be taken back and done again, and takes nobody else's for its own", () => {
    const numbers = fc.array(fc.nat(40), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(numbers, fc.nat(6), (list, undos) => {
        let state = list.reduce((now, n) => edit(now, someEdit(now.history.doc, n)), openDesk(doc, 1));
        for (let n = 0; n < undos; n += 1) state = on(state, { do: "undo", id: crypto.randomUUID() });
        expect(stepsOf(state) === null).toBe(state.pending.length > 0);
        const sent = state.pending.map(({ id }) => id);
        const done = on(state, { do: "saved", sent, revision: 9, doc: null });
        const steps = soundSteps(JSON.parse(JSON.stringify(stepsOf(done))));
        if (!steps) throw new Error("no steps");
        const again = on(openDesk(done.history.doc, 9), { do: "remember", steps });
        const [a, b] = [done, again].map((now) => {
          let own = now;
          while (own.history.undo.length > 0) {
            const next = on(own, { do: "undo", id: crypto.randomUUID() });
            if (next.trouble) break;
            own = next;
          }
          return own.history.doc;
        });
        expect(b).toEqual(a);
        // Of another revision they are as good as none.
        expect(on(openDesk(doc, 10), { do: "remember", steps }).history.undo).toEqual([]);
      }),
    );
    for (const wrong of [
      null,
      {},
      { revision: 1, undo: [{ op: "burn" }], redo: [] },
      { revision: "1", undo: [], redo: [] },
    ])
      expect(soundSteps(wrong)).toBeNull();
  });

  test("goes on pointing at the move wherever it stands, and at what is near where its block is gone", () => {
    const [first, main, last] = doc.blocks as [Block, Block, Block];
    const slot = slotsOf(first)[0] as Slot;
    const select = (state: DeskState, block: Block, own: Slot | null) =>
      on(state, { do: "select", selection: { block: block.id, slot: own?.id ?? null } });
    const carried = edit(select(openDesk(doc, 1), first, slot), carrySlot(first, slot, main, null));
    expect(carried.selection).toEqual({ block: main.id, slot: slot.id });
    expect(on(carried, { do: "undo", id: "u" }).selection).toEqual({ block: first.id, slot: slot.id });
    const gone = edit(select(openDesk(doc, 1), last, null), removeBlock(doc, last));
    expect(gone.selection).toEqual({ block: main.id, slot: null });
    const begun = edit(select(openDesk(doc, 1), first, null), removeBlock(doc, first));
    expect(begun.selection).toEqual({ block: main.id, slot: null });
  });

  test("comes to what the server has, whoever else edits meanwhile, and keeps what it hasn't sent", () => {
    const steps = fc.array(fc.tuple(fc.constantFrom("mine", "theirs", "undo", "send"), fc.nat(40)), {
      maxLength: 25,
    });
    fc.assert(
      fc.property(steps, (list) => {
        let server = { doc, revision: 1 };
        let desk = openDesk(doc, 1);
        const take = (change: Edit) => {
          const next = applyChecked(server.doc, change, LIBRARY_BOOK);
          if (next.ok) server = { doc: next.value, revision: server.revision + 1 };
        };
        const send = () => {
          const sent = desk.pending;
          for (const { edit: change } of sent) take(change);
          const ids = sent.map(({ id }) => id);
          desk = on(desk, { do: "saved", sent: ids, revision: server.revision, doc: server.doc });
        };
        list.forEach(([who, n], i) => {
          if (who === "mine") desk = edit(desk, someEdit(desk.history.doc, n), `e${i}`);
          else if (who === "undo") desk = on(desk, { do: "undo", id: `u${i}` });
          else if (who === "theirs") take(someEdit(server.doc, n));
          else send();
        });
        send();
        expect(desk.history.doc).toEqual(server.doc);
        expect([desk.pending, desk.save]).toEqual([[], "saved"]);
      }),
    );
  });

  test("what the last step is compared with is what undo gives back, unless others changed it too", () => {
    const block = doc.blocks[1] as Block;
    let desk = openDesk(doc, 1);
    expect(desk.history.before).toBeNull();
    for (const [i, rest] of [20, 25, 30].entries()) {
      const now = desk.history.doc.blocks[1] as Block;
      desk = on(desk, { do: "edit", edit: setBlock(now, "rest", rest), join: i > 0, id: `r${i}` });
    }
    expect(desk.history.before).toEqual(doc);
    const stepped = desk.history.doc;
    desk = edit(desk, setBlock(block, "longRest", 90));
    expect(desk.history.before).toEqual(stepped);
    const undone = on(desk, { do: "undo", id: "u" });
    expect([undone.history.doc, undone.history.before]).toEqual([stepped, desk.history.doc]);
    const theirs = on(undone, { do: "saved", sent: [], revision: 5, doc });
    expect(theirs.history.before).toBeNull();
  });

  test("what can't be done is told and changes nothing; the next change takes the words away", () => {
    const start = openDesk(doc, 1);
    const refused = edit(start, setBlock(doc.blocks[1] as Block, "rest", -5));
    expect(refused.trouble).toMatchObject({ code: "invalid", faults: [{ code: "at-least", least: 0 }] });
    expect(refused.history).toBe(start.history);
    const fine = edit(refused, setClass(doc, "title", "Pier"));
    expect([fine.trouble, fine.history.doc.title, fine.pending.length]).toEqual([null, "Pier", 1]);
  });

  test("edits that were kept over a reload come back, but for those that no longer fit", () => {
    const gone = setSlot({ ...(slotsOf(doc.blocks[1] as Block)[0] as Slot), id: "gone" }, "cue", "x");
    const pending = [
      { id: "a", edit: setClass(doc, "title", "Pier") },
      { id: "b", edit: gone },
    ];
    const desk = on(openDesk(doc, 1), { do: "restore", pending });
    expect(desk.pending.map(({ id }) => id)).toEqual(["a"]);
    expect([desk.history.doc.title, desk.save]).toEqual(["Pier", "saving"]);
  });

  test("what isn't saved stays told until it is, and a selection that is gone goes to its block", () => {
    let desk = edit(openDesk(doc, 1), setClass(doc, "title", "Pier"), "e");
    desk = on(desk, { do: "unsaved", save: "waiting", why: "The server was not reached." });
    expect([isUnsaved(desk.save), desk.saveTrouble]).toEqual([true, "The server was not reached."]);
    desk = on(desk, { do: "saving" });
    expect(desk.save).toBe("waiting");
    desk = on(desk, { do: "select", selection: { block: "b1", slot: "s2" } });
    const block = {
      ...(doc.blocks[0] as Block),
      slots: slotsOf(doc.blocks[0] as Block).filter(({ id }) => id !== "s2"),
    };
    const theirs = { ...doc, blocks: [block, ...doc.blocks.slice(1)] };
    desk = on(desk, { do: "saved", sent: ["e"], revision: 9, doc: theirs });
    expect([desk.selection, desk.save, desk.saveTrouble]).toEqual([{ block: "b1", slot: null }, "saved", ""]);
  });

  test("takes over what others made of the class, unless something of its own is on its way", () => {
    const theirs = { ...doc, title: "Theirs" };
    const stands = { do: "stands", revision: 5, doc: theirs } as const;
    const open = openDesk(doc, 3);
    expect(on(open, stands)).toMatchObject({ revision: 5, history: { doc: theirs }, save: "saved" });
    expect(on(open, { ...stands, revision: 3 })).toBe(open);
    const busy = edit(open, setClass(doc, "title", "Mine"));
    expect(on(busy, stands)).toBe(busy);
    // Undo takes back one's own on top of theirs.
    const done = on(busy, { do: "saved", sent: busy.pending.map(({ id }) => id), revision: 4, doc: null });
    const later = on(done, { do: "stands", revision: 6, doc: { ...theirs, stance: "strength" } });
    expect(on(later, { do: "undo", id: "u" }).history.doc.stance).toBe("strength");
  });
});
