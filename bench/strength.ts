/**
 * Simulated people: how near to the effort that was meant the weights come that the strength model takes,
 * against weights taken by rank; and whether its ranges hold as many as they say. Of made-up people drawn
 * from the model itself, and of others with half again the spread and heavy tails.
 */
import type { Person, WorkingSet } from "../src/core/homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../src/core/moves/library";
import type { Move } from "../src/core/moves/move";
import { type Belief, maximumAt, Strengths } from "../src/core/strength/belief";
import { loadMoved, repsAt } from "../src/core/strength/load";
import { careOf, RANGE_Z } from "../src/core/strength/predict";
import { type ScaledMove, scaledMove } from "../src/core/strength/scaled";
import { loadStrain, STRAIN, strainPoints } from "../src/core/strength/strain";

const ON = "2026-11-26";
const PEOPLE = 2000;
const MARKS = ["flat", "natural", "sharp"] as const;
const LEVEL = { flat: -0.3, natural: 0, sharp: 0.25 };
/** Two adjustable weights, 2–32 kg. */
const WEIGHTS = Array.from({ length: 16 }, (_, i) => 2 + 2 * i);
const HELD = LIBRARY.filter(
  (move) => (move.strength?.held ?? 0) > 0 && !move.gym && move.needs[0]?.some(({ kg }) => kg),
);

/** Numbers that are the same in every session (mulberry32). */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

interface Population {
  readonly name: string;
  /** A draw around 0 with a standard deviation of 1, or of what the population has. */
  readonly draw: (normal: () => number, random: () => number) => number;
}

const POPULATIONS: readonly Population[] = [
  { name: "as believed", draw: (normal) => normal() },
  // Student's t with 4 degrees of freedom, made to half again the spread.
  {
    name: "half again the spread, heavy tails",
    draw: (normal) => {
      const chi = [0, 0, 0, 0].reduce((sum) => sum + normal() ** 2, 0);
      return (1.5 * normal() * Math.sqrt(4 / chi)) / Math.sqrt(2);
    },
  },
];

function simulate({ name, draw }: Population, seed: number): void {
  const random = numbers(seed);
  const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const tally = {
    fits: 0,
    near: 0,
    nearByRank: 0,
    all: 0,
    over: 0,
    overByRank: 0,
    inside: 0,
    known: 0,
    knownNear: 0,
  };
  for (let i = 0; i < PEOPLE; i += 1) {
    const mark = pick(MARKS);
    const bodyKg = Math.round(72 * Math.exp(0.18 * normal()));
    const effects = new Map<string, number>();
    const effect = (key: string, sd: number) => {
      const known = effects.get(key) ?? sd * draw(normal, random);
      effects.set(key, known);
      return known;
    };
    /** The true log of the maximum of a move. */
    const truth = (move: ScaledMove) =>
      Math.log(move.strength.maximum * 72) +
      0.8 * Math.log(bodyKg / 72) +
      move.spread *
        (LEVEL[mark] +
          effect("all", 0.3) +
          effect(`half ${move.half}`, 0.15) +
          effect(`region ${move.region}`, 0.15) +
          effect(`move ${move.key}`, 0.15));
    /** A set of about eight to twelve, one to three left, as it would be written down. */
    const setOf = (move: Move): WorkingSet | null => {
      const scaled = scaledMove(move) as ScaledMove;
      const now = Math.exp(truth(scaled) + 0.05 * normal());
      const rir = Math.floor(random() * 4);
      const wanted = 6 + Math.floor(random() * 8);
      const kgs = [...WEIGHTS].sort((a, b) => {
        const off = (kg: number) =>
          Math.abs((repsAt(now, loadMoved(scaled.strength, bodyKg, kg), rir) ?? 99) - wanted);
        return off(a) - off(b);
      });
      const kg = kgs[0] as number;
      const reps = repsAt(now, loadMoved(scaled.strength, bodyKg, kg), rir) ?? 0;
      return reps < 1 || reps + rir > 30 ? null : { move: move.id, kg, reps, rir, date: "2026-11-20" };
    };
    const target = pick(HELD);
    const scaled = scaledMove(target) as ScaledMove;
    const others = HELD.filter((move) => move !== target);
    const sets = [0, 1, 2].flatMap(() => setOf(pick(others)) ?? []);
    const person: Person = { id: "p", name: "P", mark, bodyKg };
    const reps = 8 + Math.floor(random() * 5);
    const reserve = 2;
    const strainAt = (kg: number, lnMaximum: number) =>
      loadStrain(Math.log(loadMoved(scaled.strength, bodyKg, kg)), reps, reserve, lnMaximum);
    const taken = (workingSets: readonly WorkingSet[]): { kg: number | null; belief: Belief } => {
      const belief = new Strengths({ ...person, workingSets }, LIBRARY_BOOK, ON).of(target) as Belief;
      const lnMaximum = Math.log(maximumAt(belief, careOf(target, belief)));
      const open = WEIGHTS.filter((kg) => {
        const liftable = Math.log(loadMoved(scaled.strength, bodyKg, kg)) <= lnMaximum;
        return strainAt(kg, lnMaximum) <= STRAIN.openTo && (belief.sets > 0 || liftable);
      });
      const points = (kg: number) => strainPoints(strainAt(kg, lnMaximum));
      const best = [...open].sort(
        (a, b) =>
          points(a) - points(b) || Math.abs(strainAt(a, lnMaximum)) - Math.abs(strainAt(b, lnMaximum)),
      );
      return { kg: best[0] ?? null, belief };
    };
    const true_ = truth(scaled);
    const could = WEIGHTS.some((kg) => Math.abs(strainAt(kg, true_)) <= 0.25);
    const { kg, belief } = taken(sets);
    // By rank: for so heavy a set half up the weights that are there.
    const byRank = WEIGHTS[Math.floor((WEIGHTS.length - 1) / 2)] as number;
    const strain = kg === null ? Number.NEGATIVE_INFINITY : strainAt(kg, true_);
    tally.all += 1;
    if (strain > 0.3) tally.over += 1;
    if (strainAt(byRank, true_) > 0.3) tally.overByRank += 1;
    if (could) {
      tally.fits += 1;
      if (Math.abs(strain) <= 0.25) tally.near += 1;
      if (Math.abs(strainAt(byRank, true_)) <= 0.25) tally.nearByRank += 1;
    }
    if (Math.abs(true_ - belief.mean) <= RANGE_Z * belief.sd) tally.inside += 1;
    const own = [0, 1].flatMap(() => setOf(target) ?? []);
    if (could && own.length === 2) {
      const again = taken([...sets, ...own]);
      tally.known += 1;
      if (again.kg !== null && Math.abs(strainAt(again.kg, true_)) <= 0.25) tally.knownNear += 1;
    }
  }
  const share = (n: number, of: number) => `${((100 * n) / of).toFixed(1)} %`;
  console.log(`${name}: ${PEOPLE} people, three sets of other moves known`);
  console.log(
    `  within ±0.25 where a weight fits: ${share(tally.near, tally.fits)}; by rank ${share(tally.nearByRank, tally.fits)}`,
  );
  console.log(
    `  above 0.30 in ${share(tally.over, tally.all)} of all; by rank ${share(tally.overByRank, tally.all)}`,
  );
  console.log(
    `  with two sets of the move itself within ±0.25: ${share(tally.knownNear, tally.known)} of ${tally.known}`,
  );
  console.log(`  60 % ranges hold ${share(tally.inside, tally.all)}`);
}

for (const [i, population] of POPULATIONS.entries()) simulate(population, 20261126 + i);
