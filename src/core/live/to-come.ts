/**
 * Changing what is still to come of a class that runs: dropping a round or the finisher, shortening
 * rests. The lengths of the segments are data of the state; a dropped segment has length 0. Nothing
 * that has begun is touched, and nothing here ever shortens a cool-down.
 */
import type { Ms } from "../units";
import type { LiveScore } from "./live-score";

/** A rest keeps at least half of its length, and at least this long. */
export const LEAST_REST_MS = 10_000;

/** Blocks that may lose a round. */
const WORK_ROLES = ["main", "finisher"];

function isRest(score: LiveScore, index: number): boolean {
  const kind = score.segments[index]?.kind;
  return kind === "rest" || kind === "long-rest";
}

/** Blocks in order, each with its segments' indexes. */
function blocksOf(
  score: LiveScore,
): readonly { readonly block: string; readonly indexes: readonly number[] }[] {
  const blocks: { block: string; indexes: number[] }[] = [];
  for (const [i, segment] of score.segments.entries()) {
    const last = blocks.at(-1);
    if (last?.block === segment.block) last.indexes.push(i);
    else blocks.push({ block: segment.block, indexes: [i] });
  }
  return blocks;
}

/** The segments that go when the last whole round of a block goes; none where it can't. */
function lastRound(
  score: LiveScore,
  lengths: readonly Ms[],
  indexes: readonly number[],
  now: number,
): number[] {
  const station = score.station.has(score.segments[indexes[0] as number]?.block ?? "");
  const roundOf = (i: number) => score.segments[i]?.round ?? 0;
  const alive = indexes.filter((i) => (lengths[i] ?? 0) > 0);
  const ahead = alive.filter((i) => i > now && score.segments[i]?.kind === "work");
  const round = Math.max(0, ...ahead.map(roundOf));
  // In laps nothing of the round may have begun; the first round always stays.
  if (round < 2 || (!station && alive.some((i) => i <= now && roundOf(i) === round))) return [];
  // The rest on the way to the next station stays: it now follows the set before.
  const own = alive.filter(
    (i) => i > now && roundOf(i) === round && !(station && score.segments[i]?.kind === "long-rest"),
  );
  // What lies between rounds goes too; of a window that isn't used up the rest belongs to its own round.
  const between = station ? "rest" : "long-rest";
  const before = own
    .map((i) => alive[alive.indexOf(i) - 1] ?? -1)
    .filter((i) => i > now && roundOf(i) !== round && score.segments[i]?.kind === between);
  return [...own, ...before];
}

function without(lengths: readonly Ms[], gone: readonly number[]): readonly Ms[] {
  const set = new Set(gone);
  return lengths.map((length, i) => (set.has(i) ? 0 : length));
}

/**
 * Drops the last round that hasn't begun of the present block, or else of the next one that has a
 * round to spare (of stations: the last set of each that is still ahead). The same lengths where none has.
 */
export function dropRound(score: LiveScore, lengths: readonly Ms[], now: number): readonly Ms[] {
  for (const { block, indexes } of blocksOf(score)) {
    if ((indexes.at(-1) ?? 0) <= now || !WORK_ROLES.includes(score.roles.get(block) ?? "main")) continue;
    const gone = lastRound(score, lengths, indexes, now);
    if (gone.length > 0) return without(lengths, gone);
  }
  return lengths;
}

/** Drops every finisher that hasn't begun. */
export function dropFinisher(score: LiveScore, lengths: readonly Ms[], now: number): readonly Ms[] {
  const gone = blocksOf(score)
    .filter(({ block, indexes }) => score.roles.get(block) === "finisher" && (indexes[0] ?? 0) > now)
    .flatMap(({ indexes }) => indexes.filter((i) => (lengths[i] ?? 0) > 0));
  return gone.length === 0 ? lengths : without(lengths, gone);
}

/**
 * Takes `byMs` from the rests ahead, from each in proportion to what it can give, in whole seconds;
 * as much as there is where that is less.
 */
export function shortenRests(score: LiveScore, lengths: readonly Ms[], now: number, byMs: Ms): readonly Ms[] {
  const rooms = lengths.map((length, i) => {
    if (i <= now || !isRest(score, i)) return 0;
    const role = score.roles.get(score.segments[i]?.block ?? "") ?? "main";
    if (role === "cooldown") return 0;
    const least = Math.max(LEAST_REST_MS, Math.ceil(length / 2000) * 1000);
    return Math.max(0, Math.floor((length - least) / 1000) * 1000);
  });
  const room = rooms.reduce((sum, value) => sum + value, 0);
  const wanted = Math.min(room, Math.ceil(byMs / 1000) * 1000);
  if (wanted <= 0) return lengths;
  const cuts = rooms.map((value) => Math.floor((value * wanted) / room / 1000) * 1000);
  let left = wanted - cuts.reduce((sum, value) => sum + value, 0);
  return lengths.map((length, i) => {
    let cut = cuts[i] ?? 0;
    if (left > 0 && cut < (rooms[i] ?? 0)) {
      cut += 1000;
      left -= 1000;
    }
    return length - cut;
  });
}
