/** What is typed as the load of a slot: one for all its rounds, or one for each with slashes between. */
import { LOAD_TARGETS, type Load, type Slot } from "../class/document";
import { takeLoad } from "./amounts";
import { Pencil } from "./pencil";

export type TypedLoad =
  /** Undefined: nothing is said of it. */
  { readonly ok: true; readonly load: Slot["load"] } | { readonly ok: false };

/** One load: a word, kilograms, a reserve, an RPE. */
function one(text: string): Load | null {
  const word = LOAD_TARGETS.find((target) => target === text.trim().toLowerCase());
  if (word) return { target: word };
  const pencil = new Pencil(` ${text} `, 1, 0);
  const load = takeLoad(pencil);
  return load && pencil.left.trim() === "" ? load : null;
}

/** What the last says behind its number holds for bare numbers before it: `12/14/16 kg`. */
function withUnits(parts: readonly string[]): readonly string[] {
  const [, unit = ""] = /^\s*\d+(?:\.\d+)?\s*(\D.*)$/.exec(parts.at(-1) ?? "") ?? [];
  return parts.map((part) => (/^\s*\d+(?:\.\d+)?\s*$/.test(part) ? `${part} ${unit}` : part));
}

/** Reads `heavy`, `16 kg`, `2 in reserve`, `RPE 8`, `12/14/16 kg`, `light/medium/heavy`; nothing or a dash is none said. */
export function typedLoad(text: string): TypedLoad {
  if (/^\s*[-–—]?\s*$/.test(text)) return { ok: true, load: undefined };
  const loads = withUnits(text.split("/")).map(one);
  const all = loads.flatMap((load) => load ?? []);
  if (all.length < loads.length) return { ok: false };
  return { ok: true, load: all.length === 1 ? (all[0] as Load) : all };
}

function oneText({ target, kg, rir, rpe }: Load): string {
  if (kg !== undefined) return `${kg} kg`;
  if (rir !== undefined) return `${rir} in reserve`;
  return rpe === undefined ? (target ?? "") : `RPE ${rpe}`;
}

/** A load as it is typed: what is read of it is the same again. Empty where nothing is said. */
export function loadTyped(load: Slot["load"]): string {
  if (load === undefined) return "";
  if (!Array.isArray(load)) return oneText(load as Load);
  const loads = load as readonly Load[];
  const weights = loads.flatMap(({ kg }) => kg ?? []);
  return weights.length === loads.length ? `${weights.join("/")} kg` : loads.map(oneText).join("/");
}
