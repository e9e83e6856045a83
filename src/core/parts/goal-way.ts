/** A person's goal as numbers of a slot: what they do of it otherwise than it is set. */
import { type Block, doseAt, loadAt, type Slot, type Way } from "../class/document";
import type { Goal } from "../homes/goals";
import type { KnownMove } from "../moves/book";
import { spanTriple } from "../values/span";
import { parseTempo } from "../values/tempo";

/** Seconds by which a lowering is slower, and of a pause at the bottom. */
const SLOWER_SECONDS = 2;
const PAUSE_SECONDS = 2;
/** A goal of reps this far past the range of a slot still belongs to it. */
const PAST_RANGE = 3;

/** The phases of a rep in whole seconds, as the dose or the move has them; null where it has none to slow down. */
function phasesOf(slot: Slot, { phases }: KnownMove): readonly [number, number, number, number] | null {
  if (!phases) return null;
  const { tempo, repSeconds } = doseAt(slot, 0);
  if (repSeconds !== undefined) return null;
  const said = tempo === undefined ? null : parseTempo(tempo);
  if (said) return said;
  const [lower, bottom, lift, top] = phases.seconds.map((each) => Math.round(each));
  return [Math.max(1, lower ?? 1), bottom ?? 0, Math.max(1, lift ?? 1), top ?? 0];
}

function tempoFor(slot: Slot, move: KnownMove, { on = [] }: Goal): string | undefined {
  const base = on.includes("slower") || on.includes("pause") ? phasesOf(slot, move) : null;
  if (!base) return undefined;
  const [lower, bottom, lift, top] = base;
  const slower = lower + (on.includes("slower") ? SLOWER_SECONDS : 0);
  const pause = Math.max(bottom, on.includes("pause") ? PAUSE_SECONDS : 0);
  return `${slower}-${pause}-${lift}-${top}`;
}

/** Reps of a goal as a range of the slot; nothing where the slot means another range. */
function repsFor(slot: Slot, goal: Goal): Way["reps"] {
  const { reps } = doseAt(slot, 0);
  if (goal.reps === undefined || reps === undefined || Array.isArray(slot.dose)) return undefined;
  const { min, max } = spanTriple(reps);
  if (goal.reps > max + PAST_RANGE || goal.reps < min / 2) return undefined;
  return { min: Math.min(min, goal.reps), plan: goal.reps, max: Math.max(max, goal.reps) };
}

/** Seconds of a goal where the slot has longer: the rest of it they rest. */
function secondsFor(slot: Slot, goal: Goal): number | undefined {
  const { hold, seconds } = doseAt(slot, 0);
  const span = hold ?? seconds;
  if (goal.seconds === undefined || span === undefined || Array.isArray(slot.dose)) return undefined;
  return goal.seconds < spanTriple(span).plan ? goal.seconds : undefined;
}

/** Rounds of a goal where the slot has more of them. */
function roundsFor(block: Block, slot: Slot, { rounds }: Goal): number | undefined {
  const all = slot.rounds?.length ?? spanTriple(block.rounds, 1).plan;
  return rounds !== undefined && rounds < all ? rounds : undefined;
}

/**
 * The numbers of a level, with those of a goal where the level has none of its own. A weight in kilograms that was
 * written for the whole slot stays; a gentle slot (warm-up, cool-down) has no goals.
 */
export function withGoal(
  way: Way | null,
  goal: Goal | null,
  { slot, block }: { readonly slot: Slot; readonly block: Block },
  move: KnownMove,
): Way | null {
  if (!goal) return way;
  const written = way?.load ?? (loadAt(slot, 0)?.kg === undefined ? undefined : loadAt(slot, 0));
  const holds = (move.strength?.held ?? 0) > 0;
  const made: Way = {
    ...(goal.kg !== undefined && holds && written === undefined ? { load: { kg: goal.kg } } : {}),
    ...optional("reps", repsFor(slot, goal)),
    ...optional("seconds", secondsFor(slot, goal)),
    ...optional("rounds", roundsFor(block, slot, goal)),
    ...optional("tempo", tempoFor(slot, move, goal)),
  };
  if (Object.keys(made).length === 0) return way;
  return { ...made, ...way };
}

function optional<K extends keyof Way>(key: K, value: Way[K] | undefined): Partial<Way> {
  return value === undefined ? {} : { [key]: value };
}
