/** How much of a move, and on which sides, as it is typed. */
import type { Dose, Slot } from "../class/document";
import type { Then } from "../class/dose";
import { startDose } from "../class/new-class";
import type { KnownMove } from "../moves/book";
import type { Seconds } from "../units";
import type { Span } from "../values/span";
import { secondsIn } from "../values/typed-number";
import { COUNT, countIn, TIME } from "./amounts";
import type { Pencil, Place } from "./pencil";

/** What a block says for all of its moves. */
export interface BlockDose {
  /** Seconds of work of each, where the block says so. */
  readonly work: Seconds | null;
  /** Seconds of a window in which each is done. */
  readonly within: Seconds | null;
  /** Seconds of work where nobody says anything. */
  readonly usual: Seconds;
  /** Reps of the move before it in the same line: a move without any has as many. */
  readonly before?: Span | undefined;
}

/** What a line says of how much. */
export interface Amount {
  reps: Span | null;
  seconds: Span | null;
  hold: boolean;
  toLimit: Seconds | null;
  ladder: readonly [number, number] | null;
  sets: Span | null;
}

/** `3x10`, `3 × 8–12`, `3 sets of 10`, `3 x 30 s`. */
function takeSets(pencil: Pencil, amount: Amount): void {
  const timed = pencil.take(
    new RegExp(String.raw`\b(${COUNT})\s*(?:x|×|sets?\s*(?:of|x|×)?)\s*(${TIME})`, "i"),
  );
  if (timed) {
    amount.sets = countIn(timed.match[1] ?? "");
    amount.seconds = secondsIn(timed.match[2] ?? "");
    return;
  }
  const counted = pencil.take(
    new RegExp(String.raw`\b(${COUNT})\s*(?:x|×|sets?\s*(?:of|x|×)?)\s*(${COUNT})\b(?!\s*\/)`, "i"),
  );
  if (counted) {
    amount.sets = countIn(counted.match[1] ?? "");
    amount.reps = countIn(counted.match[2] ?? "");
    return;
  }
  const alone = pencil.take(new RegExp(String.raw`^\s*(${COUNT})\s*(?:x|×|sets?\b(?:\s*of)?)(?=\s)`, "i"));
  if (alone) amount.sets = countIn(alone.match[1] ?? "");
}

/** A time: what it is held or worked for. */
function takeTime(pencil: Pencil, amount: Amount): void {
  const held = pencil.take(new RegExp(String.raw`\b(?:hold|held)\s*(?:for\s*)?(${TIME})`, "i"));
  const time = held ?? pencil.take(new RegExp(String.raw`(?:^|[\s,(@])(${TIME})`, "i"));
  if (time) amount.seconds = secondsIn(time.match[1] ?? "");
  amount.hold = held !== null;
}

/** How a number of reps may stand: `10 reps`, `x10`, in front of the words, or behind them. */
const REPS = [
  new RegExp(String.raw`\b(${COUNT})\s*(?:reps?|x|×)(?=$|[\s,;.)/])`, "i"),
  // A word that ends in an x is no sign of times.
  new RegExp(String.raw`(?<!\p{L})(?:x|×)\s*(${COUNT})\b`, "iu"),
  new RegExp(String.raw`^\s*(${COUNT})(?=\s*\p{L}|\s+\p{L})(?!\s*(?:–|-|to)?\s*\d)`, "iu"),
  new RegExp(String.raw`[\s,:–-](${COUNT})\s*$`, "i"),
];

function takeReps(pencil: Pencil, amount: Amount): void {
  for (const form of REPS) {
    const struck = pencil.take(form);
    if (!struck) continue;
    amount.reps = countIn(struck.match[1] ?? "");
    return;
  }
}

/** What may stand behind it and is no name: `then 30 pulse squats` is another move. */
const NO_NAME = String.raw`(?!\s+(?!(?:total|rest|rpe|heavy|medium|light|each|per|at|easier|harder)\b)\p{L})`;

/** As many pulses or seconds as a dose may have: 1 to 100. */
const AFTER = "100|[1-9][0-9]?";

/** `then 30 pulses`, `then hold 20 s`: what comes after the last rep, and no other move. */
export const AFTERWARDS = String.raw`then\s+(?:(${AFTER})\s+pulses?|hold\s+(?:for\s+)?(${AFTER})\s*s(?:ec(?:onds?|s)?)?)\b${NO_NAME}`;

/** What comes after the last rep, and how it was typed. */
export interface Afterwards {
  readonly then: Then;
  readonly text: string;
  readonly place: Place;
}

/** Strikes out what comes after the last rep; null where nothing is said of it. */
export function takeAfterwards(pencil: Pencil): Afterwards | null {
  const struck = pencil.take(new RegExp(String.raw`\b${AFTERWARDS}`, "iu"));
  if (!struck) return null;
  const [text, pulses, hold] = struck.match;
  return {
    then: pulses === undefined ? { hold: Number(hold) } : { pulses: Number(pulses) },
    text,
    place: struck.place,
  };
}

/** Strikes out all that says how much. */
export function takeAmount(pencil: Pencil): Amount {
  const amount: Amount = { reps: null, seconds: null, hold: false, toLimit: null, ladder: null, sets: null };
  const ladder = pencil.take(/\bladder\s+(\d{1,3})\s*(?:–|-|to)\s*(\d{1,3})\b/i);
  if (ladder) amount.ladder = [Number(ladder.match[1]), Number(ladder.match[2])];
  const limit = pencil.take(
    new RegExp(
      String.raw`\b(?:to\s+(?:the\s+)?(?:limit|failure)|max(?:imum)?(?:\s+reps)?)\b(?:\s*(${TIME}))?`,
      "i",
    ),
  );
  if (limit) amount.toLimit = secondsIn(limit.match[1] ?? "") ?? 40;
  takeSets(pencil, amount);
  const isOpen = () => amount.reps === null && amount.seconds === null;
  if (isOpen()) takeTime(pencil, amount);
  if (isOpen()) takeReps(pencil, amount);
  return amount;
}

/** The dose that an amount means, of this move, in this block. */
export function doseOf(amount: Amount, move: KnownMove | null, block: BlockDose, tempo: string | null): Dose {
  const pace = tempo === null ? {} : { tempo };
  const isHeld = amount.hold || move?.isometric === true;
  if (amount.ladder) return { ladder: { from: amount.ladder[0], to: amount.ladder[1] }, ...pace };
  if (amount.toLimit !== null) return { toLimit: amount.toLimit };
  if (amount.reps !== null)
    return { reps: amount.reps, ...pace, ...(block.within === null ? {} : { within: block.within }) };
  const seconds = amount.seconds ?? block.work;
  if (seconds === null && block.before !== undefined && !isHeld) return { reps: block.before, ...pace };
  if (seconds !== null) return isHeld ? { hold: seconds } : { seconds, ...pace };
  return move ? startDose(move, block.usual) : { seconds: block.usual };
}

export type Sided = Pick<Slot, "sides" | "count">;

/** `each side`, `e/s`, `per leg`, `total`: what the move says by itself isn't written. */
export function takeSides(pencil: Pencil): { readonly each: boolean; readonly total: boolean } {
  const each = pencil.take(/(?:\b(?:each|per|a)\s*|\/\s*)(?:side|leg|arm)s?\b|\be\/s\b|\bea\b\.?/i) !== null;
  const total = pencil.take(/\b(?:in\s+)?total\b/i) !== null;
  return { each, total };
}

/** What a slot says of its sides then: nothing that the move says by itself. */
export function sidesOf(move: KnownMove | null, { each, total }: ReturnType<typeof takeSides>): Sided {
  if (total) return { count: "total" };
  return each && (move?.sides ?? "both") === "both" ? { sides: "inTurn" } : {};
}
