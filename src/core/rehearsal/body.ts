/**
 * A simulated body: effort and local fatigue as the class's own estimate has them (`effort/effort.ts`), followed
 * through what really happens, and what a chest strap would read of it. Made up, never a measurement of anybody.
 */
import { type Demand, EFFORT_MODEL, tireMuscles, towards } from "../effort/effort";
import type { Muscle } from "../moves/move";
import type { Seconds } from "../units";
import type { Strap } from "./crowd";

/** The share of the heart's reserve that an effort of ten takes. Effort and reserve go together nearly in line (Borg 1982). */
const RESERVE_AT_TEN = 0.95;

export class SimulatedBody {
  private effort: number = EFFORT_MODEL.restEffort;
  private readonly muscles = new Map<Muscle, number>();

  constructor(private readonly strap: Strap) {}

  /** So many seconds of one demand. */
  pass(demand: Demand, seconds: Seconds): void {
    this.effort = towards(this.effort, demand.effort, seconds);
    tireMuscles(this.muscles, demand, seconds);
  }

  /** Beats a minute, without the noise of a strap. */
  get bpm(): number {
    const { restBpm, mostBpm } = this.strap;
    const share = ((this.effort - EFFORT_MODEL.restEffort) / (10 - EFFORT_MODEL.restEffort)) * RESERVE_AT_TEN;
    return restBpm + Math.max(0, share) * (mostBpm - restBpm);
  }

  /** The muscle that is most tired, 0–1; null where none is. */
  get mostTired(): { readonly muscle: Muscle; readonly share: number } | null {
    let most: { readonly muscle: Muscle; readonly share: number } | null = null;
    for (const [muscle, share] of this.muscles) if (share > (most?.share ?? 0)) most = { muscle, share };
    return most;
  }
}
