/** Random people as a roster's table can hold them. */
import fc from "fast-check";
import { FLOORS, MARKS, type Person } from "../homes/home";
import { KIT_TYPES, type KitItem } from "../homes/kit";
import { LIMITS } from "../homes/limits";
import { PATTERNS, TENSIONS } from "../moves/move";

const tenth = (least: number, most: number) =>
  fc.integer({ min: least * 10, max: most * 10 }).map((n) => n / 10);

const arbItem: fc.Arbitrary<KitItem> = fc.record(
  {
    id: fc.constant(""),
    type: fc.constantFrom(...KIT_TYPES),
    count: fc.integer({ min: 1, max: 9 }),
    kg: tenth(1, 40),
    litres: tenth(1, 5),
    grams: fc.integer({ min: 1, max: 900 }),
    heightCm: fc.integer({ min: 5, max: 120 }),
    tension: fc.constantFrom(...TENSIONS),
    fullStretchKg: tenth(1, 60),
    handles: fc.boolean(),
    sturdy: fc.boolean(),
    latches: fc.boolean(),
    opens: fc.constantFrom("away" as const, "towards" as const),
    changeSeconds: fc.integer({ min: 1, max: 60 }),
    stepKg: tenth(1, 5),
  },
  { requiredKeys: ["id", "type"] },
);

export const arbKit = fc.array(arbItem, { maxLength: 6 }).map((items) => {
  const seen = new Map<string, number>();
  return items.map((item) => {
    const n = (seen.get(item.type) ?? 0) + 1;
    seen.set(item.type, n);
    return { ...item, id: `${item.type}-${n}` };
  });
});

const arbText = fc
  .string({ minLength: 1, maxLength: 30 })
  .map((text) => text.replace(/[\r\n']/g, " ").trim());

export const arbPerson: fc.Arbitrary<Person> = fc
  .record({
    name: arbText.filter((text) => text !== ""),
    mark: fc.option(fc.constantFrom(...MARKS), { nil: undefined }),
    marks: fc.option(
      fc.dictionary(fc.constantFrom(...PATTERNS), fc.constantFrom(...MARKS), {
        minKeys: 1,
        noNullPrototype: true,
      }),
      { nil: undefined },
    ),
    limits: fc.option(fc.subarray([...LIMITS], { minLength: 1 }), { nil: undefined }),
    units: fc.option(fc.constantFrom("kg" as const, "lb" as const), { nil: undefined }),
    space: fc.option(
      fc.record(
        {
          floor: fc.constantFrom(...FLOORS),
          lengthM: tenth(1, 9),
          jumping: fc.boolean(),
          wall: fc.boolean(),
        },
        { requiredKeys: ["floor"] },
      ),
      { nil: undefined },
    ),
    kit: fc.option(arbKit, { nil: undefined }),
    workingSets: fc.option(
      fc.constant([{ move: "goblet-squat", kg: 12.5, reps: 10, rir: 2, date: "2026-11-02" }]),
      { nil: undefined },
    ),
    bodyKg: fc.option(tenth(40, 120), { nil: undefined }),
    quiet: fc.option(fc.constantFrom({ from: "21:00", to: "07:00" }, { from: "00:00", to: "23:59" }), {
      nil: undefined,
    }),
    country: fc.option(fc.constantFrom("PT", "IS"), { nil: undefined }),
    email: fc.option(fc.constantFrom("a@b.example", "ødis.b+c@quay.example"), { nil: undefined }),
  })
  .map(
    (person) =>
      Object.fromEntries(Object.entries(person).filter(([, v]) => v !== undefined)) as unknown as Person,
  );
