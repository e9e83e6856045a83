/**
 * Numbers that the whole core passes about. They are plain numbers: the unit
 * stands in the name of whatever holds them (`…Seconds`, `…Ms`, `…Kg`, `…Cm`).
 */

/** Whole seconds; the unit of a class document and of its score. */
export type Seconds = number;

/** Whole milliseconds; the unit of the taught class. Never float seconds. */
export type Ms = number;

/** One number at the three planned extremes, `min ≤ plan ≤ max`. */
export interface Triple {
  readonly min: number;
  readonly plan: number;
  readonly max: number;
}

/** Which of the three expansions of a class is meant. */
export type Extreme = keyof Triple;

/** The body's own side, never the mirror's. */
export type Side = "left" | "right";

/** The other side. */
export function otherSide(side: Side): Side {
  return side === "left" ? "right" : "left";
}

/** One of `value` everywhere in the triple. */
export function flatTriple(value: number): Triple {
  return { min: value, plan: value, max: value };
}

/** A triple made from another, number by number. `f` must be monotone to keep the order. */
export function mapTriple(triple: Triple, f: (value: number) => number): Triple {
  return { min: f(triple.min), plan: f(triple.plan), max: f(triple.max) };
}

/** International avoirdupois pound, exact by definition. */
export const KG_PER_LB = 0.45359237;
export type MassUnits = "kg" | "lb";

/** Seconds as `m:ss`, hours as `h:mm:ss`: 245 → `4:05`. Negative numbers keep their sign. */
export function clockText(seconds: Seconds): string {
  const whole = Math.abs(Math.trunc(seconds));
  const s = String(whole % 60).padStart(2, "0");
  const sign = seconds < 0 ? "−" : "";
  if (whole < 3600) return `${sign}${Math.floor(whole / 60)}:${s}`;
  const m = String(Math.floor(whole / 60) % 60).padStart(2, "0");
  return `${sign}${Math.floor(whole / 3600)}:${m}:${s}`;
}

/** A change of a length: `+0:20`, `−1:05`. */
export function changeText(by: Seconds): string {
  return by < 0 ? clockText(by) : `+${clockText(by)}`;
}

/** The day of an instant in universal time, `YYYY-MM-DD`. */
export function dayOf(atMs: Ms): string {
  return new Date(atMs).toISOString().slice(0, 10);
}

/** Whether a text is an id as the database makes them. */
export function isUuid(text: string): boolean {
  return /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/i.test(text);
}

/** Whether a text is a day that there is, `YYYY-MM-DD`. */
export function isDay(text: string): boolean {
  const ms = Date.parse(`${text}T00:00:00Z`);
  return /^\d{4}-\d{2}-\d{2}$/.test(text) && !Number.isNaN(ms) && dayOf(ms) === text;
}
