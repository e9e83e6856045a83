/** What a rehearsal showed: where people were late, which gaps were short, where it was hardest, who would need another way. */
import { findSlot } from "../class/document";
import { clockState } from "../live/fold";
import { begunAtMs } from "../live/late";
import { ownPlace, pressesOf } from "../live/own-pace";
import { resolveMove } from "../moves/book";
import type { Muscle } from "../moves/move";
import { named } from "../reasons/named";
import type { MoveName } from "../reasons/value";
import type { Ms, Seconds } from "../units";
import type { Lateness } from "./mind";
import type { Attendee, Reading, Rehearsal } from "./rehearsal";

/** Of one who isn't ready so much too late nobody takes notice: a breath. */
export const TRIFLE_MS = 3000;

/** A way from one move to the next on which people came too late. */
export interface ShortGap {
  readonly from: MoveName | null;
  readonly to: MoveName | null;
  readonly slot: string;
  /** First time in the class, seconds of the score, and how often it came. */
  readonly atSeconds: Seconds;
  readonly times: number;
  /** The shortest gap there was. */
  readonly gapSeconds: Seconds;
  /** Seconds that would have been enough for all. */
  readonly needsSeconds: Seconds;
  /** Roster ids of those who were late, and by how much at the most. */
  readonly who: readonly { readonly person: string; readonly seconds: Seconds }[];
}

/** A slot of which somebody can do nothing, or in which reps were missing. */
export interface NeedsAnother {
  readonly slot: string;
  readonly move: MoveName | null;
  readonly why: "no-way" | "too-much";
  /** Reps that were missing at the most; null where there is no way. */
  readonly missing: number | null;
}

export interface PersonReport {
  readonly person: string;
  /** Came so many seconds after the beginning; null for who was in time, and for who never came. */
  readonly lateSeconds: Seconds | null;
  readonly came: boolean;
  readonly silent: boolean;
  /** Seconds without a connection. */
  readonly lostSeconds: Seconds;
  /** Pieces for which they weren't ready, and by how much in the middle. */
  readonly latePieces: number;
  readonly usualLateSeconds: Seconds | null;
  readonly peak: { readonly bpm: number; readonly atSeconds: Seconds } | null;
  /** The muscle that was most tired, when, and how much, 0–1: the estimate of `docs/effort.md`. */
  readonly tired: { readonly muscle: Muscle; readonly share: number; readonly atSeconds: Seconds } | null;
  readonly needs: readonly NeedsAnother[];
  /** Sets that they didn't get to in blocks at their own pace. */
  readonly cutSets: number;
}

/** All straps at one instant. */
export interface PulseAt {
  readonly atSeconds: Seconds;
  readonly least: number;
  readonly median: number;
  readonly most: number;
}

export interface RehearsalReport {
  readonly people: readonly PersonReport[];
  readonly gaps: readonly ShortGap[];
  readonly pulse: readonly PulseAt[];
  readonly hardest: PulseAt | null;
  /** Pieces for which somebody wasn't ready, of all that were begun by somebody. */
  readonly lateShare: number;
}

const median = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor((sorted.length - 1) / 2)] ?? 0;
};

const toSeconds = (ms: Ms): Seconds => Math.round(ms / 1000);

const counts = ({ lateMs }: Lateness) => lateMs >= TRIFLE_MS;

function moveAt({ setting }: Rehearsal, slot: string): MoveName | null {
  const found = findSlot(setting.doc, slot);
  return found ? named(resolveMove(found.slot.move, setting.book)).move : null;
}

function gapsOf(rehearsal: Rehearsal): readonly ShortGap[] {
  const { segments } = rehearsal.setting.score;
  const all = new Map<string, { list: Lateness[]; who: Map<string, number> }>();
  for (const { mind } of rehearsal.attendees)
    for (const late of mind.late.filter(counts)) {
      const key = `${late.fromSlot} ${late.toSlot}`;
      const known = all.get(key) ?? { list: [], who: new Map<string, number>() };
      all.set(key, known);
      known.list.push(late);
      known.who.set(mind.self.person, Math.max(known.who.get(mind.self.person) ?? 0, late.lateMs));
    }
  const gaps = [...all.values()].flatMap(({ list, who }): ShortGap[] => {
    const [first] = list;
    if (!first) return [];
    return [
      {
        from: moveAt(rehearsal, first.fromSlot),
        to: moveAt(rehearsal, first.toSlot),
        slot: first.toSlot,
        atSeconds: Math.min(...list.map(({ index }) => segments[index]?.start ?? 0)),
        times: new Set(list.map(({ index }) => index)).size,
        gapSeconds: toSeconds(Math.min(...list.map(({ gapMs }) => gapMs))),
        needsSeconds: Math.ceil(Math.max(...list.map(({ gapMs, lateMs }) => gapMs + lateMs)) / 1000),
        who: [...who].map(([person, ms]) => ({ person, seconds: toSeconds(ms) })),
      },
    ];
  });
  // Where most are late first; then as they come.
  return gaps.sort((a, b) => b.who.length - a.who.length || a.atSeconds - b.atSeconds);
}

/** What somebody can't do, the worst of each slot. */
function needsOf(rehearsal: Rehearsal, { mind }: Attendee): readonly NeedsAnother[] {
  const none = [...mind.unmet].map(
    (slot): NeedsAnother => ({ slot, move: moveAt(rehearsal, slot), why: "no-way", missing: null }),
  );
  const most = new Map<string, number>();
  for (const { slot, missing } of mind.fell) most.set(slot, Math.max(most.get(slot) ?? 0, missing));
  const fell = [...most].map(
    ([slot, missing]): NeedsAnother => ({ slot, move: moveAt(rehearsal, slot), why: "too-much", missing }),
  );
  return [...none, ...fell];
}

/** The highest of something among readings. */
function highest(readings: readonly Reading[], of: (reading: Reading) => number): Reading | null {
  return readings.reduce<Reading | null>((most, each) => (most && of(most) >= of(each) ? most : each), null);
}

/** Of every run what each hadn't done when it ended. */
function cutSetsOf(rehearsal: Rehearsal): ReadonlyMap<string, number> {
  const { setting, events } = rehearsal;
  const cut = new Map<string, number>();
  for (const run of setting.score.runs) {
    const lastMs = lastMomentIn(rehearsal, run.from, run.to);
    if (lastMs === null) continue;
    const known = events.filter(({ atMs }) => atMs <= lastMs);
    const state = clockState(setting.score, known, lastMs);
    const presses = pressesOf(setting.score, known, lastMs);
    for (const { mind } of rehearsal.attendees) {
      const { person, silent } = mind.self;
      const place = ownPlace(setting.score, state, presses, person, setting.parts.get(person) ?? null);
      if (!place || silent || mind.joinedMs === null || mind.joinedMs > lastMs) continue;
      // The one that is on is finished.
      const left = Math.max(0, place.sets.length - place.at - 1);
      cut.set(person, (cut.get(person) ?? 0) + left);
    }
  }
  return cut;
}

/** The last reading's moment in a run; null where nobody got to it. */
function lastMomentIn({ attendees }: Rehearsal, from: number, to: number): Ms | null {
  const moments = attendees.flatMap(({ readings }) =>
    readings.flatMap(({ index, atMs }) => (index >= from && index <= to ? [atMs] : [])),
  );
  return moments.length === 0 ? null : Math.max(...moments);
}

function personReport(rehearsal: Rehearsal, attendee: Attendee, zeroMs: Ms, cutSets: number): PersonReport {
  const { mind, readings } = attendee;
  const since = (ms: Ms) => Math.max(0, toSeconds(ms - zeroMs));
  const late = mind.late.filter(counts);
  const peak = highest(readings, ({ bpm }) => bpm);
  const worst = highest(readings, ({ tired }) => tired?.share ?? 0);
  const lateSeconds = mind.joinedMs === null ? 0 : since(mind.joinedMs);
  return {
    person: mind.self.person,
    came: mind.joinedMs !== null,
    lateSeconds: lateSeconds > 0 ? lateSeconds : null,
    silent: mind.self.silent,
    lostSeconds: mind.self.drops.reduce((sum, { seconds }) => sum + seconds, 0),
    latePieces: late.length,
    usualLateSeconds: late.length === 0 ? null : toSeconds(median(late.map(({ lateMs }) => lateMs))),
    peak: peak && { bpm: peak.bpm, atSeconds: since(peak.atMs) },
    tired: worst?.tired
      ? {
          muscle: worst.tired.muscle,
          share: Math.round(worst.tired.share * 100) / 100,
          atSeconds: since(worst.atMs),
        }
      : null,
    needs: needsOf(rehearsal, attendee),
    cutSets,
  };
}

/** All of some readings together. */
function pulseAt(atSeconds: Seconds, bpm: readonly number[]): PulseAt {
  return { atSeconds, least: Math.min(...bpm), median: median(bpm), most: Math.max(...bpm) };
}

/** What the straps say just now; null before anybody is there. */
export function pulseNow({ attendees, nowMs, openedMs }: Rehearsal): PulseAt | null {
  const now = attendees.flatMap(({ readings }) => readings.at(-1)?.bpm ?? []);
  return now.length === 0 ? null : pulseAt(toSeconds(nowMs - openedMs), now);
}

/** All straps over the class, every five seconds. */
function pulseOf({ attendees }: Rehearsal, zeroMs: Ms): readonly PulseAt[] {
  const at = new Map<number, number[]>();
  for (const { readings } of attendees)
    for (const { atMs, bpm } of readings) {
      if (atMs < zeroMs) continue;
      const second = toSeconds(atMs - zeroMs);
      at.set(second, [...(at.get(second) ?? []), bpm]);
    }
  return [...at].sort(([a], [b]) => a - b).map(([atSeconds, all]) => pulseAt(atSeconds, all));
}

/** The report of a rehearsal that has been started, as far as it has come; null before the start. */
export function reportOf(rehearsal: Rehearsal): RehearsalReport | null {
  const zeroMs = begunAtMs(rehearsal.events);
  if (zeroMs === null) return null;
  const pulse = pulseOf(rehearsal, zeroMs);
  const cut = cutSetsOf(rehearsal);
  const people = rehearsal.attendees.map((attendee) =>
    personReport(rehearsal, attendee, zeroMs, cut.get(attendee.mind.self.person) ?? 0),
  );
  const begun = rehearsal.attendees.filter(({ mind }) => mind.joinedMs !== null).length;
  const reached = rehearsal.setting.score.segments.filter(
    ({ kind }, i) => kind === "work" && i <= rehearsal.state.index,
  ).length;
  const late = people.reduce((sum, { latePieces }) => sum + latePieces, 0);
  return {
    people,
    gaps: gapsOf(rehearsal),
    pulse,
    hardest: pulse.reduce<PulseAt | null>(
      (most, each) => (most && most.median >= each.median ? most : each),
      null,
    ),
    lateShare: begun * reached === 0 ? 0 : late / (begun * reached),
  };
}
