/**
 * Where each person is in a block that is done at one's own pace: the fold of what they pressed. A set that is
 * counted is over when its person says so; one that is timed after its seconds; then their own rest counts down. Time
 * is the class's running time: a pause holds everybody's rest too.
 */
import type { Segment } from "../class/expand";
import type { Part } from "../parts/part";
import type { Ms } from "../units";
import type { ClockState } from "./clock-state";
import type { SessionEvent } from "./events";
import { applyEvent, readyAnchor } from "./fold";
import type { LiveScore } from "./live-score";
import { type OwnRun, runTime } from "./runs";

/** One set: a slot's turn, both sides of it where they are done one after the other. */
export interface OwnSet {
  readonly slot: string;
  readonly round: number;
  /** Index of its first piece in the score. */
  readonly index: number;
  /** Planned length of the work, sides and the change between them. */
  readonly workMs: Ms;
  /** Planned rest after it; 0 after the last. */
  readonly restMs: Ms;
  /** Over by itself after `workMs`. */
  readonly timed: boolean;
}

/** A set's name among those of a class. */
export const setKey = ({ slot, round }: Pick<OwnSet, "slot" | "round">): string => `${round} ${slot}`;

/** Whether somebody does a set: not a slot that they have no way for, nor rounds that their level leaves out. */
function does(part: Part | null, slot: string, appearance: number): boolean {
  const own = part?.slots.find((each) => each.slot === slot);
  if (!own) return part === null;
  return own.status !== "unmet" && (own.rounds === undefined || appearance < own.rounds);
}

/** A set with the length of a segment that follows its first piece: more of its work, or its rest. */
function longer(set: OwnSet, kind: Segment["kind"], lengthMs: Ms): OwnSet {
  return kind === "work" || kind === "side-change"
    ? { ...set, workMs: set.workMs + lengthMs }
    : { ...set, restMs: set.restMs + lengthMs };
}

/** The sets of a run in the score's order, whoever does them. What was cut to nothing is left out. */
function allSets(score: LiveScore, run: OwnRun, lengths: readonly Ms[]): readonly OwnSet[] {
  const sets: OwnSet[] = [];
  for (let index = run.from; index <= run.to; index += 1) {
    const segment = score.segments[index];
    const lengthMs = lengths[index] ?? 0;
    if (!segment || lengthMs === 0) continue;
    const last = sets.at(-1);
    const [slot, round] = [segment.slot ?? "", segment.round ?? 1];
    const begins = segment.kind === "work" && (last?.slot !== slot || last.round !== round);
    if (begins)
      sets.push({ slot, round, index, workMs: lengthMs, restMs: 0, timed: segment.reps === undefined });
    else if (last) sets.splice(-1, 1, longer(last, segment.kind, lengthMs));
  }
  return sets;
}

/** The sets of a run in the score's order, as one person does them; with a null part all of them. */
export function ownSets(
  score: LiveScore,
  run: OwnRun,
  lengths: readonly Ms[],
  part: Part | null,
): readonly OwnSet[] {
  const turns = new Map<string, number>();
  return allSets(score, run, lengths).filter(({ slot }) => {
    const turn = turns.get(slot) ?? 0;
    turns.set(slot, turn + 1);
    return does(part, slot, turn);
  });
}

/** What one person has pressed, at the class's running time. */
export interface Pressed {
  /** When they said that a set was done, by `setKey`. */
  readonly done: ReadonlyMap<string, Ms>;
  /** When they were here first. */
  readonly cameMs: Ms;
}

/** What everybody has pressed, and how long the class has run by now without its pauses. */
export interface Presses {
  readonly of: ReadonlyMap<string, Pressed>;
  readonly nowMs: Ms;
}

const NOTHING: Pressed = { done: new Map(), cameMs: 0 };

/** One pass over the events. */
export function pressesOf(score: LiveScore, events: readonly SessionEvent[], nowMs: Ms): Presses {
  const all = new Map<string, { readonly done: Map<string, Ms>; readonly cameMs: Ms }>();
  const of = (person: string, cameMs: Ms) => {
    const there = all.get(person) ?? { done: new Map<string, Ms>(), cameMs };
    all.set(person, there);
    return there.done;
  };
  let anchor = readyAnchor(score);
  let ranMs = 0;
  let atMs = 0;
  const until = (ms: Ms) => {
    if (anchor.phase === "running") ranMs += Math.max(0, ms - atMs);
    atMs = Math.max(atMs, ms);
  };
  for (const event of events) {
    until(event.atMs);
    anchor = applyEvent(score, anchor, event);
    if (event.kind === "join") of(event.payload.person, ranMs);
    if (event.kind !== "done" && event.kind !== "not-done") continue;
    const { person, slot, round } = event.payload;
    if (slot === undefined || round === undefined) continue;
    const done = of(person, ranMs);
    const key = setKey({ slot, round });
    if (event.kind === "not-done") done.delete(key);
    else if (!done.has(key)) done.set(key, ranMs);
  }
  until(nowMs);
  return { of: all, nowMs: ranMs };
}

/** Past the moment at which something was to be pressed for so long, somebody is asked after. */
export const SILENT_MS = 120_000;

export interface OwnPlace {
  readonly sets: readonly OwnSet[];
  /** Index of the set that is worked or comes; as many as there are sets once all are done. */
  readonly at: number;
  readonly doing: "set" | "rest" | "all-done";
  /** Of the rest, or of a timed set: what is left and how long it is in all. 0 where a press ends it. */
  readonly leftMs: Ms;
  readonly lengthMs: Ms;
  /** Into the set that is worked; 0 otherwise. */
  readonly intoMs: Ms;
  /** Sets that won't be reached before the run is over, at the planned pace. */
  readonly cut: number;
  /** For how long nothing was pressed where something was to be; 0 where all is in time. */
  readonly silentMs: Ms;
}

/** From one set to the next: those that were said to be done, and timed ones whose seconds are over. */
function walk(sets: readonly OwnSet[], { done }: Pressed, fromMs: Ms, nowMs: Ms) {
  let readyMs = fromMs;
  let restMs = 0;
  let lastMs = Number.NEGATIVE_INFINITY;
  for (const [at, set] of sets.entries()) {
    const saidMs = done.get(setKey(set));
    const overMs = readyMs + set.workMs;
    const endMs = saidMs ?? (set.timed && nowMs >= overMs ? overMs : null);
    if (endMs === null) return { at, readyMs, restMs };
    // Said out of turn: what was pressed last holds. Who begins before their rest is over has the next rest, not that one.
    if (endMs < lastMs) continue;
    lastMs = endMs;
    restMs = set.restMs;
    readyMs = endMs + restMs;
  }
  return { at: sets.length, readyMs, restMs };
}

/** How many of the sets after the present one won't be reached: less than half of one's work is no set. */
function cutOf(sets: readonly OwnSet[], at: number, presentMs: Ms, leftMs: Ms): number {
  let time = leftMs - presentMs;
  for (let i = at + 1; i < sets.length; i += 1) {
    time -= sets[i - 1]?.restMs ?? 0;
    const { workMs } = sets[i] as OwnSet;
    if (time < workMs / 2) return sets.length - i;
    time -= workMs;
  }
  return 0;
}

/**
 * Where one person is in the run that goes on. `presses`: of the same events and the same moment as `state`.
 * Null where the class is in no run.
 */
export function ownPlace(
  score: LiveScore,
  state: ClockState,
  presses: Presses,
  person: string,
  part: Part | null,
): OwnPlace | null {
  const time = runTime(score.runs, state);
  if (!time) return null;
  const sets = ownSets(score, time.run, state.lengths, part);
  const pressed = presses.of.get(person) ?? NOTHING;
  const { nowMs } = presses;
  const fromMs = Math.max(nowMs - time.intoMs, Math.min(pressed.cameMs, nowMs));
  const { at, readyMs, restMs } = walk(sets, pressed, fromMs, nowMs);
  const set = sets[at];
  if (!set) return { sets, at, doing: "all-done", leftMs: 0, lengthMs: 0, intoMs: 0, cut: 0, silentMs: 0 };
  const rests = nowMs < readyMs;
  const intoMs = rests ? 0 : nowMs - readyMs;
  const restLeftMs = rests ? readyMs - nowMs : 0;
  const workLeftMs = Math.max(0, set.workMs - intoMs);
  return {
    sets,
    at,
    doing: rests ? "rest" : "set",
    leftMs: rests ? restLeftMs : set.timed ? workLeftMs : 0,
    lengthMs: rests ? Math.max(restMs, restLeftMs) : set.timed ? set.workMs : 0,
    intoMs,
    cut: cutOf(sets, at, restLeftMs + workLeftMs, time.leftMs),
    silentMs: rests || set.timed || intoMs < SILENT_MS ? 0 : intoMs,
  };
}

/** The same from the events themselves. */
export function placeAmong(
  score: LiveScore,
  state: ClockState,
  events: readonly SessionEvent[],
  nowMs: Ms,
  person: string,
  part: Part | null,
): OwnPlace | null {
  if (!runTime(score.runs, state)) return null;
  return ownPlace(score, state, pressesOf(score, events, nowMs), person, part);
}

/** Whether everybody of these is through; false where there is nobody. */
export function allThrough(places: readonly OwnPlace[]): boolean {
  return places.length > 0 && places.every(({ doing }) => doing === "all-done");
}
