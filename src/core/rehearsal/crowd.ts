/** Simulated people for a rehearsal: how fast they are, how good their connection is, whether they come late. */
import type { Ms, Seconds } from "../units";
import { chanceOf } from "./chance";

export interface Drop {
  readonly fromSeconds: Seconds;
  readonly seconds: Seconds;
}

/** What a simulated chest strap is worn by. */
export interface Strap {
  readonly restBpm: number;
  readonly mostBpm: number;
}

export interface SimulatedPerson {
  /** Roster id. */
  readonly person: string;
  /** Time that they need against the plan, for reps and on the way from one move to the next: 1.1 is a tenth more. */
  readonly pace: number;
  /** Reps more or fewer in them than is believed. */
  readonly spareReps: number;
  /** When they come, by the class's seconds: before 0 in time. */
  readonly comesSeconds: Seconds;
  /** One way to the server, ms, and by how much it varies. */
  readonly latencyMs: Ms;
  readonly jitterMs: Ms;
  readonly drops: readonly Drop[];
  /** Presses nothing but that they are here. */
  readonly silent: boolean;
  /** Of how many pieces one hurts, 0–1. */
  readonly hurtShare: number;
  readonly strap: Strap;
}

/** How a crowd is: shares of people, 0–1, and the largest of what varies. */
export interface Temper {
  readonly late: number;
  readonly silent: number;
  readonly dropping: number;
  readonly mostLatencyMs: Ms;
  readonly mostJitterMs: Ms;
}

export const USUAL: Temper = {
  late: 0.12,
  silent: 0.2,
  dropping: 0.15,
  mostLatencyMs: 250,
  mostJitterMs: 200,
};

/** Evenings to choose from: everything goes well, as it mostly is, and one on which little does. */
export const EVENINGS = {
  calm: { late: 0, silent: 0, dropping: 0, mostLatencyMs: 60, mostJitterMs: 20 },
  usual: USUAL,
  rough: { late: 0.35, silent: 0.35, dropping: 0.5, mostLatencyMs: 900, mostJitterMs: 700 },
} as const satisfies Readonly<Record<string, Temper>>;
export type Evening = keyof typeof EVENINGS;

const MOST_LATE_SECONDS = 300;
const DROP_SECONDS = [8, 60] as const;

/** Maximal heart rate by age (Tanaka, Monahan & Seals 2001); the ages are drawn, from 22 to 68. */
const mostBpmAt = (years: number) => Math.round(208 - 0.7 * years);

function dropsOf(share: () => number, count: number, lastsSeconds: Seconds): readonly Drop[] {
  const [least, most] = DROP_SECONDS;
  return Array.from({ length: count }, () => ({
    fromSeconds: Math.round(share() * lastsSeconds),
    seconds: Math.round(least + share() * (most - least)),
  })).sort((a, b) => a.fromSeconds - b.fromSeconds);
}

/** One simulated person for each of these, in a class that lasts so long. Equal seeds give equal crowds. */
export function crowdOf(
  people: readonly string[],
  lastsSeconds: Seconds,
  seed: number,
  temper: Temper = USUAL,
): readonly SimulatedPerson[] {
  return people.map((person) => {
    const { between, happens, normal, share } = chanceOf(seed, person);
    const isLate = happens(temper.late);
    return {
      person,
      // Lognormal: nobody needs no time, some need much more.
      pace: Math.round(Math.exp(0.03 + 0.13 * normal()) * 100) / 100,
      spareReps: Math.round(1.5 * normal() * 10) / 10,
      comesSeconds: Math.round(isLate ? between(20, MOST_LATE_SECONDS) : between(-240, -5)),
      latencyMs: Math.round(between(15, temper.mostLatencyMs)),
      jitterMs: Math.round(between(0, temper.mostJitterMs)),
      drops: happens(temper.dropping) ? dropsOf(share, share() < 0.5 ? 1 : 2, lastsSeconds) : [],
      silent: happens(temper.silent),
      hurtShare: 0.002,
      strap: { restBpm: Math.round(between(52, 76)), mostBpm: mostBpmAt(between(22, 68)) },
    };
  });
}

/** Whether somebody has a connection at a second of the class; else when it is back. */
export function backAt({ drops }: SimulatedPerson, second: Seconds): Seconds | null {
  const drop = drops.find(
    ({ fromSeconds, seconds }) => second >= fromSeconds && second < fromSeconds + seconds,
  );
  return drop ? drop.fromSeconds + drop.seconds : null;
}
