import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { Slot } from "../class/document";
import { homeWith } from "../homes/example-kits";
import { fillMove } from "../homes/fillings";
import { MARKS, type Person } from "../homes/home";
import { excludes, LIMITS } from "../homes/limits";
import { bodyOf } from "../moves/body";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { classOf } from "../testing/classes";
import type { PartSlot } from "./part";
import { partFor } from "./parts";
import { obstacle } from "./ways";

const HOME_MOVES = LIBRARY.filter(({ gym }) => !gym);

function doneIn(slot: Partial<Slot>, person: Person, more: readonly Partial<Slot>[] = []): PartSlot {
  const slots = [slot, ...more].map((own, i) => ({ id: `s${i}`, dose: { seconds: 40 }, ...own }));
  const doc = classOf([{ id: "b", title: "", rounds: 3, rest: 20, slots }]);
  const [first] = partFor(doc, person, LIBRARY_BOOK).slots;
  if (!first) throw new Error("no slot");
  return first;
}

const CLIMBERS: Partial<Slot> = {
  move: "slider-knee-tuck",
  alternatives: [
    { move: "plank-knee-drive", note: "No sliders" },
    { move: "dead-bug", note: "No plank" },
  ],
};

describe("the instructor's own way", () => {
  test("goes to who can't do what is set, the first that they can, with her words; who can does as set", () => {
    const bare = homeWith("nothing");
    expect(doneIn(CLIMBERS, bare)).toMatchObject({
      move: "plank-knee-drive",
      status: "swapped",
      own: true,
      note: "No sliders",
      why: { code: "own", because: { reasons: [{ code: "no-kit" }] } },
    });
    const towels = homeWith("household");
    expect(doneIn(CLIMBERS, towels)).toMatchObject({ move: "slider-knee-tuck", status: "as-set" });
    const wrists: Person = { ...bare, limits: ["no-wrist-load"] };
    expect(doneIn(CLIMBERS, wrists)).toMatchObject({ move: "dead-bug", own: true });
  });

  test("gives way to her choice for one person, to what they always do, and to her own level where that can be done", () => {
    const bare = homeWith("nothing");
    expect(doneIn(CLIMBERS, { ...bare, always: { "slider-knee-tuck": "knee-plank" } })).toMatchObject({
      move: "knee-plank",
      overruled: true,
    });
    const flat: Person = { ...bare, mark: "flat" };
    const own = doneIn({ ...CLIMBERS, marks: { flat: { move: "heel-tap" } } }, flat);
    expect(own).toMatchObject({ move: "heel-tap", mark: "flat" });
    expect(own.own).toBeUndefined();
  });

  test("goes to who finds the set move too hard even with the lightest there is, and leaves who only wants less of it", () => {
    const heavy: Person = {
      id: "p",
      name: "P",
      mark: "flat",
      kit: [{ id: "k", type: "kettlebell", kg: 32 }],
    };
    const press: Partial<Slot> = {
      move: "one-arm-press",
      dose: { reps: 10 },
      alternatives: [{ move: "wall-slide" }, { move: "knee-press-up" }],
    };
    expect(doneIn(press, heavy).own).toBe(true);
    const light: Person = { ...heavy, kit: [{ id: "k", type: "kettlebell", kg: 4 }] };
    expect(doneIn(press, light)).toMatchObject({ move: "one-arm-press" });
  });

  const arbPerson: fc.Arbitrary<Person> = fc
    .record({
      kind: fc.constantFrom("nothing", "household", "band", "dumbbell"),
      mark: fc.constantFrom(...MARKS),
      limits: fc.subarray([...LIMITS], { maxLength: 3 }),
    })
    .map(({ kind, mark, limits }) => homeWith(kind as "nothing", { mark, limits }));
  const arbMoves = fc.uniqueArray(fc.constantFrom(...HOME_MOVES.map(({ id }) => id)), {
    minLength: 2,
    maxLength: 4,
  });
  const canDo = (id: string, person: Person) => {
    const move = LIBRARY_BOOK.get(id);
    if (!move) throw new Error(id);
    return obstacle(move, person) === null && fillMove(move.needs, person) !== null;
  };

  /** What lies in open hands may be too much for them over the set, whatever is there and allowed. */
  const tires = (id: string, { limits = [] }: Person) => {
    const move = LIBRARY_BOOK.get(id);
    return limits.includes("no-gripping") && move !== undefined && bodyOf(move)?.grip === "light";
  };

  test("is never one that a limit, the space or the kit forbids, and is not passed over for the library's while it can be done", () => {
    let own = 0;
    fc.assert(
      fc.property(arbPerson, arbMoves, (person, ids) => {
        const [set = "", ...others] = ids;
        const done = doneIn({ move: set, alternatives: others.map((move) => ({ move })) }, person);
        if (done.own) {
          own += 1;
          expect(others).toContain(done.move);
          expect(canDo(done.move ?? "", person)).toBe(true);
        } else if (done.status !== "unmet") {
          // Then what is set can be done, or no alternative is any easier to come by.
          const open = others.filter((id) => canDo(id, person));
          const easy = open.filter(
            (id) => LIBRARY_BOOK.get(id)?.strength === undefined && !tires(id, person),
          );
          expect(
            canDo(set, person) || easy.every((id) => LIBRARY_BOOK.get(id)?.holdSeconds !== undefined),
          ).toBe(true);
        }
      }),
      { numRuns: 300 },
    );
    expect(own).toBeGreaterThan(20);
  });

  test("leaves a choice where it is one: each equal that can be done, at every level, none that a limit excludes", () => {
    const jumps: Partial<Slot> = {
      move: "squat-jump",
      choice: true,
      alternatives: [{ move: "skater-hop" }, { move: "bodyweight-squat" }],
    };
    const free = doneIn(jumps, homeWith("nothing"));
    expect(free.move).toBe("squat-jump");
    expect(free.choices?.map(({ move }) => move)).toContain("bodyweight-squat");
    expect(free.choices?.every((way) => way.own === true && way.choices === undefined)).toBe(true);
    const quiet = doneIn(jumps, homeWith("nothing", { limits: ["no-jumping"] }));
    expect(quiet).toMatchObject({ move: "bodyweight-squat", why: { code: "choice" } });
    fc.assert(
      fc.property(arbPerson, arbMoves, (person, [set = "", ...others]) => {
        const slot = { move: set, choice: true, alternatives: others.map((move) => ({ move })) };
        const done = doneIn(slot, person);
        const offered = [done, ...(done.choices ?? [])].map(({ move }) => move);
        expect(new Set(offered).size).toBe(offered.length);
        for (const way of done.choices ?? []) {
          expect([set, ...others]).toContain(way.move);
          const move = LIBRARY_BOOK.get(way.move ?? "");
          for (const limit of person.limits ?? []) expect(move && excludes(limit, move)).toBe(false);
        }
      }),
      { numRuns: 150 },
    );
  });
});

describe("kit that may be missing", () => {
  const bridge = (needs: object[]): Partial<Slot> => ({
    move: { name: "Bridge with a band round the knees", like: "bridge", needs: [needs] } as never,
  });
  const band = { as: "mini-band", optional: true };

  test("is used where it is there, and missed without a swap where not", () => {
    const there = doneIn(bridge([band]), homeWith("band"));
    expect(there).toMatchObject({ status: "as-set", uses: [{ as: "mini-band" }] });
    const missing = doneIn(bridge([band]), homeWith("nothing"));
    expect(missing).toMatchObject({ status: "as-set", uses: [] });
  });

  test("takes nothing from what has to be there, and is never a reason for unmet", () => {
    const one: Person = { id: "p", name: "P", kit: [{ id: "m", type: "mini-band", tension: "light" }] };
    const both = doneIn(bridge([band, { as: "mini-band" }]), one);
    expect(both.uses).toHaveLength(1);
    expect(both.status).toBe("as-set");
    const neither = doneIn(bridge([band, { as: "mini-band" }]), homeWith("nothing"));
    expect(neither.status).toBe("swapped");
  });
});

describe("a move given by name and like another", () => {
  const named = (more: object): Partial<Slot> => ({
    move: { name: "Quayside squat", like: "goblet-squat", ...more } as never,
    dose: { reps: 10 },
  });

  test("is chosen, loaded and told as that one is", () => {
    const person = homeWith("dumbbell");
    const [own, like] = [
      doneIn(named({}), person),
      doneIn({ move: "goblet-squat", dose: { reps: 10 } }, person),
    ];
    expect(own).toMatchObject({ name: "Quayside squat", move: null, status: like.status, load: like.load });
    expect(own.sets?.map(({ predicted, strain }) => [predicted, strain])).toEqual(
      like.sets?.map(({ predicted, strain }) => [predicted, strain]),
    );
    expect(own.position).toBe(like.position);
  });

  test("is excluded by the same limits, and has the same ways out of it, that one first", () => {
    const sore = homeWith("nothing", { limits: ["shallow-knees"] });
    const [own, like] = [doneIn(named({}), sore), doneIn({ move: "goblet-squat", dose: { reps: 10 } }, sore)];
    expect(own.move).toBe(like.move);
    const other = named({ needs: [[{ as: "bar" }]] });
    expect(doneIn(other, homeWith("dumbbell"))).toMatchObject({ move: "goblet-squat", status: "swapped" });
  });

  test("learns from the sets of that one", () => {
    const strong: Person = {
      ...homeWith("dumbbell"),
      workingSets: [{ move: "goblet-squat", kg: 30, reps: 12, rir: 2, date: "2026-11-20" }],
    };
    const [own, like] = [
      doneIn(named({}), strong),
      doneIn({ move: "goblet-squat", dose: { reps: 10 } }, strong),
    ];
    expect(own.loadReason).toEqual(like.loadReason);
    expect(own.loadReason?.code).toBe("from-sets");
  });
});
