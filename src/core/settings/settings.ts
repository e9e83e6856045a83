/** A studio's own numbers: the read-through's thresholds and the change-over table, over the defaults. */

import { STANCES, type Stance } from "../class/document";
import type { OwnRests } from "../class/new-class";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import { CHANGE_OVER, type ChangeOverTable } from "../parts/change-over";
import { err, ok, type Result } from "../result";
import type { MassUnits, Seconds } from "../units";
import { checkOneOf, checkText, Faults, isObject, type Json } from "../values/check-values";
import { at, type Fault } from "../values/faults";
import { DOCUMENT, unsound } from "../values/sound";

/** What classes and sessions begin with, and how masses are shown. */
export interface Teaching {
  /** IANA name of the zone in which classes are announced. */
  readonly timeZone: string;
  readonly units: MassUnits;
  readonly stance: Stance;
  /** Rests of a new block, seconds; 0 takes the stance's own. */
  readonly restSeconds: Seconds;
  readonly longRestSeconds: Seconds;
  /** Words of the instructor's own for everybody, on their pages: sleep, food, warm clothes. Brontle adds none. */
  readonly words: string;
}

export interface Settings {
  readonly teaching: Teaching;
  readonly thresholds: Thresholds;
  readonly changeOver: ChangeOverTable;
}

/** The rests that a studio's new blocks begin with, where it has its own. */
export function ownRests({ restSeconds, longRestSeconds }: Teaching): OwnRests {
  return {
    ...(restSeconds > 0 ? { rest: restSeconds } : {}),
    ...(longRestSeconds > 0 ? { longRest: longRestSeconds } : {}),
  };
}

export const SETTINGS: Settings = {
  teaching: { timeZone: "UTC", units: "kg", stance: "form", restSeconds: 0, longRestSeconds: 0, words: "" },
  thresholds: THRESHOLDS,
  changeOver: CHANGE_OVER,
};

/** Words that a setting may be, where they are few. */
const WORDS: Readonly<Record<string, readonly string[]>> = {
  "teaching.units": ["kg", "lb"],
  "teaching.stance": STANCES,
};

/** Whether there is a time zone of this name. */
export function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat("en", { timeZone: name });
    return true;
  } catch {
    return false;
  }
}

function checkWord(faults: Faults, path: string, value: unknown): void {
  const allowed = WORDS[path.replace(/^\$\.?/, "")];
  if (allowed) checkOneOf(faults, path, value, allowed);
  else if (path.endsWith("teaching.words")) checkText(faults, path, value, { least: 0, most: MOST_WORDS });
  else if (typeof value !== "string" || !isTimeZone(value))
    faults.add(path, { code: "kind", expected: "the name of a time zone" });
}

/** Characters of the words for everybody. */
export const MOST_WORDS = 1000;

/** No threshold or change-over is larger than this. */
const MOST = 10_000;

function checkNumber(faults: Faults, path: string, value: unknown): void {
  const fine = typeof value === "number" && Number.isFinite(value);
  if (!fine) faults.add(path, { code: "kind", expected: "a number" });
  else if (value < 0) faults.add(path, { code: "at-least", least: 0 });
  else if (value > MOST) faults.add(path, { code: "at-most", most: MOST });
}

function checkList(faults: Faults, path: string, value: unknown, model: readonly unknown[]): void {
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
}

function checkObject(faults: Faults, path: string, value: unknown, known: Json): void {
  if (!isObject(value)) {
    faults.add(path, { code: "kind", expected: "an object" });
    return;
  }
  // Kit that the default table doesn't name may be named by a studio.
  const kit = path.endsWith("putDown") || path.endsWith("takeUp");
  for (const [key, entry] of Object.entries(value)) {
    const own = known[key];
    if (own === undefined && !kit) faults.add(at(path, key), { code: "one-of", allowed: Object.keys(known) });
    else checkAgainst(faults, at(path, key), entry, own ?? 0);
  }
}

function checkAgainst(faults: Faults, path: string, value: unknown, model: unknown): void {
  if (typeof model === "number") checkNumber(faults, path, value);
  else if (typeof model === "string") checkWord(faults, path, value);
  else if (Array.isArray(model)) checkList(faults, path, value, model);
  else checkObject(faults, path, value, model as Json);
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
  const wrong = unsound(value, DOCUMENT);
  if (wrong) return err([wrong]);
  checkAgainst(faults, "$", value, SETTINGS);
  return faults.any ? err(faults.list) : ok(merged(SETTINGS, value) as Settings);
}
