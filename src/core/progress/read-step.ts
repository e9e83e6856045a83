/** A step as it comes from outside. */
import { WAYS_ON } from "../homes/goals";
import type { Step } from "./proposal";

const KEYS: Readonly<Record<Step["do"], readonly string[]>> = {
  same: [],
  ask: [],
  weight: ["fromKg", "toKg"],
  reps: ["from", "to"],
  hold: ["from", "to"],
  move: ["to", "way"],
  keep: ["rounds", "seconds"],
  ...(Object.fromEntries(WAYS_ON.map((way) => [way, []])) as unknown as Record<
    (typeof WAYS_ON)[number],
    readonly string[]
  >),
};
const MOST = 7200;

/** Whether a value is a step, with nothing else beside it. */
export function isStep(value: unknown): value is Step {
  if (typeof value !== "object" || value === null || Array.isArray(value)) return false;
  const { do: kind, ...rest } = value as Record<string, unknown>;
  const keys = typeof kind === "string" && Object.hasOwn(KEYS, kind) ? KEYS[kind as Step["do"]] : null;
  if (!keys || Object.keys(rest).some((key) => !keys.includes(key))) return false;
  if (kind === "keep") return Object.keys(rest).length === 1 && Object.values(rest).every(isCount);
  return keys.every((key) => {
    const own = rest[key];
    if (kind === "move") return key === "way" ? own === "easier" || own === "harder" : isId(own);
    return isCount(own);
  });
}

const isCount = (n: unknown) => typeof n === "number" && Number.isFinite(n) && n >= 0 && n <= MOST;
const isId = (text: unknown) => typeof text === "string" && text.length > 0 && text.length <= 100;
