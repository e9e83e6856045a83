import fc from "fast-check";
import { describe, expect, it } from "vitest";
import type { Mark, Person, WorkingSet } from "../homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../moves/library";
import { maximumAt, Strengths } from "./belief";
import { halfOf, regionOf } from "./regions";
import { scaledMove } from "./scaled";

const ON = "2026-11-26";
const scaled = LIBRARY.filter((move) => move.strength);
const held = scaled.filter((move) => (move.strength?.held ?? 0) > 0);

/** The posterior as the formulas have it, with a plain inverse and no care for speed. */
function reference(person: Person, moveId: string): { mean: number; sd: number } {
  const B = person.bodyKg ?? 72;
  const move = (id: string) => LIBRARY_BOOK.get(id) as (typeof LIBRARY)[number];
  const s = (id: string) => move(id).strength as NonNullable<(typeof LIBRARY)[number]["strength"]>;
  const a = (id: string) => Math.max(0.3, 1 - (0.6 * s(id).body) / s(id).maximum);
  const c = (id: string) => Math.max(0, 1 - s(id).body / s(id).maximum);
  const mu = (id: string) => {
    const mark = person.marks?.[move(id).pattern] ?? person.mark ?? "natural";
    const L = { flat: -0.3, natural: 0, sharp: 0.25 }[mark];
    return Math.log(s(id).maximum) + Math.log(72) + 0.8 * Math.log(B / 72) + a(id) * L;
  };
  const k = (p: string, q: string) => {
    const [r, t] = [regionOf(move(p).pattern), regionOf(move(q).pattern)];
    const half = r && t && halfOf(r) === halfOf(t) ? 0.15 ** 2 : 0;
    const shared = 0.3 ** 2 + half + (r === t ? 0.15 ** 2 : 0) + (p === q ? 0.15 ** 2 : 0);
    return a(p) * a(q) * shared + (person.bodyKg === undefined ? c(p) * c(q) * 0.15 ** 2 : 0);
  };
  const known = (person.workingSets ?? []).map((set, i) => {
    const days = (Date.parse(ON) - Date.parse(set.date ?? "2026-10-01")) / 86_400_000;
    const n = Math.min(30, (set.reps ?? 0) + (set.rir ?? 0));
    const W = s(set.move).body * B + s(set.move).held * (set.kg ?? 0);
    return {
      i,
      days,
      id: set.move,
      y: Math.log(n === 1 ? W : W * (1 + n / 30)),
      v: 0.05 ** 2 + (0.01 * Math.max(0, n - 5)) ** 2 + (0.015 * (days / 7)) ** 2,
      stated: set.rir !== undefined && set.rir < 4 && (set.reps ?? 0) + set.rir <= 30,
      usable: days >= 0 && days <= 364 && W > 0,
    };
  });
  const latest = known
    .filter((x) => x.usable)
    .filter((x, _, all) => {
      const later = all.filter((o) => o.id === x.id && (o.days < x.days || (o.days === x.days && o.i > x.i)));
      return later.length < 4;
    });
  const inverse = (m: number[][]): number[][] => {
    const n = m.length;
    const w = m.map((row, i) => [...row, ...row.map((_, j) => (i === j ? 1 : 0))]);
    for (let i = 0; i < n; i += 1) {
      const pivot = (w[i] as number[])[i] as number;
      w[i] = (w[i] as number[]).map((x) => x / pivot);
      for (let j = 0; j < n; j += 1) {
        const f = (w[j] as number[])[i] as number;
        if (j !== i) w[j] = (w[j] as number[]).map((x, l) => x - f * ((w[i] as number[])[l] as number));
      }
    }
    return w.map((row) => row.slice(n));
  };
  const posterior = (used: typeof latest, id: string) => {
    const K = used.map((p) => used.map((q) => k(p.id, q.id) + (p === q ? p.v : 0)));
    const inv = inverse(K);
    const r = used.map((x) => x.y - mu(x.id));
    const star = used.map((x) => k(id, x.id));
    const dot = (u: number[], v: number[]) => u.reduce((sum, x, i) => sum + x * (v[i] as number), 0);
    const times = (v: number[]) => inv.map((row) => dot(row, v));
    const q = dot(r, times(r));
    return {
      mean: mu(id) + dot(star, times(r)),
      sd: Math.sqrt((k(id, id) - dot(star, times(star))) * ((4 + q) / (4 + used.length))),
    };
  };
  const stated = latest.filter((x) => x.stated);
  const more = latest.filter((x) => !x.stated && x.y > posterior(stated, x.id).mean);
  return posterior(
    latest.filter((x) => x.stated || more.includes(x)),
    moveId,
  );
}

const day = fc
  .integer({ min: 0, max: 380 })
  .map((back) => new Date(Date.parse(ON) - back * 86_400_000).toISOString().slice(0, 10));
const arbSet: fc.Arbitrary<WorkingSet> = fc
  .record({
    move: fc.constantFrom(...scaled),
    kg: fc.integer({ min: 0, max: 40 }),
    reps: fc.integer({ min: 1, max: 35 }),
    rir: fc.option(fc.integer({ min: 0, max: 6 }), { nil: undefined }),
    date: fc.option(day, { nil: undefined }),
  })
  .map(({ move, kg, ...set }) => ({
    ...set,
    move: move.id,
    ...((move.strength?.held ?? 0) > 0 ? { kg } : {}),
  }));
const arbPerson = (bodyKg: fc.Arbitrary<number | undefined>) =>
  fc.record({
    id: fc.constant("p"),
    name: fc.constant("Somebody"),
    mark: fc.constantFrom<Mark>("flat", "natural", "sharp"),
    bodyKg,
    workingSets: fc.array(arbSet, { maxLength: 8 }),
  });
const mass = fc.option(fc.integer({ min: 45, max: 130 }), { nil: undefined });
const median = (person: Person, id: string) =>
  maximumAt(new Strengths(person, LIBRARY_BOOK, ON).of(LIBRARY_BOOK.get(id)) as never, 0);

describe("what is believed of a person's strength", () => {
  it("is the posterior of the formulas, as a plain inverse gives it", () => {
    fc.assert(
      fc.property(arbPerson(mass), fc.constantFrom(...scaled), (person, move) => {
        const made = new Strengths(person as Person, LIBRARY_BOOK, ON).of(move);
        const wanted = reference(
          {
            ...person,
            workingSets: person.workingSets.map((set) => ({ ...set, date: set.date ?? "2026-10-01" })),
          } as Person,
          move.id,
        );
        expect(made?.mean).toBeCloseTo(wanted.mean, 8);
        expect(made?.sd).toBeCloseTo(wanted.sd, 8);
      }),
      { numRuns: 150 },
    );
  });

  it("doesn't hang on the order of the lines, days being different", () => {
    fc.assert(
      fc.property(arbPerson(mass), fc.constantFrom(...scaled), fc.func(fc.integer()), (person, move, mix) => {
        const sets = person.workingSets.map((set, i) => ({
          ...set,
          date: `2026-0${1 + (i % 9)}-1${i % 10}`,
        }));
        const other = [...sets].sort((a, b) => mix(a) - mix(b));
        const of = (workingSets: WorkingSet[]) => median({ ...person, workingSets } as Person, move.id);
        expect(of(other)).toBeCloseTo(of(sets), 8);
      }),
      { numRuns: 60 },
    );
  });

  it("is weaker by no set of which only at least is known", () => {
    fc.assert(
      fc.property(arbPerson(mass), arbSet, fc.constantFrom(...scaled), (person, set, move) => {
        const sets = person.workingSets.slice(0, 3).filter((own) => own.move !== set.move);
        const stated = sets.map((own) => ({
          ...own,
          rir: Math.min(3, own.rir ?? 2),
          reps: Math.min(20, own.reps ?? 1),
        }));
        const { rir: _, ...open } = { ...set, date: ON };
        const without = median({ ...person, workingSets: stated } as Person, open.move);
        const after = median({ ...person, workingSets: [...stated, open] } as Person, open.move);
        expect(after).toBeGreaterThanOrEqual(without - 1e-9);
        expect(
          Number.isFinite(median({ ...person, workingSets: [...stated, open] } as Person, move.id)),
        ).toBe(true);
      }),
      { numRuns: 100 },
    );
  });

  it("is weaker nowhere by more kilograms in its one stated set, the mass being given", () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...held),
        fc.integer({ min: 2, max: 30 }),
        fc.integer({ min: 1, max: 15 }),
        fc.constantFrom(...scaled),
        (move, kg, more, other) => {
          const of = (each: number) =>
            median(
              {
                id: "p",
                name: "P",
                bodyKg: 70,
                workingSets: [{ move: move.id, kg: each, reps: 8, rir: 2, date: ON }],
              },
              other.id,
            );
          expect(of(kg + more)).toBeGreaterThanOrEqual(of(kg));
        },
      ),
    );
  });

  it("changes most for the move itself, then its region, its half, the rest", () => {
    fc.assert(
      fc.property(fc.constantFrom(...held), fc.integer({ min: 2, max: 40 }), (move, kg) => {
        const bare: Person = { id: "p", name: "P", bodyKg: 70 };
        const taught: Person = { ...bare, workingSets: [{ move: move.id, kg, reps: 8, rir: 2, date: ON }] };
        const own = scaledMove(move);
        const change = (id: string) =>
          Math.abs(Math.log(median(taught, id) / median(bare, id))) /
          (scaledMove(LIBRARY_BOOK.get(id))?.spread ?? 1);
        const near = (id: string) => {
          const at = scaledMove(LIBRARY_BOOK.get(id));
          if (id === move.id) return 0;
          if (at?.region === own?.region) return 1;
          return at?.half === own?.half ? 2 : 3;
        };
        const byNearness = [0, 1, 2, 3].map((n) =>
          scaled.filter(({ id }) => near(id) === n).map(({ id }) => change(id)),
        );
        const some = byNearness.filter((list) => list.length > 0);
        some.slice(1).forEach((list, i) => {
          expect(Math.max(...list)).toBeLessThanOrEqual(Math.min(...(some[i] as number[])) + 1e-9);
        });
      }),
      { numRuns: 40 },
    );
  });

  it("learns from the latest four sets of a move, not from old ones, days to come, nor kilograms that nothing holds", () => {
    const set = (over: Partial<WorkingSet>): WorkingSet => ({
      move: "goblet-squat",
      kg: 16,
      reps: 10,
      rir: 2,
      date: "2026-11-20",
      ...over,
    });
    const used = (...workingSets: WorkingSet[]) =>
      new Strengths({ id: "p", name: "P", workingSets }, LIBRARY_BOOK, ON).used.map((one) => one.set);
    expect(used(set({ date: "2025-11-26" }))).toEqual([]);
    expect(used(set({ date: "2025-11-27" }))).toHaveLength(1);
    expect(used(set({ date: "2026-11-27" }))).toEqual([]);
    expect(used(set({ move: "press-up" }))).toEqual([]);
    expect(used(set({ move: "plank" }), set({ move: "no-such-move" }), set({ move: "curl", kg: 0 }))).toEqual(
      [],
    );
    const five = [10, 12, 14, 16, 18].map((kg, i) => set({ kg, date: i < 2 ? "2026-11-01" : "2026-11-02" }));
    expect(used(...five).map(({ kg }) => kg)).toEqual([12, 14, 16, 18]);
    // Plenty left, less than was believed: nothing is learnt.
    expect(used(set({ kg: 4, rir: undefined }))).toEqual([]);
    expect(used(set({ kg: 40, reps: 20, rir: undefined }))).toHaveLength(1);
  });

  it("takes a band's strands in place of kilograms, and is less sure of them", () => {
    const of = (over: Partial<WorkingSet>) =>
      new Strengths(
        {
          id: "p",
          name: "P",
          bodyKg: 72,
          workingSets: [{ move: "band-row", reps: 12, rir: 2, date: ON, ...over }],
        },
        LIBRARY_BOOK,
        ON,
      ).of(LIBRARY_BOOK.get("band-row"));
    const [medium, doubled, weight] = [
      of({ tension: "medium" }),
      of({ tension: "medium", strands: 2 }),
      of({ kg: 9 }),
    ];
    expect(doubled?.mean).toBeGreaterThan(medium?.mean as number);
    expect(medium?.sd).toBeGreaterThan(weight?.sd as number);
  });
});
