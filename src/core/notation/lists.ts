/** What a line says set by set: `12/10/8 reps`, `50 s / 40 s / 30 s`, `12/10/8 kg`, `20 % less each set`. */
import type { Load } from "../class/document";
import { secondsIn } from "../values/typed-number";
import { COUNT, countIn, TIME } from "./amounts";
import type { Amount } from "./item-amount";
import type { Pencil } from "./pencil";

/** The tempo of one of a list, as `doseText` writes it. */
const TEMPO = String.raw`(?:\s+at\s+(\d{1,2}-\d{1,2}-(?:\d{1,2}|x)-\d{1,2}))?`;
const PIECE = String.raw`(?:(hold\s+)?(${TIME})|(${COUNT})(\s*reps?)?${TEMPO})`;
const ONE = new RegExp(`^${PIECE}$`, "i");
const BARE = PIECE.replace(/\((?!\?)/g, "(?:");
const LIST = new RegExp(String.raw`(?:^|(?<=[\s,(@]))${BARE}(?:\s*\/\s*${BARE})+(?=$|[\s,;.)])`, "i");

/** One dose of a list, and the tempo that stands with it. */
export interface ListedAmount {
  readonly amount: Amount;
  readonly tempo: string | null;
}

const none: Amount = { reps: null, seconds: null, hold: false, toLimit: null, ladder: null, sets: null };

function listed(text: string): (ListedAmount & { readonly unit: boolean }) | null {
  const match = ONE.exec(text.trim());
  if (!match) return null;
  const [, held, time, count, reps, tempo] = match;
  if (time !== undefined) {
    const amount = { ...none, seconds: secondsIn(time), hold: held !== undefined };
    return { amount, tempo: null, unit: held !== undefined };
  }
  return { amount: { ...none, reps: countIn(count ?? "") }, tempo: tempo ?? null, unit: reps !== undefined };
}

/**
 * Strikes out a list of doses, one for each set: three and more, or two where words say that they are (`40/20` and
 * `40 s / 20 s` are work and rest). Null where there is none.
 */
export function takeDoses(pencil: Pencil): readonly ListedAmount[] | null {
  const match = LIST.exec(pencil.left);
  if (!match) return null;
  const pieces = match[0].split("/").map(listed);
  const all = pieces.flatMap((piece) => piece ?? []);
  if (all.length < pieces.length || (all.length < 3 && !all.some(({ unit }) => unit))) return null;
  pencil.take(LIST);
  return all.map(({ amount, tempo }) => ({ amount, tempo }));
}

const KG = String.raw`\d{1,3}(?:\.\d{1,2})?`;
const WEIGHTS = new RegExp(String.raw`(?:@\s*)?\b(${KG}(?:\s*\/\s*${KG})+)\s*kgs?\b`, "i");

/** Strikes out a list of weights, one for each set. */
export function takeWeights(pencil: Pencil): readonly Load[] | null {
  const [, text] = pencil.take(WEIGHTS)?.match ?? [];
  return text ? text.split("/").map((kg) => ({ kg: Number(kg) })) : null;
}

/** So much lighter: each set than the one before it, or all later ones than the first. */
export interface Less {
  readonly percent: number;
  readonly each: boolean;
}

/** Strikes out `20 % less`, `10 per cent lighter each set`. */
export function takeLess(pencil: Pencil): Less | null {
  const struck = pencil.take(
    /\b(?:then\s+)?(\d{1,2})\s*(?:%|per\s?cent)\s*(?:less|lighter|off)\b(\s*(?:each|every|per)(?:\s+(?:set|round))?)?/i,
  );
  const percent = Number(struck?.match[1] ?? 0);
  return percent > 0 ? { percent, each: struck?.match[2] !== undefined } : null;
}

/** Weights are told to a quarter of a kilogram. */
const QUARTER = 4;

/** The weights of so many sets from the first one on, kg. */
export function lessKg(kg: number, { percent, each }: Less, sets: number): readonly Load[] {
  const share = 1 - percent / 100;
  return Array.from({ length: sets }, (_, i) => {
    const now = i === 0 ? kg : kg * (each ? share ** i : share);
    return { kg: i === 0 ? kg : Math.round(now * QUARTER) / QUARTER };
  });
}
