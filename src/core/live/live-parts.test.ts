/** Whatever happens before and in a class: nobody is told to use what they haven't got, or to do what a limit excludes. */
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc, Slot } from "../class/document";
import { homeWith } from "../homes/example-kits";
import { MARKS, type Mark, type Person } from "../homes/home";
import { kitCount } from "../homes/kit";
import { excludes, LIMITS, type Limit } from "../homes/limits";
import { noRoom } from "../homes/space";
import { withTonight } from "../homes/tonight";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { CHANGE_OVER } from "../parts/change-over";
import type { PartSlot } from "../parts/part";
import { classOf } from "../testing/classes";
import { type Picks, pickOf, withPicks } from "./picks";
import { type Substitute, withSubstitutes } from "./substitutes";
import { workOut } from "./work-out";

const IDS = LIBRARY.map(({ id }) => id);
const arbId = fc.constantFrom(...IDS);
const arbLimits = fc.subarray([...LIMITS], { maxLength: 2 });

const arbDoc: fc.Arbitrary<ClassDoc> = fc
  .array(
    fc.record({
      move: arbId,
      choice: fc.boolean(),
      alternatives: fc.array(
        arbId.map((move) => ({ move })),
        { maxLength: 2 },
      ),
      flat: fc.option(arbId, { nil: undefined }),
    }),
    { minLength: 2, maxLength: 4 },
  )
  .map((slots) =>
    classOf([
      {
        id: "b",
        title: "",
        rounds: 2,
        rest: 15,
        slots: slots.map(({ move, choice, alternatives, flat }, i) => ({
          id: `s${i}`,
          move,
          dose: { seconds: 40 },
          choice,
          alternatives,
          ...(flat ? { marks: { flat: { move: flat } } } : {}),
        })),
      },
    ]),
  );

/** What can happen, one after another. */
type Change =
  | {
      readonly is: "tonight";
      readonly limits: readonly Limit[];
      readonly without: readonly string[];
      readonly mark: Mark | null;
    }
  | { readonly is: "substitute"; readonly slot: number; readonly move: string; readonly own: boolean }
  | { readonly is: "pick"; readonly slot: number; readonly which: number };

const arbChange: fc.Arbitrary<Change> = fc.oneof(
  fc.record({
    is: fc.constant("tonight" as const),
    limits: arbLimits,
    without: fc.subarray(["k0", "k1", "k2"]),
    mark: fc.option(fc.constantFrom(...MARKS), { nil: null }),
  }),
  fc.record({
    is: fc.constant("substitute" as const),
    slot: fc.nat(3),
    move: arbId,
    own: fc.boolean(),
  }),
  fc.record({ is: fc.constant("pick" as const), slot: fc.nat(3), which: fc.nat(3) }),
);

/** What is wrong with what somebody is told to do; nothing where all is right. */
function faultsOf(own: PartSlot, person: Person): string[] {
  const faults: string[] = [];
  const used = new Map<string, number>();
  for (const { kit, count } of own.uses) used.set(kit, (used.get(kit) ?? 0) + count);
  for (const [id, n] of used) {
    const item = person.kit?.find((entry) => entry.id === id);
    if (!item || n > kitCount(item)) faults.push(`${own.name} uses ${n} of ${id}`);
  }
  const move = own.move === null ? undefined : LIBRARY_BOOK.get(own.move);
  if (own.status === "unmet") return faults;
  if (!move) return [...faults, `${own.name} is unknown`];
  for (const limit of person.limits ?? []) if (excludes(limit, move)) faults.push(`${limit}: ${move.id}`);
  if (noRoom(move, person)) faults.push(`no room for ${move.id}`);
  return faults;
}

describe("after any sequence of live changes", () => {
  test("everything that a part says is owned, and nothing that a limit or the room excludes is in it, at every level and in every choice", () => {
    let looked = 0;
    fc.assert(
      fc.property(
        arbDoc,
        fc.constantFrom("nothing", "household", "band", "dumbbell", "kettlebell"),
        arbLimits,
        fc.array(arbChange, { maxLength: 5 }),
        (doc, kind, limits, changes) => {
          const usual = homeWith(kind as "nothing", { limits, space: { floor: "smooth", lengthM: 1.8 } });
          let person = usual;
          const substitutes: Substitute[] = [];
          const picks = new Map<string, string>();
          const slots = doc.blocks[0]?.slots as readonly Slot[];
          const at = (i: number) => slots[i % slots.length]?.id ?? "";
          const parts = () => {
            const worked = workOut(withSubstitutes(doc, substitutes, LIBRARY_BOOK), [person], CHANGE_OVER);
            return [...worked.parts, ...MARKS.flatMap((level) => worked.partsByMark[level])];
          };
          for (const change of [null, ...changes]) {
            if (change?.is === "tonight") {
              const { limits: more, without, mark: level } = change;
              person = withTonight(usual, { limits: more, without, ...(level ? { mark: level } : {}) });
            }
            if (change?.is === "substitute")
              substitutes.push({
                slot: at(change.slot),
                move: change.move,
                ...(change.own ? { person: person.id } : {}),
              });
            const now = parts();
            if (change?.is === "pick") {
              const own = now[0]?.slots.find(({ slot }) => slot === at(change.slot));
              const ways = own ? [own, ...(own.choices ?? [])] : [];
              const way = ways[change.which % Math.max(1, ways.length)];
              if (way) picks.set(at(change.slot), pickOf(way));
            }
            for (const part of now.map((one) => withPicks(one, picks as Picks)))
              for (const own of part.slots)
                for (const way of [own, ...(own.choices ?? [])]) {
                  looked += 1;
                  expect(faultsOf(way, person)).toEqual([]);
                }
          }
        },
      ),
      { numRuns: 60 },
    );
    expect(looked).toBeGreaterThan(2000);
  });
});
