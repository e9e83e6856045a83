/** The load that a move moves, and what a dose of it comes to: one scale for weights, bands and the body. */
import type { Strength, Tension } from "../moves/move";

/** Body mass that is taken where a person hasn't given theirs, kg; the mass for which maxima are stated. */
export const USUAL_BODY_KG = 72;

/**
 * What a strand of a band counts inside, kg. Nobody is told: bands differ too much, and a person only
 * reads lighter, about the same, heavier. Estimates of ours.
 */
export const BAND_KG: Readonly<Record<Tension, number>> = { light: 4, medium: 9, heavy: 16 };
/** Share of the pull at full stretch that a strand counts, where that was stated. */
const OF_FULL_STRETCH = 0.6;

/** Kilograms that a strand counts inside. */
export function strandKg(tension: Tension, fullStretchKg?: number): number {
  return fullStretchKg === undefined ? BAND_KG[tension] : OF_FULL_STRETCH * fullStretchKg;
}

/** Total load moved, kg: W = body × mass + held × the kilograms of each thing. */
export function loadMoved(strength: Strength, bodyKg: number | undefined, eachKg: number): number {
  return strength.body * (bodyKg ?? USUAL_BODY_KG) + strength.held * eachKg;
}

/** Kilograms of each thing for a total load; below 0 where the body alone is more. Infinite where nothing is held. */
export function eachKgFor(strength: Strength, bodyKg: number | undefined, total: number): number {
  return (total - strength.body * (bodyKg ?? USUAL_BODY_KG)) / strength.held;
}

/**
 * By how much a maximum is above a load with which `n` reps are left to the limit, as a factor: 1 + n/30
 * (Epley 1985); 1 for a single rep.
 */
export function overLoad(n: number): number {
  return n === 1 ? 1 : 1 + n / 30;
}

/** Reps that are left of a load after `done`, not rounded: 30 × (M/W − 1) − n. Below 0 where it can't be done. */
export function repsLeft(maximum: number, load: number, done: number): number {
  return 30 * (maximum / load - 1) - done;
}

/**
 * Whole reps of a load with `reserve` left, for who moves `maximum` once: 30 × (M/W − 1) − r; at least 0,
 * and at least 1 where nothing is to be left and it can be moved at all. Null for no load.
 */
export function repsAt(maximum: number, load: number, reserve: number): number | null {
  if (load <= 0) return null;
  const reps = Math.floor(repsLeft(maximum, load, reserve) + 1e-9);
  return Math.max(reserve === 0 && maximum >= load ? 1 : 0, reps);
}
