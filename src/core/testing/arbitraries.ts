/** Random class documents: valid ones of every shape, for the properties of timing, edits and files. */
import fc from "fast-check";
import type { Block, ClassDoc, Dose, Slot } from "../class/document";
import type { Span } from "../class/span";
import { LIBRARY } from "../moves/library";

/** A span within the bounds, exact or a range, with or without a plan. */
export function arbSpan(least: number, most: number): fc.Arbitrary<Span> {
  const number = fc.integer({ min: least, max: most });
  return fc.oneof(
    number,
    fc.tuple(number, number, number).map((three) => {
      const [min, plan, max] = [...three].sort((a, b) => a - b) as [number, number, number];
      return { min, plan, max };
    }),
    fc.tuple(number, number).map(([a, b]) => ({ min: Math.min(a, b), max: Math.max(a, b) })),
  );
}

const arbTempo = fc.constantFrom("3-0-2-1", "3021", "10-0-2-0", "X-0-X-0", "2020");
const arbPace: fc.Arbitrary<{ tempo?: string; repSeconds?: number }> = fc.oneof(
  fc.constant({}),
  arbTempo.map((tempo) => ({ tempo })),
  fc.integer({ min: 1, max: 12_000 }).map((hundredths) => ({ repSeconds: hundredths / 100 })),
);

/** One dose; numbers from 2 on, so that a total over two sides is always allowed. */
export const arbDose: fc.Arbitrary<Dose> = fc.oneof(
  arbSpan(2, 120).map((seconds): Dose => ({ seconds })),
  arbSpan(2, 90).map((hold): Dose => ({ hold })),
  arbSpan(2, 60).map((toLimit): Dose => ({ toLimit })),
  fc.tuple(arbSpan(2, 30), arbPace).map(([reps, pace]): Dose => ({ reps, ...pace })),
  fc
    .tuple(arbSpan(2, 20), arbPace, fc.integer({ min: 1, max: 120 }))
    .map(([reps, pace, within]): Dose => ({ reps, ...pace, within })),
  fc
    .record({
      from: fc.integer({ min: 1, max: 10 }),
      to: fc.integer({ min: 1, max: 10 }),
      step: fc.integer({ min: 1, max: 4 }),
      hold: fc.integer({ min: 0, max: 500 }).map((n) => n / 100),
      holdOn: fc.constantFrom("rung", "rep"),
    })
    .map((ladder) => ({ ladder }) as Dose),
);

const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: undefined });

function compact<T extends object>(object: T): T {
  return Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined)) as T;
}

const arbMove = fc.oneof(
  fc.constantFrom(...LIBRARY.map((move) => move.id)),
  fc.record({
    name: fc.string({ minLength: 1, maxLength: 20 }),
    repSeconds: fc.constantFrom(1, 1.1, 2.5, 3),
  }),
);

function arbSlot(roundsMax: number, capped: boolean, allRounds: boolean): fc.Arbitrary<Omit<Slot, "id">> {
  const arbRounds = fc.subarray(
    Array.from({ length: roundsMax }, (_, i) => i + 1),
    { minLength: 1 },
  );
  return maybe(capped || allRounds ? fc.constant(undefined) : arbRounds).chain((rounds) => {
    const length = rounds?.length ?? roundsMax;
    const list = fc.array(arbDose, { minLength: length, maxLength: length });
    return fc
      .record({
        move: arbMove,
        dose: (capped ? arbDose : fc.oneof(arbDose, list)) as fc.Arbitrary<Dose | Dose[]>,
        sides: maybe(fc.constantFrom("both", "alternating", "inTurn", "swap")),
        firstSide: maybe(fc.constantFrom("left", "right")),
        count: maybe(fc.constantFrom("each", "total")),
        sideChange: maybe(fc.integer({ min: 0, max: 10 })),
        rest: maybe(arbSpan(0, 40)),
        demo: maybe(fc.integer({ min: 0, max: 20 })),
        rounds: fc.constant(rounds),
        ownNote: maybe(fc.string()),
      })
      .map((slot) => compact(slot) as unknown as Omit<Slot, "id">);
  });
}

const arbBlock: fc.Arbitrary<Omit<Block, "id">> = fc
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
        role: fc.constantFrom("warmup", "main", "finisher", "cooldown"),
        brief: maybe(fc.integer({ min: 0, max: 60 })),
        demo: maybe(fc.integer({ min: 0, max: 20 })),
        demoAt: maybe(fc.constantFrom("block", "slot")),
        prepare: maybe(fc.integer({ min: 0, max: 15 })),
        rest: maybe(arbSpan(0, 60)),
        longRest: maybe(arbSpan(0, 90)),
        after: maybe(fc.integer({ min: 0, max: 60 })),
        slots,
      })
      .map(
        (block) =>
          compact({ ...block, rounds, cap, ...(capped ? {} : { loop }) }) as unknown as Omit<Block, "id">,
      );
  });

/** A valid class with unique ids and a few keys that nobody knows. */
export const arbClass: fc.Arbitrary<ClassDoc> = fc
  .record({
    title: fc.string({ minLength: 1, maxLength: 40 }),
    stance: fc.constantFrom("form", "strength", "density"),
    blocks: fc.array(arbBlock, { minLength: 1, maxLength: 4 }),
    unknownKey: maybe(fc.jsonValue()),
  })
  .map(({ blocks, ...rest }) => {
    let slotNumber = 0;
    const named = blocks.map((block, i) => ({
      ...block,
      id: `b${i}`,
      slots: (block.slots ?? []).map((slot) => {
        slotNumber += 1;
        return { ...slot, id: `s${slotNumber}` };
      }),
    }));
    return compact({ format: "brontle.class", version: 1, ...rest, blocks: named }) as unknown as ClassDoc;
  });
