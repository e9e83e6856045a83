/** Reading a roster: people and homes, every fault at once. */

import { PATTERNS, TENSIONS } from "../moves/move";
import { err, ok, type Result } from "../result";
import {
  checkBoolean,
  checkKey,
  checkList,
  checkNumber,
  checkObject,
  checkOneOf,
  checkText,
  checkWhole,
  Faults,
  isObject,
  type ListBounds,
} from "../values/check-values";
import { at, type Fault } from "../values/faults";
import { DOCUMENT, ROSTER, unsound } from "../values/sound";
import { WAYS_ON } from "./goals";
import { FLOORS, MARKS, type Person, type Roster } from "./home";
import { KIT_TYPES } from "./kit";
import { LIMITS } from "./limits";
import { isMailAddress } from "./mail-address";

/** Bounds of a person's lists; lines of kit, each with a count. */
export const MOST_KIT = 100;
const KIT: ListBounds = { least: 0, most: MOST_KIT, what: "kinds of kit" };
const LIMIT_LIST: ListBounds = { least: 0, most: LIMITS.length, what: "limits" };
/** Known sets of one person. */
export const MOST_SETS = 500;
const WORKING_SETS: ListBounds = { least: 0, most: MOST_SETS, what: "working sets" };
const WAYS: ListBounds = { least: 0, most: WAYS_ON.length, what: "ways" };
const PEOPLE: ListBounds = { least: 0, most: 1000, what: "people" };
/** Standing choices of one person. */
const MOST_ALWAYS = 300;

/** Sizes that a measure may have; far beyond what a home holds. */
const MEASURES: Readonly<Record<string, number>> = {
  kg: 500,
  minKg: 500,
  maxKg: 500,
  stepKg: 100,
  fullStretchKg: 200,
  litres: 50,
  grams: 50_000,
  heightCm: 300,
};

/** One line of kit. */
export function checkKitItem(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "id", (p, v) => checkText(faults, p, v, { least: 1, most: 100 }), true);
  checkKey(faults, path, value, "type", (p, v) => checkOneOf(faults, p, v, KIT_TYPES), true);
  checkKey(faults, path, value, "count", (p, v) => checkWhole(faults, p, v, { least: 1, most: 100 }));
  checkKey(faults, path, value, "changeSeconds", (p, v) => checkWhole(faults, p, v, { least: 0, most: 600 }));
  for (const [name, most] of Object.entries(MEASURES)) {
    checkKey(faults, path, value, name, (p, v) => checkNumber(faults, p, v, { least: 0, most }));
  }
  if (typeof value.minKg === "number" && typeof value.maxKg === "number" && value.minKg > value.maxKg) {
    faults.add(path, { code: "kind", expected: "a range with minKg not above maxKg" });
  }
  checkKey(faults, path, value, "tension", (p, v) => checkOneOf(faults, p, v, TENSIONS));
  checkKey(faults, path, value, "opens", (p, v) => checkOneOf(faults, p, v, ["away", "towards"]));
  for (const name of ["handles", "sturdy", "latches"]) {
    checkKey(faults, path, value, name, (p, v) => checkBoolean(faults, p, v));
  }
}

function checkSpace(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "floor", (p, v) => checkOneOf(faults, p, v, FLOORS));
  checkKey(faults, path, value, "lengthM", (p, v) => checkNumber(faults, p, v, { least: 0, most: 100 }));
  checkKey(faults, path, value, "ceilingCm", (p, v) => checkNumber(faults, p, v, { least: 100, most: 1000 }));
  for (const name of ["jumping", "wall"])
    checkKey(faults, path, value, name, (p, v) => checkBoolean(faults, p, v));
}

function checkWorkingSet(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "move", (p, v) => checkText(faults, p, v, { least: 1, most: 100 }), true);
  checkKey(faults, path, value, "kg", (p, v) => checkNumber(faults, p, v, { least: 0, most: 500 }));
  checkKey(faults, path, value, "tension", (p, v) => checkOneOf(faults, p, v, TENSIONS));
  checkKey(faults, path, value, "strands", (p, v) => checkWhole(faults, p, v, { least: 1, most: 4 }));
  checkKey(faults, path, value, "reps", (p, v) => checkWhole(faults, p, v, { least: 1, most: 1000 }));
  checkKey(faults, path, value, "seconds", (p, v) => checkWhole(faults, p, v, { least: 1, most: 7200 }));
  checkKey(faults, path, value, "rir", (p, v) => checkNumber(faults, p, v, { least: 0, most: 10 }));
  checkKey(faults, path, value, "date", (p, v) => checkDay(faults, p, v));
  for (const both of [
    ["reps", "seconds"],
    ["kg", "tension"],
  ]) {
    const given = both.filter((key) => value[key] !== undefined);
    const isFault = given.length > 1 || (both[0] === "reps" && given.length === 0);
    if (isFault) faults.add(path, { code: "exactly-one", allowed: both });
  }
}

/** A day as `YYYY-MM-DD` that the calendar has. */
function checkDay(faults: Faults, path: string, value: unknown): void {
  const there = typeof value === "string" && /^\d{4}-\d{2}-\d{2}$/.test(value);
  const day = there ? new Date(`${value}T00:00:00Z`) : null;
  if (!day || Number.isNaN(day.getTime()) || day.toISOString().slice(0, 10) !== value) {
    faults.add(path, { code: "kind", expected: "a day, as in 2026-11-26" });
  }
}

function checkUniqueIds(faults: Faults, path: string, list: readonly unknown[], what: string): void {
  const seen = new Map<string, string>();
  list.forEach((entry, i) => {
    if (!isObject(entry) || typeof entry.id !== "string") return;
    const first = seen.get(entry.id);
    if (first !== undefined) faults.add(at(at(path, i), "id"), { code: "not-unique", what, first });
    else seen.set(entry.id, at(path, i));
  });
}

function checkInto(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  const key = (name: string, check: (path: string, value: unknown) => unknown, required = false) =>
    checkKey(faults, path, value, name, check, required);
  key("id", (p, v) => checkText(faults, p, v, { least: 1, most: 100 }), true);
  key("name", (p, v) => checkText(faults, p, v, { least: 1, most: 120 }), true);
  key("mark", (p, v) => checkOneOf(faults, p, v, MARKS));
  key("marks", (p, v) => {
    if (!checkObject(faults, p, v)) return;
    for (const [pattern, mark] of Object.entries(v)) {
      if (!(PATTERNS as readonly string[]).includes(pattern)) {
        faults.add(at(p, pattern), { code: "one-of", allowed: PATTERNS });
      } else checkOneOf(faults, at(p, pattern), mark, MARKS);
    }
  });
  key("limits", (p, v) => checkList(faults, p, v, LIMIT_LIST, (q, w) => checkOneOf(faults, q, w, LIMITS)));
  key("units", (p, v) => checkOneOf(faults, p, v, ["kg", "lb"]));
  for (const name of ["timeZone", "language"])
    key(name, (p, v) => checkText(faults, p, v, { least: 1, most: 60 }));
  key("email", (p, v) => {
    const fine = checkText(faults, p, v, { least: 3, most: 254 }) && isMailAddress(v);
    if (typeof v === "string" && !fine) faults.add(p, { code: "kind", expected: "an e-mail address" });
  });
  key("space", (p, v) => checkSpace(faults, p, v));
  key("kit", (p, v) => {
    if (checkList(faults, p, v, KIT, (q, w) => checkKitItem(faults, q, w)))
      checkUniqueIds(faults, p, v, "kit");
  });
  key("coming", (p, v) => checkBoolean(faults, p, v));
  key("bodyKg", (p, v) => checkNumber(faults, p, v, { least: 20, most: 400 }));
  key("heightCm", (p, v) => checkNumber(faults, p, v, { least: 50, most: 260 }));
  key("country", (p, v) => {
    if (typeof v !== "string" || !/^[A-Z]{2}$/.test(v))
      faults.add(p, { code: "kind", expected: "two capital letters, a country of ISO 3166" });
  });
  key("quiet", (p, v) => checkQuiet(faults, p, v));
  key("always", (p, v) => {
    if (!checkObject(faults, p, v)) return;
    const choices = Object.entries(v);
    if (choices.length > MOST_ALWAYS)
      return faults.add(p, { code: "length", least: 0, most: MOST_ALWAYS, what: "standing choices" });
    for (const [from, to] of choices) checkText(faults, at(p, from), to, { least: 1, most: 100 });
  });
  key("household", (p, v) => checkText(faults, p, v, { least: 1, most: 100 }));
  key("goals", (p, v) => checkGoals(faults, p, v));
  key("workingSets", (p, v) =>
    checkList(faults, p, v, WORKING_SETS, (q, w) => checkWorkingSet(faults, q, w)),
  );
}

function checkGoals(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  const goals = Object.entries(value);
  if (goals.length > MOST_ALWAYS) {
    faults.add(path, { code: "length", least: 0, most: MOST_ALWAYS, what: "goals" });
    return;
  }
  for (const [move, goal] of goals) {
    const where = at(path, move);
    if (!checkObject(faults, where, goal)) continue;
    const key = (name: string, check: (path: string, value: unknown) => unknown, required = false) =>
      checkKey(faults, where, goal, name, check, required);
    key("since", (p, v) => checkDay(faults, p, v), true);
    key("kg", (p, v) => checkNumber(faults, p, v, { least: 0, most: 500 }));
    key("reps", (p, v) => checkWhole(faults, p, v, { least: 1, most: 1000 }));
    key("seconds", (p, v) => checkWhole(faults, p, v, { least: 1, most: 7200 }));
    key("rounds", (p, v) => checkWhole(faults, p, v, { least: 1, most: 100 }));
    key("atMost", (p, v) => v === true || faults.add(p, { code: "kind", expected: "true" }));
    key("on", (p, v) => checkList(faults, p, v, WAYS, (q, w) => checkOneOf(faults, q, w, WAYS_ON)));
    key("move", (p, v) => checkText(faults, p, v, { least: 1, most: 100 }));
  }
}

/** Hours of the day in which it is to be quiet; from the evening to the morning as well as within a day. */
function checkQuiet(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  for (const name of ["from", "to"]) {
    checkKey(
      faults,
      path,
      value,
      name,
      (p, v) => {
        if (typeof v !== "string" || !/^([01]\d|2[0-3]):[0-5]\d$/.test(v))
          faults.add(p, { code: "kind", expected: "a time of day, 21:00" });
      },
      true,
    );
  }
}

/** Checks one person; the value itself is given back, so unknown keys survive. */
export function checkPerson(value: unknown): Result<Person, readonly Fault[]> {
  const faults = new Faults();
  const wrong = unsound(value, DOCUMENT);
  if (wrong) return err([wrong]);
  checkInto(faults, "$", value);
  return faults.any ? err(faults.list) : ok(value as Person);
}

/** Checks a whole roster. */
export function checkRoster(value: unknown): Result<Roster, readonly Fault[]> {
  const faults = new Faults();
  const wrong = unsound(value, ROSTER);
  if (wrong) return err([wrong]);
  if (!checkObject(faults, "$", value)) return err(faults.list);
  checkKey(faults, "$", value, "format", (p, v) => checkOneOf(faults, p, v, ["brontle.roster"]), true);
  checkKey(
    faults,
    "$",
    value,
    "version",
    (p, v) => v === 1 || faults.add(p, { code: "kind", expected: "1" }),
    true,
  );
  checkKey(
    faults,
    "$",
    value,
    "people",
    (p, v) => {
      if (checkList(faults, p, v, PEOPLE, (q, w) => checkInto(faults, q, w)))
        checkUniqueIds(faults, p, v, "people");
    },
    true,
  );
  return faults.any ? err(faults.list) : ok(value as unknown as Roster);
}
