/** A studio's own numbers: the read-through's thresholds and the change-over table, over the defaults. */
import { Faults, isObject, type Json } from "./class/check-values";
import { at, type Fault } from "./class/faults";
import { CHANGE_OVER, type ChangeOverTable } from "./parts/change-over";
import { err, ok, type Result } from "./result";
import { THRESHOLDS, type Thresholds } from "./review/thresholds";

export interface Settings {
  readonly thresholds: Thresholds;
  readonly changeOver: ChangeOverTable;
}

export const SETTINGS: Settings = { thresholds: THRESHOLDS, changeOver: CHANGE_OVER };

/** No threshold or change-over is larger than this. */
const MOST = 10_000;

function checkAgainst(faults: Faults, path: string, value: unknown, model: unknown): void {
  if (typeof model === "number") {
    const fine = typeof value === "number" && Number.isFinite(value);
    if (!fine) faults.add(path, { code: "kind", expected: "a number" });
    else if (value < 0) faults.add(path, { code: "at-least", least: 0 });
    else if (value > MOST) faults.add(path, { code: "at-most", most: MOST });
    return;
  }
  if (Array.isArray(model)) {
    if (!Array.isArray(value) || value.length !== model.length) {
      faults.add(path, { code: "kind", expected: `a list of ${model.length} numbers` });
      return;
    }
    for (const [i, entry] of value.entries()) checkAgainst(faults, at(path, i), entry, model[i]);
    // Ranges go up; the two lengths of warm-ups go down, the long class first.
    const [a, b] = value as number[];
    const rising = (model[0] as number) <= (model[1] as number);
    if (model.length === 2 && rising && typeof a === "number" && typeof b === "number" && a > b) {
      faults.add(path, { code: "span-order" });
    }
    return;
  }
  if (!isObject(value)) {
    faults.add(path, { code: "kind", expected: "an object" });
    return;
  }
  const known = model as Json;
  for (const [key, entry] of Object.entries(value)) {
    const own = known[key];
    // Kit that the default table doesn't name may be named by a studio.
    const kit = path.endsWith("putDown") || path.endsWith("takeUp");
    if (own === undefined && !kit) faults.add(at(path, key), { code: "one-of", allowed: Object.keys(known) });
    else checkAgainst(faults, at(path, key), entry, own ?? 0);
  }
}

function merged(model: unknown, value: unknown): unknown {
  if (value === undefined) return model;
  if (!isObject(model) || !isObject(value)) return value;
  const keys = new Set([...Object.keys(model), ...Object.keys(value)]);
  return Object.fromEntries([...keys].map((key) => [key, merged(model[key], value[key])]));
}

/** Reads a studio's settings: any part of the two tables; what is left out keeps its default. */
export function readSettings(value: unknown): Result<Settings, readonly Fault[]> {
  const faults = new Faults();
  checkAgainst(faults, "$", value, SETTINGS);
  return faults.list.length > 0 ? err(faults.list) : ok(merged(SETTINGS, value) as Settings);
}
