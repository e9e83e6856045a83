/** The record of a taught class: what it really took, who was there, what each did. Pure, from its events. */

import type { SegmentKind } from "../class/expand";
import type { Mark } from "../homes/home";
import { endOf, isOf, personOf, type SessionEvent } from "../live/events";
import { lateByMs } from "../live/late";
import type { LiveScore } from "../live/live-score";
import type { OwnRun } from "../live/runs";
import { type Stay, staysOf, tookMs } from "../live/trace";
import type { Part, PartSlot } from "../parts/part";
import type { Ms, Seconds, Side } from "../units";
import type { SlotDone } from "./entries";
import { ownSetsDone } from "./own-sets-done";

export interface SegmentRecord {
  readonly kind: SegmentKind;
  readonly block: string;
  readonly slot: string | null;
  readonly round: number | null;
  readonly side: Side | null;
  readonly planSeconds: Seconds;
  /** To a tenth; null for a segment that was dropped or never reached. */
  readonly tookSeconds: Seconds | null;
}

export interface Attendance {
  readonly person: string;
  readonly spans: readonly { readonly fromMs: Ms; readonly toMs: Ms }[];
  readonly lateMs: Ms | null;
  /** Levels changed on the spot, in order. */
  readonly marks: readonly { readonly atMs: Ms; readonly mark: Mark }[];
  readonly hurt: readonly { readonly atMs: Ms; readonly slot: string | null }[];
  readonly uncomfortable: readonly { readonly atMs: Ms; readonly slot: string | null }[];
  /** How often each slot was said to be done before its time. */
  readonly done: Readonly<Record<string, number>>;
}

export interface ClassRecord {
  readonly begunAtMs: Ms | null;
  readonly endedAtMs: Ms | null;
  readonly planSeconds: Seconds;
  readonly tookSeconds: Seconds;
  readonly segments: readonly SegmentRecord[];
  readonly people: readonly Attendance[];
  readonly notes: readonly { readonly atMs: Ms; readonly text: string }[];
}

const tenths = (ms: Ms) => Math.round(ms / 100) / 10;

/** When one person was there: from each join to the leave after it, or to the end. */
function spansOf(events: readonly SessionEvent[], person: string, endMs: Ms): Attendance["spans"] {
  const spans: { fromMs: Ms; toMs: Ms }[] = [];
  let from: Ms | null = null;
  for (const { kind, atMs } of events.filter((event) => personOf(event) === person)) {
    if (kind === "join") from ??= atMs;
    if (kind === "leave" && from !== null) {
      spans.push({ fromMs: from, toMs: atMs });
      from = null;
    }
  }
  if (from !== null) spans.push({ fromMs: from, toMs: Math.max(from, endMs) });
  return spans;
}

/** A level that was left again so soon was only tried, or pressed by mistake. */
const TRIED_MS = 20_000;

/** Levels as they were really done: what was pressed to and fro counts once, by where it came to rest. */
function settled(pressed: Attendance["marks"]): Attendance["marks"] {
  const stayed = pressed.filter(({ atMs }, i) => {
    const next = pressed[i + 1];
    return next === undefined || next.atMs - atMs >= TRIED_MS;
  });
  return stayed.filter(({ mark }, i) => stayed[i - 1]?.mark !== mark);
}

function attendanceOf(events: readonly SessionEvent[], person: string, endMs: Ms): Attendance {
  const own = events.filter((event) => personOf(event) === person);
  const done: Record<string, number> = {};
  for (const { payload } of own.filter(isOf("done")))
    if (payload.slot) done[payload.slot] = (done[payload.slot] ?? 0) + 1;
  for (const { payload } of own.filter(isOf("not-done")))
    if (done[payload.slot]) done[payload.slot] = (done[payload.slot] ?? 0) - 1;
  const where = ({ atMs, payload }: SessionEvent<"hurt" | "uncomfortable">) => ({
    atMs,
    slot: payload.slot ?? null,
  });
  return {
    person,
    spans: spansOf(events, person, endMs),
    lateMs: lateByMs(events, person),
    marks: settled(own.filter(isOf("mark")).map(({ atMs, payload }) => ({ atMs, mark: payload.mark }))),
    hurt: own.filter(isOf("hurt")).map(where),
    uncomfortable: own.filter(isOf("uncomfortable")).map(where),
    done,
  };
}

/** The record up to `nowMs` of a class with these people on its list. */
export function recordOf(
  score: LiveScore,
  events: readonly SessionEvent[],
  people: readonly string[],
  nowMs: Ms,
): ClassRecord {
  const ended = endOf(events);
  const endMs = ended?.atMs ?? nowMs;
  const stays = staysOf(score, events, endMs);
  const took = tookMs(score, stays);
  const everybody = new Set([...people, ...events.flatMap((event) => personOf(event) ?? [])]);
  const first = stays[0];
  const last = stays.at(-1);
  return {
    begunAtMs: first?.fromMs ?? null,
    endedAtMs: ended?.atMs ?? null,
    planSeconds: score.totalMs / 1000,
    tookSeconds: first && last ? tenths(last.toMs - first.fromMs) : 0,
    segments: score.segments.map(({ kind, block, slot, round, side, start, end }, i) => {
      const ms = took[i] ?? null;
      return {
        kind,
        block,
        slot,
        round,
        side,
        planSeconds: end - start,
        tookSeconds: ms === null ? null : tenths(ms),
      };
    }),
    people: [...everybody].map((person) => attendanceOf(events, person, endMs)),
    notes: events.filter(isOf("note")).map(({ payload, atMs }) => ({ atMs, text: payload.text })),
  };
}

/** Of a set at least this much of the plan must have run for it to count as done. */
const COUNTS_FROM = 0.5;

/** In how many rounds a slot was really worked, from the stays of the clock while the person was there. */
function setsDone(
  score: LiveScore,
  stays: readonly Stay[],
  spans: Attendance["spans"],
  slot: string,
): number {
  const rounds = new Map<string, { took: number; plan: number }>();
  for (const { index, fromMs, toMs } of stays) {
    const segment = score.segments[index];
    if (segment?.kind !== "work" || segment.slot !== slot) continue;
    const key = `${segment.round}`;
    const there = spans.reduce(
      (sum, span) => sum + Math.max(0, Math.min(toMs, span.toMs) - Math.max(fromMs, span.fromMs)),
      0,
    );
    const now = rounds.get(key) ?? { took: 0, plan: 0 };
    rounds.set(key, { took: now.took + there, plan: now.plan + (segment.end - segment.start) * 1000 });
  }
  return [...rounds.values()].filter(({ took, plan }) => took >= plan * COUNTS_FROM).length;
}

/** Whether a slot is one of a run's. */
const isInRun = (score: LiveScore, { from, to }: OwnRun, slot: string) =>
  score.segments.some((segment, i) => i >= from && i <= to && segment.slot === slot);

/** In how many rounds each slot was done: by what was pressed at one's own pace, where anything was, else by the clock. */
function ranBy(
  score: LiveScore,
  events: readonly SessionEvent[],
  { person, spans }: Pick<Attendance, "person" | "spans">,
  stays: readonly Stay[],
  part: Part | null,
): (slot: string) => number {
  const said = score.runs.map((run) => ownSetsDone(score, run, stays, events, person, part));
  return (slot) => {
    const own = said[score.runs.findIndex((run) => isInRun(score, run, slot))];
    return own ? (own.get(slot) ?? 0) : setsDone(score, stays, spans, slot);
  };
}

/** So many sets of a way, with what each asks for. */
function setsOf(way: PartSlot, ran: number, score: LiveScore): SlotDone {
  const sets = Math.min(ran, way.rounds ?? ran);
  // Of the last set: where weights climb it says most.
  const load = way.sets?.[sets - 1]?.load ?? way.load;
  const eachKg = load && "kg" in load ? { eachKg: load.kg } : {};
  return { sets, ...doneEach(way, score), ...eachKg, mark: way.mark };
}

/**
 * What a person's entries are prefilled with: the sets that ran while they were there, at the reps,
 * seconds and load of their part, at the level they had in that slot. Slots without a set are left out.
 */
export function prefilled(
  score: LiveScore,
  events: readonly SessionEvent[],
  partAt: (mark: Mark | null) => Part | undefined,
  person: string,
  endMs: Ms,
): ReadonlyMap<string, SlotDone> {
  const stays = staysOf(score, events, endMs);
  const attended = attendanceOf(events, person, endMs);
  const { marks } = attended;
  const ranIn = ranBy(score, events, attended, stays, partAt(marks.at(-1)?.mark ?? null) ?? null);
  const filled = new Map<string, SlotDone>();
  for (const { slot } of partAt(null)?.slots ?? []) {
    const ran = ranIn(slot);
    if (ran === 0) continue;
    const last = stays.findLast((stay) => score.segments[stay.index]?.slot === slot);
    const mark = marks.findLast((change) => last !== undefined && change.atMs < last.toMs)?.mark ?? null;
    const way = partAt(mark)?.slots.find((entry) => entry.slot === slot);
    if (way && way.status !== "unmet") filled.set(slot, setsOf(way, ran, score));
  }
  return filled;
}

/** What a part asks of each set: reps, or seconds where none are counted. */
function doneEach(own: PartSlot, score: LiveScore): Pick<SlotDone, "reps" | "seconds"> {
  if (own.reps) return { reps: own.reps.plan };
  const piece = score.segments.find(({ kind, slot }) => kind === "work" && slot === own.slot);
  const seconds = own.seconds ?? (piece ? piece.end - piece.start : undefined);
  return seconds === undefined ? {} : { seconds };
}
