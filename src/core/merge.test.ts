import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { merge, settled } from "./merge";

const person = {
  id: "p",
  name: "Pia",
  limits: ["no-jumping"],
  space: { floor: "smooth", lengthM: 3 },
  kit: [
    { id: "a", type: "dumbbell", kg: 6 },
    { id: "b", type: "chair" },
  ],
};
type Person = typeof person & Record<string, unknown>;
const changed = (change: (copy: Person) => void): Person => {
  const copy = structuredClone(person) as Person;
  change(copy);
  return copy;
};

describe("two who change one record", () => {
  test("keep both what they changed, limits entry by entry and kit thing by thing", () => {
    const mine = changed((p) => {
      p.name = "Pia Ørland";
      p.limits = ["no-jumping", "no-kneeling"];
      p.kit = [
        { id: "a", type: "dumbbell", kg: 8 },
        { id: "b", type: "chair" },
      ];
    });
    const theirs = changed((p) => {
      p.limits = ["no-overhead"];
      p.space = { floor: "carpet", lengthM: 3 };
      p.kit = [
        { id: "a", type: "dumbbell", kg: 6 },
        { id: "c", type: "towel" },
      ];
    });
    const { value, meets } = merge(person as Person, mine, theirs);
    expect(meets).toEqual([]);
    expect(value).toEqual({
      id: "p",
      name: "Pia Ørland",
      limits: ["no-overhead", "no-kneeling"],
      space: { floor: "carpet", lengthM: 3 },
      kit: [
        { id: "a", type: "dumbbell", kg: 8 },
        { id: "c", type: "towel" },
      ],
    });
  });

  test("meet where both changed one value, and either can be chosen", () => {
    const mine = changed((p) => {
      p.space.lengthM = 4;
      p.kit = [{ id: "a", type: "dumbbell", kg: 8 }];
    });
    const theirs = changed((p) => {
      p.space.lengthM = 2;
      p.kit = [
        { id: "a", type: "dumbbell", kg: 10 },
        { id: "b", type: "chair" },
      ];
    });
    const result = merge(person as Person, mine, theirs);
    expect(result.meets).toEqual([
      { path: ["space", "lengthM"], before: 3, mine: 4, theirs: 2 },
      { path: ["kit", "a", "kg"], before: 6, mine: 8, theirs: 10 },
    ]);
    expect(result.value).toMatchObject({ space: { lengthM: 2 }, kit: [{ kg: 10 }] });
    const send = (holds: "mine" | "theirs") => {
      const again = settled({ before: person as Person, mine }, result, holds);
      return merge(again.before, again.mine, theirs);
    };
    // My other change (the chair is gone) is there either way.
    expect(send("mine")).toMatchObject({
      meets: [],
      value: { space: { lengthM: 4 }, kit: [{ id: "a", kg: 8 }] },
    });
    expect(send("theirs")).toMatchObject({ meets: [], value: { space: { lengthM: 2 }, kit: [{ kg: 10 }] } });
    expect(send("mine").value.kit).toHaveLength(1);
  });

  test("who takes away what the other changes meets the other, and can take it away all the same", () => {
    const { name: _name, ...without } = changed(() => undefined);
    const result = merge<Record<string, unknown>>(
      person,
      without,
      changed((p) => {
        p.name = "P";
      }),
    );
    expect(result.meets).toEqual([{ path: ["name"], before: "Pia", mine: undefined, theirs: "P" }]);
    const again = settled<Record<string, unknown>>({ before: person, mine: without }, result, "mine");
    expect(
      merge(
        again.before,
        again.mine,
        changed((p) => {
          p.name = "P";
        }),
      ).value,
    ).not.toHaveProperty("name");
  });
});

test("a range of numbers is one value: two who change it meet", () => {
  const range = (from: number, to: number) => ({ range: [from, to] });
  expect(merge(range(30, 60), range(30, 70), range(20, 60)).meets).toHaveLength(1);
  expect(merge(range(30, 60), range(30, 60), range(20, 60)).value).toEqual(range(20, 60));
});

describe("merging any records", () => {
  const arbRecord = fc.dictionary(
    fc.constantFrom("a", "b", "c"),
    fc.oneof(
      fc.integer({ min: 0, max: 3 }),
      fc.uniqueArray(fc.constantFrom("x", "y", "z")),
      fc.dictionary(fc.constantFrom("k", "l"), fc.integer({ min: 0, max: 2 })),
      fc.uniqueArray(fc.record({ id: fc.constantFrom("1", "2"), n: fc.integer({ min: 0, max: 2 }) }), {
        selector: ({ id }) => id,
      }),
    ),
  );

  test("who changed nothing changes nothing, who is alone gets what they wanted", () => {
    fc.assert(
      fc.property(arbRecord, arbRecord, (before, other) => {
        expect(merge(before, before, other)).toEqual({ theirs: other, value: other, meets: [] });
        const alone = merge(before, other, before);
        expect(alone.meets).toEqual([]);
        expect(merge(before, other, other)).toEqual({ theirs: other, value: other, meets: [] });
        expect(new Set(Object.keys(alone.value))).toEqual(new Set(Object.keys(other)));
      }),
    );
  });

  test("once it was chosen what holds, the same change meets nothing", () => {
    fc.assert(
      fc.property(
        arbRecord,
        arbRecord,
        arbRecord,
        fc.constantFrom("mine", "theirs"),
        (before, mine, theirs, holds) => {
          const first = merge(before, mine, theirs);
          const again = settled<Record<string, unknown>>({ before, mine }, first, holds as "mine" | "theirs");
          expect(merge(again.before, again.mine, theirs).meets).toEqual([]);
        },
      ),
    );
  });
});
