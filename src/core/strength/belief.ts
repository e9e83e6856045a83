/**
 * What is believed of a person's strength: the logs of their maxima on all moves are jointly normal, with
 * a mean from the move, their mass and their usual level, and a covariance by which a set of one move
 * teaches about its neighbours. docs/strength.md has the formulas and their reasons.
 */
import { type Mark, type Person, usualMark } from "../homes/home";
import type { KnownMove, MoveBook } from "../moves/book";
import { Cholesky } from "./cholesky";
import { USUAL_BODY_KG } from "./load";
import { type ScaledMove, scaledMove } from "./scaled";
import { type UsedSet, usedSets } from "./sets";

/** The log of what a person moves once: total load in kg. */
export interface Belief {
  readonly mean: number;
  readonly sd: number;
  /** Used sets of this very move. */
  readonly sets: number;
}

/** How much more a level moves than *as set*, as a log, where the load is all of it. */
const LEVEL: Readonly<Record<Mark, number>> = { flat: -0.3, natural: 0, sharp: 0.25 };
/** Maxima grow with body mass to this power, less than in proportion. */
const MASS_POWER = 0.8;
/** Standard deviations between people: in all, by half, region and move of the body; and for a mass that isn't known. */
const SPREAD = { all: 0.3, half: 0.15, region: 0.15, move: 0.15, mass: 0.15 } as const;
/** So many sets' worth of belief in the spread itself: who surprises is believed less. */
const SPREAD_SETS = 4;

interface Posterior {
  readonly used: readonly UsedSet[];
  readonly inner: Cholesky;
  /** K⁻¹r. */
  readonly weights: readonly number[];
  /** By how much the spread turned out to be another. */
  readonly factor: number;
}

/** One person's strength on a day. */
export class Strengths {
  private readonly posterior: Posterior;
  private readonly known = new Map<ScaledMove, Belief>();

  /** `on`: the day for which sets have an age, `YYYY-MM-DD`. */
  constructor(
    readonly person: Person,
    readonly book: MoveBook,
    readonly on: string,
  ) {
    const sets = usedSets(person, book, on);
    const stated = this.posteriorOf(sets.filter((set) => set.stated));
    // "At least so much" teaches only where it is more than was believed: ten with plenty left make nobody weaker.
    const more = sets.filter((set) => !set.stated && set.y > this.meanOf(set.move, stated));
    this.posterior =
      more.length === 0 ? stated : this.posteriorOf(sets.filter((set) => set.stated || more.includes(set)));
  }

  /** The sets that taught. */
  get used(): readonly UsedSet[] {
    return this.posterior.used;
  }

  /** What is believed of a move; null where it isn't on the scale. */
  of(move: KnownMove | undefined): Belief | null {
    const scaled = scaledMove(move);
    if (!scaled) return null;
    const there = this.known.get(scaled);
    if (there) return there;
    const made = this.believe(scaled);
    this.known.set(scaled, made);
    return made;
  }

  /** μ(m) = ln s + ln 72 + 0.8·ln(B/72) + a·L, the person's usual mark for the pattern giving L. */
  private prior({ strength, spread, pattern }: ScaledMove): number {
    const mass = (this.person.bodyKg ?? USUAL_BODY_KG) / USUAL_BODY_KG;
    const level = LEVEL[usualMark(this.person, pattern)];
    return Math.log(strength.maximum * USUAL_BODY_KG) + MASS_POWER * Math.log(mass) + spread * level;
  }

  private covariance(a: ScaledMove, b: ScaledMove): number {
    const shared =
      SPREAD.all ** 2 +
      (a.half === b.half ? SPREAD.half ** 2 : 0) +
      (a.region === b.region ? SPREAD.region ** 2 : 0) +
      (a.key === b.key ? SPREAD.move ** 2 : 0);
    const mass = this.person.bodyKg === undefined ? a.free * b.free * SPREAD.mass ** 2 : 0;
    return a.spread * b.spread * shared + mass;
  }

  private posteriorOf(used: readonly UsedSet[]): Posterior {
    const rows = used.map((a, i) =>
      used.map((b, j) => this.covariance(a.move, b.move) + (i === j ? a.variance : 0)),
    );
    const inner = new Cholesky(rows);
    const residuals = used.map((set) => set.y - this.prior(set.move));
    const weights = inner.solve(residuals);
    const q = residuals.reduce((sum, r, i) => sum + r * (weights[i] as number), 0);
    return { used, inner, weights, factor: (SPREAD_SETS + q) / (SPREAD_SETS + used.length) };
  }

  private meanOf(move: ScaledMove, { used, weights }: Posterior): number {
    return used.reduce(
      (sum, set, i) => sum + this.covariance(move, set.move) * (weights[i] as number),
      this.prior(move),
    );
  }

  private believe(move: ScaledMove): Belief {
    const { used, inner, factor } = this.posterior;
    const own = this.covariance(move, move);
    const across = used.map((set) => this.covariance(move, set.move));
    const explained = used.length === 0 ? 0 : inner.squared(across);
    return {
      mean: this.meanOf(move, this.posterior),
      sd: Math.sqrt(Math.max(0, own - explained) * factor),
      sets: used.filter((set) => set.move.key === move.key).length,
    };
  }
}

/** The maximum at so many standard deviations from the median, kg of total load. */
export function maximumAt({ mean, sd }: Belief, z: number): number {
  return Math.exp(mean + z * sd);
}
