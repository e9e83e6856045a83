/** Doses, loads and ways: the check of what a slot asks for. */
import { checkRepSeconds } from "../moves/check-move";
import {
  type Bounds,
  checkKey,
  checkNumber,
  checkObject,
  checkOneOf,
  checkSpan,
  checkText,
  checkWhole,
  type Faults,
  type Json,
  TIME,
} from "../values/check-values";
import { at } from "../values/faults";
import { parseTempo } from "../values/tempo";
import { LOAD_TARGETS, MOST_ROUNDS } from "./document";
import type { DoseKind } from "./dose";
import { DOSE_KINDS, DOSES, REPS } from "./dose-kinds";

const AMOUNT: Bounds = { least: 1, most: TIME.most };

function checkTempo(faults: Faults, path: string, value: unknown): void {
  if (typeof value !== "string" || !parseTempo(value)) faults.add(path, { code: "tempo" });
}

/**
 * One dose. `halved`: its number is a total over both sides in turn, so that it must be at least 2.
 * Gives the dose's kind where it has exactly one, else null.
 */
export function checkDose(
  faults: Faults,
  path: string,
  value: unknown,
  halved: boolean,
  checkMove: (path: string, value: unknown) => void,
): DoseKind | null {
  if (!checkObject(faults, path, value)) return null;
  const given = DOSE_KINDS.filter((kind) => value[kind] !== undefined);
  const least = halved ? 2 : 1;
  for (const kind of given) DOSES[kind].check(faults, at(path, kind), value[kind], least, checkMove);
  // Beside a sequence the seconds are its own.
  const kinds = given.includes("sequence") ? given.filter((kind) => kind !== "seconds") : given;
  checkKey(faults, path, value, "tempo", (p, v) => checkTempo(faults, p, v));
  checkKey(faults, path, value, "repSeconds", (p, v) => checkRepSeconds(faults, p, v));
  checkKey(faults, path, value, "within", (p, v) => checkWhole(faults, p, v, AMOUNT));
  const kind = kinds.length === 1 ? (kinds[0] ?? null) : null;
  if (kind === null) {
    faults.add(path, { code: "exactly-one", allowed: DOSE_KINDS });
    return null;
  }
  const onlyWith = (key: string, allows: "windows" | "paced") => {
    if (value[key] === undefined || DOSES[kind][allows]) return;
    const kinds = DOSE_KINDS.filter((each) => DOSES[each][allows]);
    const text = [kinds.slice(0, -1).join(", "), ...kinds.slice(-1)].filter(Boolean).join(" and ");
    faults.add(at(path, key), { code: "only-with", kinds: text });
  };
  onlyWith("within", "windows");
  onlyWith("tempo", "paced");
  onlyWith("repSeconds", "paced");
  checkBeside(faults, path, value, kind, least);
  return kind === "sequence" && value.seconds !== undefined ? "seconds" : kind;
}

/** What stands beside a reserve, and after the last rep. */
function checkBeside(faults: Faults, path: string, value: Json, kind: DoseKind, least: number): void {
  if (kind === "reserve") {
    const bounds = { ...AMOUNT, least };
    checkKey(faults, path, value, "allow", (p, v) => checkSpan(faults, p, v, bounds), true);
  } else if (value.allow !== undefined)
    faults.add(at(path, "allow"), { code: "only-with", kinds: "reserve" });
  if (value.then === undefined) return;
  if (kind !== "reps" || value.within !== undefined)
    faults.add(at(path, "then"), { code: "only-with", kinds: "reps without within" });
  checkKey(faults, path, value, "then", (p, v) => checkThen(faults, p, v));
}

const THEN: Bounds = { least: 1, most: 100 };

function checkThen(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  for (const key of ["pulses", "hold"])
    checkKey(faults, path, value, key, (p, v) => checkWhole(faults, p, v, THEN));
  if ((value.pulses === undefined) === (value.hold === undefined))
    faults.add(path, { code: "exactly-one", allowed: ["pulses", "hold"] });
}

const LOAD_KEYS = ["target", "kg", "rir", "rpe"] as const;

/** One load: exactly one of target, kg, rir, rpe. */
export function checkLoad(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "target", (p, v) => checkOneOf(faults, p, v, LOAD_TARGETS));
  checkKey(faults, path, value, "kg", (p, v) => checkNumber(faults, p, v, { least: 0, most: 500 }));
  for (const key of ["rir", "rpe"]) {
    checkKey(faults, path, value, key, (p, v) => checkNumber(faults, p, v, { least: 0, most: 10 }));
  }
  const given = LOAD_KEYS.filter((key) => value[key] !== undefined);
  if (given.length !== 1) faults.add(path, { code: "exactly-one", allowed: LOAD_KEYS });
}

/** What a way may lean on: whether its slot is timed or counted, and its shortest planned seconds. */
export interface WayContext {
  readonly timed: boolean;
  readonly counted: boolean;
  readonly smallestPlan: number | null;
  readonly checkMove: (path: string, value: unknown) => void;
}

function checkWay(faults: Faults, path: string, value: unknown, context: WayContext): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "move", context.checkMove);
  checkKey(faults, path, value, "tempo", (p, v) => checkTempo(faults, p, v));
  checkKey(faults, path, value, "load", (p, v) => checkLoad(faults, p, v));
  checkKey(faults, path, value, "note", (p, v) => checkText(faults, p, v));
  checkKey(faults, path, value, "rounds", (p, v) =>
    checkWhole(faults, p, v, { least: 1, most: MOST_ROUNDS }),
  );
  checkKey(faults, path, value, "reps", (p, v) => {
    if (checkSpan(faults, p, v, REPS) && !context.counted) {
      faults.add(p, { code: "only-with", kinds: "slots dosed in reps" });
    }
  });
  checkKey(faults, path, value, "seconds", (p, v) => {
    if (!checkWhole(faults, p, v, AMOUNT)) return;
    if (!context.timed) faults.add(p, { code: "only-with", kinds: "timed slots" });
    else if (context.smallestPlan !== null && (v as number) > context.smallestPlan) {
      faults.add(p, { code: "at-most", most: context.smallestPlan });
    }
  });
}

/** The easier and the harder way of a slot. */
export function checkMarks(faults: Faults, path: string, value: unknown, context: WayContext): void {
  if (!checkObject(faults, path, value)) return;
  for (const mark of ["flat", "sharp"]) {
    checkKey(faults, path, value as Json, mark, (p, v) => checkWay(faults, p, v, context));
  }
}
