import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import type { Block, ClassDoc, Slot } from "../class/document";
import { applyEdit } from "../class/edits";
import { expandedSeconds } from "../class/expand";
import { THRESHOLDS } from "../effort/thresholds";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { scoreOf } from "../score/score";
import { arbClass } from "../testing/arbitraries";
import { classOf } from "../testing/classes";
import { ROOM } from "../testing/good/room";
import { goodClass } from "../testing/planted/plant";
import { endsOf } from "./ends";
import { fitClass } from "./fit";
import { type FitChange, fitEdit, isRemoval, keyOfChange, type NumberChange } from "./fit-change";
import { knobsOf, moved, roundsCost, roundsOf, slotCost, spareSlots, stepsCost } from "./fit-knobs";
import { kindsOf } from "./fit-options";
import { repBounds } from "./fit-reps";
import { withKnob } from "./fit-table";

const seconds = (doc: ClassDoc) => expandedSeconds(doc, LIBRARY_BOOK, "plan");
const ask = (doc: ClassDoc, aim: number, within = 30) =>
  fitClass({ doc, library: LIBRARY_BOOK, seconds: aim, within });

function small(blocks: readonly Partial<Block>[]): ClassDoc {
  return classOf(
    blocks.map((more, i) => ({
      id: `b${i}`,
      title: `Block ${i}`,
      rounds: 2,
      rest: 10,
      slots: [{ id: `s${i}`, move: "bodyweight-squat", dose: { seconds: 30 } }],
      ...more,
    })),
  );
}

const numbers = (changes: readonly FitChange[]) =>
  changes.flatMap((change): NumberChange[] => (isRemoval(change) ? [] : [change]));

/** Every setting of every knob, also with a slot left out, one block after another, timed for itself. */
function cheapest(doc: ClassDoc, aim: number, within: number): number | null {
  let best: number | null = null;
  const go = (i: number, blocks: readonly Block[], cost: number): void => {
    const block = doc.blocks[i];
    if (!block) {
      const off = Math.abs(seconds({ ...doc, blocks }) - aim);
      if (off <= within && (best === null || cost < best)) best = cost;
      return;
    }
    const limits = {
      stance: doc.stance,
      thresholds: THRESHOLDS,
      needs: undefined,
      repsOf: (slot: Slot, k: number) => repBounds(slot, k, LIBRARY_BOOK, doc.stance, []),
    };
    const knobs = knobsOf(block, limits);
    for (const rounds of roundsOf(block, LIBRARY_BOOK)) {
      for (const out of [null, ...spareSlots(block)]) {
        const turned = rounds === (block.rounds ?? 1) ? block : { ...block, rounds };
        const first = out ? { ...turned, slots: turned.slots?.filter(({ id }) => id !== out.id) } : turned;
        const own = knobs.filter((knob) => knob.slot === null || knob.slot !== out?.id);
        const turn = (k: number, made: Block, sum: number): void => {
          const knob = own[k];
          if (!knob) {
            go(i + 1, [...blocks, made], sum);
            return;
          }
          for (let n = knob.least; n <= knob.most; n += 1)
            turn(
              k + 1,
              n === 0 ? made : withKnob(made, knob, moved(knob.now, n * knob.step)),
              sum + stepsCost(knob.cost, n),
            );
        };
        turn(0, first, cost + roundsCost(block, rounds) + (out ? slotCost(block) : 0));
      }
    }
  };
  go(0, [], 0);
  return best;
}

describe("fit", () => {
  test("applying an option and timing it gives its total, within the tolerance, and stays valid", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: -300, max: 300 }), (doc, by) => {
        const aim = Math.max(60, seconds(doc) + by);
        for (const option of ask(doc, aim).options) {
          const next = applyEdit(doc, fitEdit(doc, option.changes));
          if (!next.ok) throw new Error("doesn't apply");
          expect(checkClass(next.value, LIBRARY_BOOK).ok).toBe(true);
          expect(seconds(next.value)).toBe(option.total);
          expect(Math.abs(option.total - aim)).toBeLessThanOrEqual(30);
          for (const { from, to } of numbers(option.changes)) expect(typeof to).toBe(typeof from);
        }
      }),
      { numRuns: 40 },
    );
  });

  test("no cheaper option exists: trying every setting of a small class finds none", () => {
    const arb = fc.record({
      rounds: fc.integer({ min: 1, max: 3 }),
      after: fc.constantFrom(0, 20),
      aim: fc.integer({ min: 60, max: 400 }),
      within: fc.constantFrom(0, 5, 20),
    });
    fc.assert(
      fc.property(arb, ({ rounds, after, aim, within }) => {
        const doc = small([{ rounds, after, prepare: 10, locked: ["demo", "prepare"] }]);
        const [best] = ask(doc, aim, within).options;
        expect(best?.cost ?? null).toBe(cheapest(doc, aim, within));
      }),
      { numRuns: 25 },
    );
  });

  test("nor over two blocks at once", () => {
    const locked = ["demo", "prepare", "after", "rest"];
    const doc = small([{ locked }, { rounds: 3, locked }]);
    for (const aim of [150, 215, 260, 333]) {
      expect(ask(doc, aim, 4).options[0]?.cost ?? null).toBe(cheapest(doc, aim, 4));
    }
  });

  test("options touch different numbers, the cheapest first, five at most", () => {
    const doc = small([{}, { rounds: 4, longRest: 30, after: 30 }, { role: "cooldown" }]);
    const { options } = ask(doc, seconds(doc) + 120);
    expect(options.length).toBeGreaterThan(2);
    expect(options.length).toBeLessThanOrEqual(5);
    const keys = options.map((option) =>
      JSON.stringify(option.changes.map((own) => [own.block, own.slot, keyOfChange(own)]).sort()),
    );
    expect(new Set(keys).size).toBe(keys.length);
    for (let i = 1; i < options.length; i += 1) {
      expect(options[i]?.cost).toBeGreaterThanOrEqual(options[i - 1]?.cost ?? 0);
    }
  });

  test("what is locked stays, and out of reach says how near it gets and what to unlock", () => {
    const keys = ["rounds", "rest", "longRest", "after", "demo", "prepare", "brief", "slots"];
    const doc = small([{ locked: keys }]);
    expect(ask(doc, 600)).toMatchObject({ options: [], nearest: seconds(doc) });
    expect(ask(doc, 600).locked).toContainEqual({ block: "b0", key: "rest" });
    const some = small([{ locked: ["rounds"] }, {}]);
    for (const option of ask(some, seconds(some) + 100).options) {
      expect(numbers(option.changes).some(({ block, key }) => block === "b0" && key === "rounds")).toBe(
        false,
      );
    }
  });

  test("keeps swapped sides even, ranges ranges, and what hangs on rounds", () => {
    const swap = small([
      { rounds: 4, slots: [{ id: "s0", move: "split-squat", sides: "swap", dose: { seconds: 30 } }] },
    ]);
    for (const option of ask(swap, seconds(swap) - 80, 10).options) {
      for (const { key, to } of numbers(option.changes)) if (key === "rounds") expect(Number(to) % 2).toBe(0);
    }
    const listed = small([
      {
        locked: ["after", "demo", "prepare", "rest"],
        slots: [{ id: "s0", move: "bodyweight-squat", dose: [{ seconds: 30 }, { seconds: 40 }] }],
      },
    ]);
    const { options } = ask(listed, seconds(listed) + 25, 5);
    expect(options.flatMap((option) => numbers(option.changes)).some(({ key }) => key === "rounds")).toBe(
      false,
    );
    expect(
      options
        .flatMap((option) => numbers(option.changes))
        .some(({ key }) => /^dose\.[01]\.seconds$/.test(key)),
    ).toBe(true);
  });

  test("with a roster no gap falls below what people need to change over", () => {
    const slots = [
      { id: "a", move: "bridge", dose: { seconds: 40 } },
      { id: "b", move: "bodyweight-squat", dose: { seconds: 40 } },
    ];
    const doc = small([{ rounds: 4, rest: 15, longRest: 45, slots }]);
    const parts = partsFor(doc, [{ id: "p", name: "P", kit: [] }], LIBRARY_BOOK);
    const { options } = fitClass({ doc, library: LIBRARY_BOOK, seconds: seconds(doc) - 90, parts });
    expect(options.length).toBeGreaterThan(0);
    for (const option of options) {
      for (const { key, to } of numbers(option.changes))
        if (key === "rest") expect(Number(to)).toBeGreaterThanOrEqual(7);
    }
  });

  test("reps are a knob too, in whole seconds, as far as the strength model calls it meaningful", () => {
    const press = { id: "s0", move: "floor-press", dose: { reps: 10, repSeconds: 2.5 } };
    const locked = ["rounds", "rest", "after", "demo", "prepare"];
    const doc = small([{ rounds: 3, locked, slots: [press] }]);
    // A natural person holds what they need for ten: three more are too many, two less too few.
    const open = repBounds(press as Slot, 0, LIBRARY_BOOK, doc.stance, []);
    expect(open.most).toBeGreaterThan(0);
    expect(open.least).toBeLessThan(0);
    expect(open.most).toBeLessThan(4);
    for (const aim of [70, 73, 80, 83, 88, 95])
      for (const within of [0, 2])
        expect(ask(doc, aim, within).options[0]?.cost ?? null).toBe(cheapest(doc, aim, within));
    const [option] = ask(doc, seconds(doc) - 8, 2).options;
    expect(option?.changes.map(keyOfChange)).toEqual(["dose.reps"]);
  });

  test("reps of a move that is far too easy only get more, and a total stays even", () => {
    const easy = { id: "s", move: "wall-press-up", dose: { reps: 8 } } as Slot;
    expect(repBounds(easy, 0, LIBRARY_BOOK, "strength", [])).toMatchObject({ least: 0, most: 4 });
    const total = {
      id: "s",
      move: "split-squat",
      sides: "inTurn",
      count: "total",
      dose: { reps: 16 },
    } as Slot;
    expect(repBounds(total, 0, LIBRARY_BOOK, "strength", []).step).toBe(2);
  });

  const three = (more: Partial<Block> = {}) =>
    small([
      {
        rounds: 3,
        slots: ["bodyweight-squat", "press-up", "plank"].map((move, i) => ({
          id: `m${i}`,
          move,
          dose: { seconds: 40 },
        })),
        ...more,
      },
    ]);

  test("leaves out a whole move where that is the cheapest, and never one that is kept", () => {
    const few = { locked: ["after", "demo", "prepare", "rest", "dose"], least: { rounds: 3 } };
    const doc = three(few);
    const aim = seconds(doc) - 150;
    const [best] = ask(doc, aim, 5).options;
    expect(best?.changes.filter(isRemoval)).toHaveLength(1);
    expect(best?.cost).toBe(cheapest(doc, aim, 5));
    const kept = three({
      ...few,
      slots: doc.blocks[0]?.slots?.map((slot) => ({ ...slot, locked: ["slot"] })) ?? [],
    });
    expect(ask(kept, aim, 5).options).toEqual([]);
    expect(
      fitClass({ doc, library: LIBRARY_BOOK, seconds: aim, within: 5, kept: ["moves"] }).options,
    ).toEqual([]);
  });

  test("leaves at least as many rounds as it is told, and takes from the heart of a class last", () => {
    const doc = three({ least: { rounds: 3 } });
    for (const option of ask(doc, seconds(doc) - 120).options)
      expect(numbers(option.changes).some(({ key }) => key === "rounds")).toBe(false);
    const two = (heart: boolean) => small([{ rounds: 4, ...(heart ? { heart } : {}) }, { rounds: 4 }]);
    const [plain] = ask(two(false), seconds(two(false)) - 60, 5).options;
    const [hearty] = ask(two(true), seconds(two(true)) - 60, 5).options;
    expect(plain?.changes.length).toBeGreaterThan(0);
    expect(hearty?.changes.every(({ block }) => block === "b1")).toBe(true);
  });

  test("what is to stay everywhere stays", () => {
    const doc = three({ longRest: 60 });
    const kept = ["rest", "longRest"];
    const { options } = fitClass({ doc, library: LIBRARY_BOOK, seconds: seconds(doc) - 60, kept });
    expect(options.length).toBeGreaterThan(0);
    for (const option of options)
      for (const { key } of numbers(option.changes)) expect(kept).not.toContain(key);
  });

  test("cuts spread: the second step of a number costs twice the first", () => {
    const locked = ["rounds", "rest", "after", "demo", "prepare", "moves"];
    const doc = three({ rounds: 1, locked });
    const [best] = ask(doc, seconds(doc) - 15, 0).options;
    expect(best?.changes).toHaveLength(3);
  });

  test("talk and demonstrations are never stretched, and what a warm-up lacks comes first", () => {
    const doc = small([
      {
        role: "warmup",
        brief: 60,
        demo: 10,
        slots: [{ id: "w", move: "march-on-the-spot", dose: { seconds: 100 } }],
      },
      { rounds: 4, demo: 10, prepare: 10, after: 20 },
      { role: "cooldown", slots: [{ id: "z", move: "slow-breathing", dose: { hold: 130 } }] },
    ]);
    const { options } = ask(doc, seconds(doc) + 150);
    expect(options.length).toBeGreaterThan(0);
    for (const option of options) {
      for (const { key, from, to } of numbers(option.changes))
        if (["brief", "demo", "prepare"].includes(key)) expect(Number(to)).toBeLessThan(Number(from));
      const next = applyEdit(doc, fitEdit(doc, option.changes));
      if (!next.ok) throw new Error("doesn't apply");
      const [warm] = endsOf(next.value, scoreOf(next.value, LIBRARY_BOOK), THRESHOLDS);
      expect(warm?.has).toBeGreaterThanOrEqual(180);
    }
  });

  test("a class that is too short gets what is missing proposed, then a block that this room can do", () => {
    const bare = three();
    const asked = (doc: ClassDoc, aim: number, people: readonly Person[] = []) =>
      fitClass({ doc, library: LIBRARY_BOOK, seconds: aim, people }).proposals;
    expect(asked(bare, 1500).map(({ kind }) => kind)).toEqual(["warmup", "cooldown"]);
    expect(asked(bare, 60)).toEqual([]);
    const full = goodClass("Laps of the pier");
    const aim = seconds(full) + 600;
    const [more] = asked(full, aim, ROOM);
    expect(more?.kind).toBe("block");
    expect(Math.abs((more?.total ?? 0) - aim)).toBeLessThan(180);
    const at = full.blocks.findIndex(({ id }) => id === more?.before);
    const blocks = [...full.blocks.slice(0, at), more?.block as Block, ...full.blocks.slice(at)];
    const longer = { ...full, blocks };
    expect(checkClass(longer, LIBRARY_BOOK).ok).toBe(true);
    expect(seconds(longer)).toBe(more?.total);
    for (const part of partsFor(longer, ROOM, LIBRARY_BOOK))
      for (const slot of more?.block.slots ?? [])
        expect(part.slots.find((own) => own.slot === slot.id)?.status).not.toBe("unmet");
  });

  test("out of reach says how far it would get with a block unlocked", () => {
    const locked = ["rounds", "rest", "longRest", "after", "demo", "prepare", "brief", "slots"];
    const doc = small([{ locked, rounds: 4 }, { locked }]);
    const { options, nearest, unlock } = ask(doc, seconds(doc) - 60);
    expect(options).toEqual([]);
    expect(unlock.map(({ block }) => block)).toContain("b0");
    const [first] = unlock;
    const aim = seconds(doc) - 60;
    expect(Math.abs((first?.nearest ?? 0) - aim)).toBeLessThan(Math.abs((nearest ?? 0) - aim));
  });

  test("options are of as many kinds as there are", () => {
    const full = goodClass("Laps of the pier");
    const { options } = ask(full, seconds(full) - 180);
    const kinds = new Set(options.map(({ changes }) => kindsOf(full, changes).join()));
    expect(kinds.size).toBeGreaterThan(2);
  });
});
