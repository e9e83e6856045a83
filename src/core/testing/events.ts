/** Events of a taught class for tests: numbered from 1, at times after `T0`. */
import fc from "fast-check";
import { factsOf, type SessionEventKind } from "../live/event-kinds";
import { happening, type Said, type SessionEvent } from "../live/events";
import type { AnyField } from "../values/fields";

/** An instant, ms; only what lies between times matters. */
export const T0 = 1_000_000;

type Timed<S> = S extends readonly [infer K, (infer P)?]
  ? readonly [afterMs: number, kind: K, payload?: P]
  : never;
export type AnEvent = Timed<Said<SessionEventKind>>;

export function events(...list: AnEvent[]): SessionEvent[] {
  return list.map(([after, ...said], i) => ({
    id: `e${i}`,
    seq: i + 1,
    atMs: T0 + after,
    ...happening(said as unknown as Said<SessionEventKind>),
  }));
}

/** What small tests have of everything, so that it meets. */
const FEW: Readonly<Record<string, readonly unknown[]>> = {
  person: ["a", "b"],
  slot: ["s1", "s2"],
  seconds: [1, 10, 40],
  countInMs: [0, 500, 5000],
  finishAtMs: [null, T0 + 60_000],
};

function arbValue(name: string, { kind, optional, nullable }: AnyField): fc.Arbitrary<unknown> {
  const few = FEW[name];
  const some = few
    ? fc.constantFrom(...few)
    : kind.is === "whole"
      ? fc.integer({ min: kind.least, max: kind.most })
      : kind.is === "one-of"
        ? fc.constantFrom(...kind.values)
        : fc.string({ minLength: 1, maxLength: Math.min(20, kind.most) });
  const held = nullable && !few ? fc.option(some) : some;
  return optional ? fc.option(held, { nil: undefined }) : held;
}

/** Something of one of these kinds, with all that it may carry. */
export function arbSaid<K extends SessionEventKind>(...kinds: readonly K[]): fc.Arbitrary<Said<K>> {
  return fc.constantFrom(...kinds).chain((kind) => {
    const fields = Object.entries(factsOf(kind).payload).map(([name, field]) => [
      name,
      arbValue(name, field),
    ]);
    return fc.record(Object.fromEntries(fields) as Record<string, fc.Arbitrary<unknown>>).map((payload) => {
      const there = Object.entries(payload).filter(([, value]) => value !== undefined);
      return [kind, Object.fromEntries(there)] as unknown as Said<K>;
    });
  });
}

/** Events of these kinds in the order of their times, at most `most` of them, up to `gapMs` apart. */
export function arbEvents<K extends SessionEventKind>(
  kinds: readonly K[],
  { most = 20, gapMs = 20_000 } = {},
): fc.Arbitrary<SessionEvent<K>[]> {
  return fc.array(fc.tuple(fc.nat(gapMs), arbSaid(...kinds)), { maxLength: most }).map((list) => {
    let after = 0;
    return list.map(([gap, said], i) => {
      after += gap;
      return { id: `e${i}`, seq: i + 1, atMs: T0 + after, ...happening(said) } as SessionEvent<K>;
    });
  });
}
