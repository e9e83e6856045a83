/** The small checks of which the document's check is made. Each adds its faults and never throws. */
import { at, type Fault, type FaultRule } from "./faults";
import { hasCentiseconds } from "./tempo";

export type Json = Readonly<Record<string, unknown>>;

/** So many faults are told; of the others how many there are. */
export const MOST_FAULTS = 50;

/** Gathers faults; one is handed through the whole check. */
export class Faults {
  private readonly kept: Fault[] = [];
  private left = 0;

  /** Whether anything is wrong. */
  get any(): boolean {
    return this.kept.length > 0;
  }

  /** Whether another fault would only be counted: what is dear to work out for its sentence isn't wanted then. */
  get full(): boolean {
    return this.kept.length >= MOST_FAULTS;
  }

  /** The first fifty in the order they were found, and as a last one how many more there are. */
  get list(): readonly Fault[] {
    return this.left === 0 ? this.kept : [...this.kept, { path: "$", code: "more", count: this.left }];
  }

  /** Notes a fault and gives false, so that a check can `return faults.add(…)`. */
  add(path: string, rule: FaultRule): false {
    if (this.full) this.left += rule.code === "more" ? rule.count : 1;
    else if (rule.code === "more") this.left += rule.count;
    else this.kept.push({ path, ...rule });
    return false;
  }
}

export interface Bounds {
  readonly least: number;
  readonly most: number;
}

/** Times of a document. */
export const TIME: Bounds = { least: 0, most: 7200 };

export function isObject(value: unknown): value is Json {
  return typeof value === "object" && value !== null && !Array.isArray(value);
}

function bounded(faults: Faults, path: string, value: number, bounds: Bounds): boolean {
  if (value < bounds.least) return faults.add(path, { code: "at-least", least: bounds.least });
  if (value > bounds.most) return faults.add(path, { code: "at-most", most: bounds.most });
  return true;
}

/** A whole number within the bounds. */
export function checkWhole(faults: Faults, path: string, value: unknown, bounds: Bounds): value is number {
  if (typeof value !== "number" || !Number.isInteger(value)) {
    return faults.add(path, { code: "kind", expected: "a whole number" });
  }
  return bounded(faults, path, value, bounds);
}

/** Any finite number within the bounds. */
export function checkNumber(faults: Faults, path: string, value: unknown, bounds: Bounds): value is number {
  if (typeof value !== "number" || !Number.isFinite(value)) {
    return faults.add(path, { code: "kind", expected: "a number" });
  }
  return bounded(faults, path, value, bounds);
}

/** Seconds with at most two decimals; `above`: the lower bound itself is not allowed. */
export function checkDecimal(
  faults: Faults,
  path: string,
  value: unknown,
  bounds: Bounds,
  above = false,
): value is number {
  if (typeof value !== "number" || !Number.isFinite(value)) {
    return faults.add(path, { code: "kind", expected: "a number" });
  }
  if (above && value <= bounds.least) return faults.add(path, { code: "above", bound: bounds.least });
  if (!bounded(faults, path, value, bounds)) return false;
  return hasCentiseconds(value) || faults.add(path, { code: "decimals" });
}

/** A span: a whole number, or an object with whole `min`, `max` and perhaps `plan`, in order. */
export function checkSpan(faults: Faults, path: string, value: unknown, bounds: Bounds): boolean {
  if (!isObject(value)) {
    if (typeof value !== "number" || !Number.isInteger(value)) {
      return faults.add(path, { code: "kind", expected: "a whole number or a span of min and max" });
    }
    return bounded(faults, path, value, bounds);
  }
  let fine = true;
  for (const key of ["min", "max"] as const) {
    if (value[key] === undefined) fine = faults.add(at(path, key), { code: "missing" });
    else fine = checkWhole(faults, at(path, key), value[key], bounds) && fine;
  }
  if (value.plan !== undefined) fine = checkWhole(faults, at(path, "plan"), value.plan, bounds) && fine;
  if (!fine) return false;
  const { min, max } = value as { min: number; max: number };
  const plan = (value.plan as number | undefined) ?? min;
  return (min <= plan && plan <= max && min <= max) || faults.add(path, { code: "span-order" });
}

/** A string; `least` and `most` count characters, not code units. */
export function checkText(
  faults: Faults,
  path: string,
  value: unknown,
  bounds: Bounds = { least: 0, most: 10_000 },
): value is string {
  if (typeof value !== "string") return faults.add(path, { code: "kind", expected: "a text" });
  // A text of at most `most` code units has at most as many characters: no need to split it.
  const length = value.length <= bounds.most && value.length !== 0 ? value.length : [...value].length;
  if (length < bounds.least || length > bounds.most) {
    return faults.add(path, { code: "length", ...bounds, what: "characters" });
  }
  return true;
}

/** One of a closed list of words. */
export function checkOneOf<T extends string>(
  faults: Faults,
  path: string,
  value: unknown,
  allowed: readonly T[],
): value is T {
  if (typeof value === "string" && (allowed as readonly string[]).includes(value)) return true;
  return faults.add(path, { code: "one-of", allowed });
}

export function checkBoolean(faults: Faults, path: string, value: unknown): value is boolean {
  return typeof value === "boolean" || faults.add(path, { code: "kind", expected: "true or false" });
}

/** How long a list may be, and what its entries are called. */
export interface ListBounds extends Bounds {
  readonly what: string;
}

/**
 * A list; `each` checks one entry. The length comes first: of a list that is too long no entry is looked
 * at. One that is too short is a fault and its entries are checked all the same.
 */
export function checkList(
  faults: Faults,
  path: string,
  value: unknown,
  bounds: ListBounds,
  each: (path: string, entry: unknown, index: number) => void,
): value is readonly unknown[] {
  if (!Array.isArray(value)) return faults.add(path, { code: "kind", expected: "a list" });
  const { least, most, what } = bounds;
  if (value.length > most) return faults.add(path, { code: "length", least, most, what });
  for (let i = 0; i < value.length; i += 1) each(at(path, i), value[i], i);
  return value.length >= least || faults.add(path, { code: "length", least, most, what });
}

/** An object, with its own sentence where it isn't one. */
export function checkObject(faults: Faults, path: string, value: unknown): value is Json {
  return isObject(value) || faults.add(path, { code: "kind", expected: "an object" });
}

/** Runs `check` on a key that is there; a missing one is a fault only where `required`. */
export function checkKey(
  faults: Faults,
  path: string,
  object: Json,
  key: string,
  check: (path: string, value: unknown) => unknown,
  required = false,
): void {
  const value = object[key];
  if (value !== undefined) check(at(path, key), value);
  else if (required) faults.add(at(path, key), { code: "missing" });
}
