/** Random class documents: valid ones of every shape and with every optional key, for the properties of all that reads them. */

import fc from "fast-check";
import { type Block, type ClassDoc, FOCUSES, ROLES, STANCES } from "../class/document";
import { keyOf } from "../class/keyed";
import { KIT_TYPES } from "../homes/kit";
import { LIBRARY } from "../moves/library";
import { arbMove, arbSlot, arbSpan, compact, maybe } from "./arb-slots";

export { arbDose, arbSpan } from "./arb-slots";

const WORKED = ROLES.filter((role) => role !== "break" && role !== "talk");
const seconds = (most: number) => fc.integer({ min: 0, max: most });

const arbWorked: fc.Arbitrary<Omit<Block, "id">> = fc
  .record({
    rounds: arbSpan(1, 5),
    cap: maybe(fc.integer({ min: 1, max: 900 })),
    loop: fc.constantFrom("lap", "station"),
  })
  .chain(({ rounds, cap, loop }) => {
    const capped = cap !== undefined;
    const roundsMax = typeof rounds === "number" ? rounds : rounds.max;
    // The first slot is there in every round, so that no round of a lap is empty.
    const slots = fc
      .tuple(arbSlot(roundsMax, capped, true), fc.array(arbSlot(roundsMax, capped, false), { maxLength: 3 }))
      .map(([first, others]) => [first, ...others]);
    return fc
      .record({
        title: fc.string({ maxLength: 20 }),
        role: maybe(fc.constantFrom(...WORKED)),
        brief: maybe(seconds(60)),
        demo: maybe(seconds(20)),
        demoAt: maybe(fc.constantFrom("block", "slot")),
        prepare: maybe(seconds(15)),
        rest: maybe(arbSpan(0, 60)),
        longRest: maybe(arbSpan(0, 90)),
        restMove: maybe(arbMove),
        longRestMove: maybe(arbMove),
        after: maybe(seconds(60)),
        atEnd: maybe(fc.constantFrom("run", "wait")),
        pace: maybe(fc.constantFrom("clock", "own")),
        stacked: maybe(fc.boolean()),
        locked: maybe(fc.subarray(["rounds", "rest", "longRest", "brief", "slots", "demo"])),
        slots,
      })
      .map(
        (block) =>
          compact({ ...block, rounds, cap, ...(capped ? {} : { loop }) }) as unknown as Omit<Block, "id">,
      );
  });

/** A block in which nothing is worked: its slots may be left out. */
const arbQuiet: fc.Arbitrary<Omit<Block, "id">> = fc
  .record({
    title: fc.string({ maxLength: 20 }),
    role: fc.constantFrom("break", "talk"),
    brief: maybe(seconds(60)),
    after: maybe(seconds(60)),
    slots: maybe(fc.constant([])),
  })
  .map((block) => compact(block) as unknown as Omit<Block, "id">);

const arbPromise = fc
  .record({
    minutes: maybe(fc.integer({ min: 1, max: 90 })),
    moves: maybe(fc.integer({ min: 0, max: 30 })),
    focus: maybe(fc.subarray([...FOCUSES])),
    kit: maybe(fc.subarray([...KIT_TYPES])),
  })
  .map(compact);

const words = fc.string({ minLength: 1, maxLength: 20 });
const arbAcknowledged = fc.record({
  code: words,
  where: fc.dictionary(words, fc.string()),
  reason: words,
  of: words,
});

/** Two slots of one block that are kept together, where it has two. */
function togetherIn<T extends { readonly id: string }>(slots: readonly T[], pair: boolean): T[] {
  const [first, second, ...rest] = slots;
  if (!pair || !first || !second) return [...slots];
  return [first, { ...second, together: first.id }, ...rest];
}

/** A valid class with unique ids and a few keys that nobody knows. */
export const arbClass: fc.Arbitrary<ClassDoc> = fc
  .record({
    title: fc.string({ minLength: 1, maxLength: 40 }),
    stance: fc.constantFrom(...STANCES),
    promise: maybe(arbPromise),
    acknowledged: maybe(
      fc.uniqueArray(arbAcknowledged, { maxLength: 2, selector: (entry) => keyOf("acknowledged", entry) }),
    ),
    overrules: fc.array(fc.tuple(fc.nat(20), fc.constantFrom("p1", "p2"), fc.constantFrom(...LIBRARY)), {
      maxLength: 2,
    }),
    pairs: fc.boolean(),
    first: arbWorked,
    others: fc.array(fc.oneof({ weight: 4, arbitrary: arbWorked }, { weight: 1, arbitrary: arbQuiet }), {
      maxLength: 3,
    }),
    unknownKey: maybe(fc.jsonValue()),
  })
  .map(({ first, others, overrules, pairs, ...rest }) => {
    let slotNumber = 0;
    const blocks = [first, ...others].map((block, i) => {
      const slots = block.slots?.map((slot) => {
        slotNumber += 1;
        return { ...slot, id: `s${slotNumber}` };
      });
      return { ...block, id: `b${i}`, ...(slots ? { slots: togetherIn(slots, pairs) } : {}) };
    });
    const entries = overrules.map(([n, person, move]) => ({
      slot: `s${(n % slotNumber) + 1}`,
      person,
      move: move.id,
    }));
    const overruled = [...new Map(entries.map((entry) => [keyOf("overruled", entry), entry])).values()];
    return compact({
      format: "brontle.class",
      version: 1,
      ...rest,
      ...(overruled.length > 0 ? { overruled } : {}),
      blocks,
    }) as unknown as ClassDoc;
  });
