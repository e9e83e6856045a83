/** Which of a person's known sets the strength model learns from, and what each says. */
import type { Person, WorkingSet } from "../homes/home";
import type { MoveBook } from "../moves/book";
import { loadMoved, overLoad, strandKg } from "./load";
import { type ScaledMove, scaledMove } from "./scaled";

/** A set that teaches: the log of the maximum that it stands for, and how sure that is. */
export interface UsedSet {
  readonly move: ScaledMove;
  readonly y: number;
  readonly variance: number;
  /** How many were left is known; else it says only "at least". */
  readonly stated: boolean;
  readonly set: WorkingSet;
}

const DAY_MS = 86_400_000;
/** Age of a set without a date, days. */
const UNDATED_DAYS = 56;
const OLDEST_DAYS = 364;
const MOST_OF_A_MOVE = 4;
/** More reps than these say no more. */
const MOST_REPS = 30;
/** A reserve from which a set says only "at least": nobody can tell five left from eight. */
const OPEN_RESERVE = 4;
/** Standard deviations: of a set by itself, by each rep above five, by each week, of a band's tension. */
const SD = { set: 0.05, rep: 0.01, week: 0.015, band: 0.35 } as const;

/** Days from a set to the day that is asked for; of one without a date, or with one that is none, eight weeks. */
function daysOld({ date }: WorkingSet, on: string): number {
  const days = date === undefined ? Number.NaN : (Date.parse(on) - Date.parse(date)) / DAY_MS;
  return Number.isNaN(days) ? UNDATED_DAYS : days;
}

/** Kilograms of each thing held; of a band what its strands count. Null: said of a move that holds nothing. */
function eachKg(set: WorkingSet, move: ScaledMove): number | null {
  const each = set.tension ? (set.strands ?? 1) * strandKg(set.tension) : (set.kg ?? 0);
  return each > 0 && move.strength.held === 0 ? null : each;
}

function usedSet(set: WorkingSet, person: Person, book: MoveBook, on: string): UsedSet | null {
  const move = scaledMove(book.get(set.move));
  if (!move || set.reps === undefined) return null;
  const days = daysOld(set, on);
  const each = eachKg(set, move);
  const load = each === null ? 0 : loadMoved(move.strength, person.bodyKg, each);
  if (load <= 0 || days < 0 || days > OLDEST_DAYS) return null;
  const all = set.reps + (set.rir ?? 0);
  const n = Math.min(MOST_REPS, all);
  const variance =
    SD.set ** 2 +
    (SD.rep * Math.max(0, n - 5)) ** 2 +
    ((SD.week * days) / 7) ** 2 +
    (set.tension ? SD.band ** 2 : 0);
  const stated = set.rir !== undefined && set.rir < OPEN_RESERVE && all <= MOST_REPS;
  return { move, y: Math.log(load * overLoad(n)), variance, stated, set };
}

/**
 * The sets that can teach on a day (`YYYY-MM-DD`), in the order of the roster: of each move the latest
 * four, ties to the later line. Left out are sets of moves that aren't on the scale, kilograms on a move
 * that holds nothing, sets without a load, of days to come, or older than 364 days.
 */
export function usedSets(person: Person, book: MoveBook, on: string): readonly UsedSet[] {
  const byMove = new Map<string, { readonly at: number; readonly days: number; readonly used: UsedSet }[]>();
  (person.workingSets ?? []).forEach((set, at) => {
    const used = usedSet(set, person, book, on);
    if (!used) return;
    const list = byMove.get(set.move) ?? [];
    list.push({ at, days: daysOld(set, on), used });
    byMove.set(set.move, list);
  });
  return [...byMove.values()]
    .flatMap((list) => list.sort((a, b) => a.days - b.days || b.at - a.at).slice(0, MOST_OF_A_MOVE))
    .sort((a, b) => a.at - b.at)
    .map(({ used }) => used);
}
