/** Random slots with every optional key: doses, loads and ways that fit each other. */
import fc from "fast-check";
import {
  type Dose,
  LOAD_TARGETS,
  type Load,
  type MoveRef,
  SIDES,
  type Slot,
  type Way,
} from "../class/document";
import type { DoseKind } from "../class/dose";
import { DOSE_KINDS, rowOf, spanOf } from "../class/dose-kinds";
import { LIBRARY } from "../moves/library";
import { type Span, spanTriple } from "../values/span";

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

export const maybe = <T>(arb: fc.Arbitrary<T>) => fc.option(arb, { nil: undefined });

export function compact<T extends object>(object: T): T {
  return Object.fromEntries(Object.entries(object).filter(([, value]) => value !== undefined)) as T;
}

const arbTempo = fc.constantFrom("3-0-2-1", "3021", "10-0-2-0", "X-0-X-0", "2020");
const arbPace: fc.Arbitrary<{ tempo?: string; repSeconds?: number }> = fc.oneof(
  fc.constant({}),
  arbTempo.map((tempo) => ({ tempo })),
  fc.integer({ min: 1, max: 12_000 }).map((hundredths) => ({ repSeconds: hundredths / 100 })),
);

const arbThen = maybe(
  fc.oneof(
    fc.integer({ min: 1, max: 30 }).map((pulses) => ({ pulses })),
    fc.integer({ min: 1, max: 30 }).map((hold) => ({ hold })),
  ),
);

/** Doses kind by kind; numbers from 2 on, so that a total over two sides is always allowed. */
const DOSES_OF: { readonly [K in DoseKind]: fc.Arbitrary<Dose> } = {
  seconds: fc.tuple(arbSpan(2, 120), arbPace).map(([seconds, pace]): Dose => ({ seconds, ...pace })),
  hold: arbSpan(2, 90).map((hold): Dose => ({ hold })),
  reps: fc.tuple(arbSpan(2, 30), arbPace, maybe(fc.integer({ min: 1, max: 120 })), arbThen).map(
    ([reps, pace, within, then]): Dose => ({
      reps,
      ...pace,
      ...(within === undefined ? (then ? { then } : {}) : { within }),
    }),
  ),
  ladder: fc
    .record({
      from: fc.integer({ min: 1, max: 10 }),
      to: fc.integer({ min: 1, max: 10 }),
      step: maybe(fc.integer({ min: 1, max: 4 })),
      hold: maybe(fc.integer({ min: 0, max: 500 }).map((n) => n / 100)),
      holdOn: maybe(fc.constantFrom("rung" as const, "rep" as const)),
    })
    .chain((ladder) => arbPace.map((pace): Dose => ({ ladder: compact(ladder) as never, ...pace }))),
  toLimit: arbSpan(2, 60).map((toLimit): Dose => ({ toLimit })),
  reserve: fc
    .tuple(fc.integer({ min: 0, max: 10 }), arbSpan(2, 60))
    .map(([reserve, allow]): Dose => ({ reserve, allow })),
  sequence: fc
    .tuple(
      fc.array(
        fc.record({
          move: fc.constantFrom(...LIBRARY.map((move) => move.id)),
          reps: fc.integer({ min: 1, max: 20 }),
        }),
        { minLength: 2, maxLength: 4 },
      ),
      maybe(arbSpan(2, 90)),
    )
    .map(([sequence, seconds]): Dose => ({ sequence, ...(seconds === undefined ? {} : { seconds }) })),
};

export const arbDose: fc.Arbitrary<Dose> = fc.oneof(...DOSE_KINDS.map((kind) => DOSES_OF[kind]));

export const arbLoad: fc.Arbitrary<Load> = fc.oneof(
  fc.constantFrom(...LOAD_TARGETS).map((target) => ({ target })),
  fc.integer({ min: 0, max: 160 }).map((quarters) => ({ kg: quarters / 4 })),
  fc.integer({ min: 0, max: 5 }).map((rir) => ({ rir })),
  fc.integer({ min: 5, max: 10 }).map((rpe) => ({ rpe })),
);

export const arbMove: fc.Arbitrary<MoveRef> = fc.oneof(
  fc.constantFrom(...LIBRARY.map((move) => move.id)),
  fc.record({
    name: fc.string({ minLength: 1, maxLength: 20 }),
    repSeconds: fc.constantFrom(1, 1.1, 2.5, 3),
  }),
  fc.record(
    {
      name: fc.string({ minLength: 1, maxLength: 20 }),
      like: fc.constantFrom(...LIBRARY.map((move) => move.id)),
      repSeconds: fc.constantFrom(1, 2.5),
    },
    { requiredKeys: ["name", "like"] },
  ),
);

const arbWords = fc.string({ maxLength: 30 });

/** A way that a slot with these doses may have. */
function arbWay(doses: readonly Dose[]): fc.Arbitrary<Way> {
  const rows = doses.map((dose) => rowOf(dose).row);
  const plans = doses.map((dose) => spanTriple(spanOf(dose) ?? 0).plan);
  const counted = rows.every(({ reps }) => reps);
  const timed = rows.every(({ lasts }) => lasts !== "as-counted");
  return fc
    .record({
      move: maybe(arbMove),
      reps: counted ? maybe(arbSpan(1, 30)) : fc.constant(undefined),
      tempo: maybe(arbTempo),
      load: maybe(arbLoad),
      seconds: timed
        ? maybe(fc.integer({ min: 1, max: Math.max(1, Math.min(...plans)) }))
        : fc.constant(undefined),
      rounds: maybe(fc.integer({ min: 1, max: 5 })),
      note: maybe(arbWords),
    })
    .map(compact) as fc.Arbitrary<Way>;
}

/** The instructor's own ways for who can't. */
const arbAlternatives = fc.array(
  fc.record({ move: fc.constantFrom(...LIBRARY.map((move) => move.id)), note: maybe(arbWords) }).map(compact),
  { maxLength: 3 },
);

const listOf = <T>(arb: fc.Arbitrary<T>, length: number) =>
  fc.array(arb, { minLength: length, maxLength: length });

/** A slot of a block with so many rounds; `allRounds`: it is there in each of them. */
export function arbSlot(
  roundsMax: number,
  capped: boolean,
  allRounds: boolean,
): fc.Arbitrary<Omit<Slot, "id">> {
  const every = Array.from({ length: roundsMax }, (_, i) => i + 1);
  const arbRounds =
    capped || allRounds ? fc.constant(undefined) : maybe(fc.subarray(every, { minLength: 1 }));
  return arbRounds.chain((rounds) => {
    const length = rounds?.length ?? roundsMax;
    const doses = capped ? arbDose : fc.oneof(arbDose, listOf(arbDose, length));
    return doses.chain((dose) =>
      fc
        .record({
          move: arbMove,
          dose: fc.constant(dose),
          sides: maybe(fc.constantFrom(...SIDES)),
          firstSide: maybe(fc.constantFrom("left", "right")),
          count: maybe(fc.constantFrom("each", "total")),
          sideChange: maybe(fc.integer({ min: 0, max: 10 })),
          rest: maybe(arbSpan(0, 40)),
          rounds: fc.constant(rounds),
          demo: maybe(fc.integer({ min: 0, max: 20 })),
          load: maybe(capped ? arbLoad : fc.oneof(arbLoad, listOf(arbLoad, length))),
          pinned: maybe(fc.boolean()),
          locked: maybe(fc.boolean()),
          marks: maybe(
            fc
              .record({ flat: maybe(arbWay([dose].flat())), sharp: maybe(arbWay([dose].flat())) })
              .map(compact),
          ),
          alternatives: maybe(arbAlternatives),
          choice: maybe(fc.boolean()),
          cue: maybe(arbWords),
          call: maybe(arbWords),
          ownNote: maybe(fc.string()),
        })
        .map((slot) => compact(slot) as unknown as Omit<Slot, "id">),
    );
  });
}
