/** The check of a move's facts: of the library, of a class's own moves, and of a move given by name. */
import {
  type Bounds,
  checkBoolean,
  checkDecimal,
  checkKey,
  checkList,
  checkNumber,
  checkObject,
  checkOneOf,
  checkText,
  checkWhole,
  type Faults,
  isObject,
  type Json,
  type ListBounds,
} from "../values/check-values";
import { at } from "../values/faults";
import { parseTempo } from "../values/tempo";
import { checkBody } from "./check-body";
import {
  IMPACTS,
  LINK_HOWS,
  LINK_KINDS,
  LOADS,
  MUSCLES,
  NEED_ROLES,
  NOISES,
  PATTERNS,
  POSITIONS,
  TENSIONS,
} from "./move";

const KEBAB = /^[a-z0-9]+(-[a-z0-9]+)*$/;
const REP_SECONDS = { least: 0, most: 120 };

/** Bounds of a move's lists: beyond what any move of the library has, and small enough to be searched. */
const NEED_LISTS: ListBounds = { least: 0, most: 6, what: "alternatives" };
const NEED_ROLES_IN_ONE: ListBounds = { least: 0, most: 6, what: "needs" };
export const LINKS: ListBounds = { least: 0, most: 40, what: "links" };
const SAYINGS: ListBounds = { least: 0, most: 10, what: "sentences" };
const STEPS: ListBounds = { least: 0, most: 30, what: "steps" };
const ALIASES: ListBounds = { least: 0, most: 20, what: "names" };
const ALIAS: Bounds = { least: 1, most: 120 };
/** Characters of a cue, a fault or a caution. */
const SAYING: Bounds = { least: 0, most: 500 };
/** A list of words of a closed list holds each once at most. */
const words = (closed: readonly unknown[], what: string): ListBounds => ({
  least: 0,
  most: closed.length,
  what,
});

/** Seconds of a rep: above 0, up to 120, at most two decimals. */
export function checkRepSeconds(faults: Faults, path: string, value: unknown): value is number {
  return checkDecimal(faults, path, value, REP_SECONDS, true);
}

function checkRange(faults: Faults, path: string, value: unknown): void {
  const fine =
    Array.isArray(value) && value.length === 2 && value.every((n) => typeof n === "number" && n >= 0);
  if (!fine) faults.add(path, { code: "kind", expected: "a list of two numbers, from and to" });
  else if (value[0] > value[1]) faults.add(path, { code: "span-order" });
}

function checkNeed(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "as", (p, v) => checkOneOf(faults, p, v, NEED_ROLES), true);
  checkKey(faults, path, value, "count", (p, v) => checkWhole(faults, p, v, { least: 1, most: 10 }));
  checkKey(faults, path, value, "equal", (p, v) => checkBoolean(faults, p, v));
  checkKey(faults, path, value, "firm", (p, v) => checkBoolean(faults, p, v));
  checkKey(faults, path, value, "optional", (p, v) => checkBoolean(faults, p, v));
  checkKey(faults, path, value, "bearsWeight", (p, v) => checkBoolean(faults, p, v));
  checkKey(faults, path, value, "kg", (p, v) => checkRange(faults, p, v));
  checkKey(faults, path, value, "heightCm", (p, v) => checkRange(faults, p, v));
  checkKey(faults, path, value, "at", (p, v) => checkOneOf(faults, p, v, ["low", "mid", "high"]));
  checkKey(faults, path, value, "tension", (p, v) =>
    checkList(faults, p, v, words(TENSIONS, "tensions"), (q, w) => checkOneOf(faults, q, w, TENSIONS)),
  );
}

function checkLink(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "to", (p, v) => checkText(faults, p, v, { least: 1, most: 100 }), true);
  checkKey(faults, path, value, "kind", (p, v) => checkOneOf(faults, p, v, LINK_KINDS), true);
  checkKey(faults, path, value, "how", (p, v) => checkOneOf(faults, p, v, LINK_HOWS));
}

function checkMuscles(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  for (const key of ["primary", "secondary"]) {
    checkKey(faults, path, value, key, (p, v) =>
      checkList(faults, p, v, words(MUSCLES, "muscles"), (q, w) => checkOneOf(faults, q, w, MUSCLES)),
    );
  }
}

/** The facts that are given of a move; what is left out is unknown, not wrong. */
export function checkFacts(faults: Faults, path: string, move: Json): void {
  const key = (name: string, check: (path: string, value: unknown) => unknown) =>
    checkKey(faults, path, move, name, check);
  key("repSeconds", (p, v) => checkRepSeconds(faults, p, v));
  key("pattern", (p, v) => checkOneOf(faults, p, v, PATTERNS));
  key("position", (p, v) => checkOneOf(faults, p, v, POSITIONS));
  key("impact", (p, v) => checkOneOf(faults, p, v, IMPACTS));
  key("noise", (p, v) => checkOneOf(faults, p, v, NOISES));
  key("sides", (p, v) => checkOneOf(faults, p, v, ["both", "alternating", "inTurn"]));
  key("isometric", (p, v) => checkBoolean(faults, p, v));
  key("stable", (p, v) => checkBoolean(faults, p, v));
  key("tempo", (p, v) => {
    if (typeof v !== "string" || !parseTempo(v)) faults.add(p, { code: "tempo" });
  });
  key("muscles", (p, v) => checkMuscles(faults, p, v));
  key("needs", (p, v) =>
    checkList(faults, p, v, NEED_LISTS, (q, w) =>
      checkList(faults, q, w, NEED_ROLES_IN_ONE, (r, x) => checkNeed(faults, r, x)),
    ),
  );
  key("loads", (p, v) =>
    checkList(faults, p, v, words(LOADS, "loads"), (q, w) => checkOneOf(faults, q, w, LOADS)),
  );
  key("links", (p, v) => checkList(faults, p, v, LINKS, (q, w) => checkLink(faults, q, w)));
  key("aliases", (p, v) => checkList(faults, p, v, ALIASES, (q, w) => checkText(faults, q, w, ALIAS)));
  for (const name of ["cues", "faults", "cautions"]) {
    key(name, (p, v) => checkList(faults, p, v, SAYINGS, (q, w) => checkText(faults, q, w, SAYING)));
  }
  key("steps", (p, v) => checkList(faults, p, v, STEPS, (q, w) => checkText(faults, q, w, SAYING)));
  for (const name of ["demoSeconds", "setupSeconds"]) {
    key(name, (p, v) => checkWhole(faults, p, v, { least: 0, most: 600 }));
  }
  key("energy", (p, v) => {
    if (!checkObject(faults, p, v)) return;
    checkKey(faults, p, v, "met", (q, w) => checkNumber(faults, q, w, { least: 1, most: 20 }), true);
    if (v.category !== undefined && v.category !== null)
      checkText(faults, at(p, "category"), v.category, { least: 0, most: 200 });
  });
  key("room", (p, v) => checkMeasures(faults, p, v, { lengthM: 50, heightCm: 500 }));
  key("landings", (p, v) => checkMeasures(faults, p, v, { perRep: 20, weight: 2 }));
  key("strength", (p, v) => checkStrength(faults, p, v));
  key("holdSeconds", (p, v) => checkWhole(faults, p, v, { least: 1, most: 3600 }));
  key("skill", (p, v) => checkWhole(faults, p, v, { least: 1, most: 5 }));
  key("phases", (p, v) => checkPhases(faults, p, v));
  key("body", (p, v) => checkBody(faults, p, v));
}

function checkStrength(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "body", (p, v) => checkNumber(faults, p, v, { least: 0, most: 1 }), true);
  const maximum = (p: string, v: unknown) => {
    if (checkNumber(faults, p, v, { least: 0, most: 20 }) && v === 0)
      faults.add(p, { code: "above", bound: 0 });
  };
  checkKey(faults, path, value, "maximum", maximum, true);
  checkKey(faults, path, value, "held", (p, v) => checkWhole(faults, p, v, { least: 0, most: 4 }), true);
}

function checkPhases(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "begins", (p, v) => checkOneOf(faults, p, v, ["lower", "lift"]), true);
  const four: ListBounds = { least: 4, most: 4, what: "phases" };
  const seconds = (p: string, v: unknown) => checkNumber(faults, p, v, { least: 0, most: 60 });
  checkKey(faults, path, value, "seconds", (p, v) => checkPhaseList(faults, p, v, four, seconds), true);
}

/** Phases may be alike, so that the list isn't one of different things. */
function checkPhaseList(
  faults: Faults,
  path: string,
  value: unknown,
  { least, most, what }: ListBounds,
  check: (path: string, value: unknown) => unknown,
): void {
  if (!Array.isArray(value) || value.length < least || value.length > most) {
    faults.add(path, { code: "length", least, most, what });
    return;
  }
  for (const [i, entry] of value.entries()) check(at(path, i), entry);
}

function checkMeasures(
  faults: Faults,
  path: string,
  value: unknown,
  most: Readonly<Record<string, number>>,
): void {
  if (!checkObject(faults, path, value)) return;
  for (const [name, limit] of Object.entries(most)) {
    checkKey(faults, path, value, name, (p, v) => checkNumber(faults, p, v, { least: 0, most: limit }));
  }
}

/** A move of the class's own: an id, a name, and the facts that are known. */
export function checkOwnMove(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(
    faults,
    path,
    value,
    "id",
    (p, v) => {
      if (checkText(faults, p, v, { least: 1, most: 100 }) && !KEBAB.test(v as string))
        faults.add(p, { code: "kebab" });
    },
    true,
  );
  checkKey(faults, path, value, "name", (p, v) => checkText(faults, p, v, { least: 1, most: 120 }), true);
  checkFacts(faults, path, value);
}

/** A slot's move: an id (whether the book has it is checked elsewhere) or a move by name. */
export function checkNamedMove(
  faults: Faults,
  path: string,
  value: unknown,
  checkLike: (path: string, value: unknown) => void,
): void {
  if (!isObject(value)) {
    faults.add(path, { code: "kind", expected: "a move id or an object with a name" });
    return;
  }
  checkKey(faults, path, value, "name", (p, v) => checkText(faults, p, v, { least: 1, most: 120 }), true);
  checkKey(faults, path, value, "like", checkLike);
  checkFacts(faults, path, value);
}
