/** Starting points: that they are whole, that they become the class of a room, and that such a class has nothing to mend. */
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { type ClassDoc, slotsOf } from "../class/document";
import { isMain } from "../effort/hard";
import { fillMove } from "../homes/fillings";
import type { Person } from "../homes/home";
import { resolveMove } from "../moves/book";
import { LIBRARY_BOOK } from "../moves/library";
import { partsFor } from "../parts/everyone";
import { scoreOf } from "../score/score";
import { kit } from "../testing/class-builders";
import { GOOD_CLASSES } from "../testing/good";
import { ROOM } from "../testing/good/room";
import { type Adapted, ownLines } from "./adapt";
import { isWithin, movesForRoom, someoneWith } from "./room-moves";
import { type Source, startedFrom } from "./started";
import { stepUp } from "./step-up";
import { PURPOSES, templateClass } from "./template";
import { TEMPLATES } from "./templates";
import { choicesOut } from "./to-length";

interface Asked {
  readonly people?: readonly Person[];
  readonly minutes?: number | null;
  readonly kit?: Parameters<typeof isWithin>[1];
}

const begin = (source: Source, { people = [], minutes = null, kit: chosen = null }: Asked = {}): Adapted =>
  startedFrom(source, { library: LIBRARY_BOOK, people, minutes, kit: chosen });

const movesOf = (doc: ClassDoc) =>
  doc.blocks.flatMap(slotsOf).map((slot) => resolveMove(slot.move, LIBRARY_BOOK));

describe("starting points", () => {
  test("there are at least sixteen, some of every purpose, each with an id of its own", () => {
    expect(TEMPLATES.length).toBeGreaterThanOrEqual(16);
    expect(new Set(TEMPLATES.map(({ id }) => id)).size).toBe(TEMPLATES.length);
    expect(new Set(TEMPLATES.map(({ purpose }) => purpose))).toEqual(new Set(PURPOSES));
  });

  test.each(TEMPLATES.map((template) => [template.id, template] as const))(
    "%s is understood to the last word and has nothing to mend for a room that nobody is asked to yet",
    (id, template) => {
      const doc = templateClass(template);
      expect(checkClass(doc, LIBRARY_BOOK).ok).toBe(true);
      const made = begin({ template: id }, { minutes: template.minutes });
      expect(made.left.map(({ code }) => code)).toEqual([]);
      expect(Math.abs(made.seconds - template.minutes * 60)).toBeLessThanOrEqual(60);
      expect(checkClass(made.doc, LIBRARY_BOOK).ok).toBe(true);
    },
  );

  test.each(TEMPLATES.map((template) => [template.id, template] as const))(
    "%s has next to nothing to mend for a mixed room",
    (id, template) => {
      const made = begin({ template: id }, { minutes: template.minutes, people: ROOM });
      expect(ownLines(made.left).length).toBeLessThanOrEqual(1);
      expect(ownLines(made.left).filter(({ severity }) => severity !== "consider")).toEqual([]);
      expect(Math.abs(made.seconds - template.minutes * 60)).toBeLessThanOrEqual(60);
    },
  );

  test("any of them, of any length, for any of the people, is a class that keeps what it promises", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TEMPLATES),
        fc.integer({ min: 4, max: 12 }),
        fc.subarray([...ROOM], { maxLength: 5 }),
        ({ id }, fives, people) => {
          const asked = { minutes: fives * 5, people };
          const made = begin({ template: id }, asked);
          expect(checkClass(made.doc, LIBRARY_BOOK).ok).toBe(true);
          expect(made.doc.promise?.minutes).toBe(fives * 5);
          expect(Math.abs(made.seconds - fives * 300)).toBeLessThanOrEqual(90);
          expect(made.seconds).toBe(scoreOf(made.doc, LIBRARY_BOOK).seconds.plan);
          expect(begin({ template: id }, asked)).toEqual(made);
        },
      ),
      { numRuns: 25 },
    );
  });

  test("one that isn't there is refused", () => {
    expect(() => begin({ template: "none" })).toThrow(RangeError);
  });
});

describe("moves for a room", () => {
  const nothing: readonly Person[] = ["a", "b", "c", "d"].map((id) => ({ id, name: id, kit: [] }));
  const hour = templateClass(
    TEMPLATES.find(({ id }) => id === "strength-hour") as (typeof TEMPLATES)[number],
  );

  test("people without a thing get a class of what a floor is enough for", () => {
    const { doc: made } = begin({ template: "strength-hour" }, { people: nothing });
    const [someone] = nothing as [Person];
    const out = (doc: ClassDoc) => movesOf(doc).filter((move) => fillMove(move.needs, someone) === null);
    expect(out(hour).length).toBeGreaterThan(3);
    expect(out(made).map(({ name }) => name)).toEqual([]);
  });

  test("a room with weights keeps the weights", () => {
    const rich = nothing.map((person) => ({ ...person, kit: kit({ type: "dumbbell", count: 2, kg: 8 }) }));
    expect(begin({ template: "supersets" }, { people: rich }).says.map(({ code }) => code)).not.toContain(
      "move-room",
    );
  });

  test("what is changed is followed by more people than before, and nothing stands in twice", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...TEMPLATES),
        fc.subarray([...ROOM], { minLength: 2 }),
        (template, people) => {
          const doc = templateClass(template);
          const parts = partsFor(doc, people, LIBRARY_BOOK);
          const { says } = movesForRoom(doc, LIBRARY_BOOK, people, parts, null);
          for (const reason of says) {
            if (reason.code !== "move-room") throw new Error(reason.code);
            expect(reason.can).toBeGreaterThan(reason.before);
            expect(reason.before).toBeLessThan(people.length / 2);
            expect(movesOf(doc).map(({ id }) => id)).not.toContain(reason.to.move.id);
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  test.each([[[] as const], [["tube-band"] as const], [["dumbbell"] as const]])(
    "with %j alone nothing else is needed",
    (chosen) => {
      for (const { id, keepsMoves } of TEMPLATES) {
        if (keepsMoves) continue;
        const { doc } = begin({ template: id }, { kit: chosen });
        expect(
          movesOf(doc)
            .filter((move) => !isWithin(move, chosen))
            .map(({ name }) => name),
        ).toEqual([]);
      }
    },
  );

  test("somebody with a kit has it as it usually is", () => {
    expect(someoneWith(["dumbbell"]).kit).toContainEqual({
      id: "dumbbell",
      type: "dumbbell",
      count: 2,
      kg: 4,
    });
  });
});

describe("from an earlier class", () => {
  const [{ doc }] = GOOD_CLASSES as [(typeof GOOD_CLASSES)[number]];
  const main = doc.blocks.filter(({ role }) => role === "main").map(({ id }) => id);

  test("the same for this room is the class itself where it has nothing to mend", () => {
    const { left, doc: same } = begin({ doc }, { people: [] });
    expect(same.blocks.map(({ id }) => id)).toEqual(doc.blocks.map(({ id }) => id));
    expect(left.filter(({ severity }) => severity !== "consider")).toEqual([]);
  });

  test("one block of it gets a warm-up and a cool-down, and the length that is asked for", () => {
    const made = begin({ doc, blocks: main.slice(0, 1) }, { minutes: 30 });
    expect(made.doc.blocks.map(({ role }) => role)).toEqual(expect.arrayContaining(["warmup", "cooldown"]));
    expect(Math.abs(made.seconds - 1800)).toBeLessThanOrEqual(60);
    expect(made.doc.blocks.map(({ id }) => id)).toContain(main[0]);
  });

  test("choices for people who aren't asked don't come along", () => {
    const slot =
      slotsOf(doc.blocks.find(({ id }) => id === main[0]) as ClassDoc["blocks"][number])[0]?.id ?? "";
    const overruled = ["Asta", "Gro"].map((person) => ({ slot, person, move: "plank" }));
    const people = ROOM.filter(({ id }) => id === "Asta");
    const made = begin({ doc: { ...doc, overruled } }, { people });
    expect(made.doc.overruled?.map(({ person }) => person)).toEqual(["Asta"]);
  });

  test("a step up is not taken back for what it leads to", () => {
    for (const { doc: own } of GOOD_CLASSES) {
      const made = begin({ doc: own, step: true }, { people: ROOM, minutes: own.promise?.minutes ?? null });
      const { doc: stepped, says } = stepUp(own);
      const told = (of: ClassDoc) =>
        of.blocks
          .filter(isMain)
          .map((block) => [block.id, block.rounds, block.rest, slotsOf(block).map(({ dose }) => dose)]);
      const after = new Map(told(made.doc).map((block) => [block[0], block]));
      for (const block of told(stepped)) expect(after.get(block[0])).toEqual(block);
      expect(made.says.slice(0, says.length)).toEqual(says);
    }
  });

  test("none of its blocks is refused", () => {
    expect(() => begin({ doc, blocks: [] })).toThrow(RangeError);
  });

  test("what is the heart of a class is never left out", () => {
    fc.assert(
      fc.property(fc.constantFrom(...GOOD_CLASSES), fc.integer({ min: 300, max: 1500 }), (good, seconds) => {
        const blocks = good.doc.blocks.map((block) =>
          block.role === "main" ? { ...block, heart: true } : block,
        );
        const left = choicesOut({ ...good.doc, blocks }, LIBRARY_BOOK, seconds);
        expect(left.flat().filter(({ heart }) => heart)).toEqual([]);
      }),
      { numRuns: 30 },
    );
  });
});
