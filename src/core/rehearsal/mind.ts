/**
 * What one simulated person does while a class goes on: comes, gets ready, works, presses. Everything is drawn from
 * their own chance, so that what others do changes nothing of it.
 */
import type { ClockState } from "../live/clock-state";
import type { EntryKind } from "../live/event-kinds";
import { type Entered, entered, type Happening } from "../live/events";
import { setToAsk } from "../live/next-set";
import { type OwnPlace, setKey } from "../live/own-pace";
import type { PartSet, PartSlot } from "../parts/part";
import type { More } from "../strength/more";
import type { Ms } from "../units";
import type { Chance } from "./chance";
import { backAt, type SimulatedPerson } from "./crowd";
import type { Setting } from "./setting";

/** Something pressed: when, and when the server has it. */
export interface Press {
  readonly says: Happening<EntryKind>;
  readonly pressedMs: Ms;
  readonly arrivesMs: Ms;
  /** Pressed without a connection: it is stored with the time at which it was pressed. */
  readonly offline: boolean;
}

/** Not ready when a piece began. */
export interface Lateness {
  readonly index: number;
  readonly fromSlot: string;
  readonly toSlot: string;
  readonly gapMs: Ms;
  readonly lateMs: Ms;
}

/** A set that was too much: so many reps were missing. */
export interface Fell {
  readonly slot: string;
  readonly round: number;
  readonly missing: number;
}

/** Those who are in time open the page within this, ms. */
const DOOR_MS = 4000;
/** Between the end of a first set and its answer, ms. */
const ANSWER_MS = [2500, 8000] as const;
/** Who can't do a set asks for another way so often. */
const ASKS = 0.6;
const PRESSES_DONE = 0.8;

export class Mind {
  readonly late: Lateness[] = [];
  readonly fell: Fell[] = [];
  readonly unmet = new Set<string>();
  joinedMs: Ms | null = null;
  private queue: Press[] = [];
  private index = -1;
  private lastSlot: string | null = null;
  private workEndMs: Ms | null = null;
  /** Into the present piece until when they get ready. */
  private readyAfterMs: Ms = 0;
  private readonly said = new Set<string>();

  constructor(
    readonly self: SimulatedPerson,
    private readonly setting: Setting,
    private readonly chance: Chance,
  ) {}

  /** Whether they work at this moment of a piece that is led by the clock. */
  works(state: ClockState): boolean {
    return this.joinedMs !== null && state.phase === "running" && state.intoMs >= this.readyAfterMs;
  }

  /** What has reached the server by now, in the order in which it did. */
  arrived(nowMs: Ms): readonly Press[] {
    if (this.queue.length === 0) return [];
    const there = this.queue.filter(({ arrivesMs }) => arrivesMs <= nowMs);
    this.queue = this.queue.filter(({ arrivesMs }) => arrivesMs > nowMs);
    return there.sort((a, b) => a.arrivesMs - b.arrivesMs);
  }

  /** Looks at the class: `zeroMs` is its second 0, null before the start; `place` where they are in a block at their own pace. */
  notice(state: ClockState, nowMs: Ms, openedMs: Ms, zeroMs: Ms | null, place: OwnPlace | null): void {
    if (this.joinedMs === null) this.comes(nowMs, openedMs, zeroMs);
    if (this.joinedMs === null || zeroMs === null || state.phase !== "running") return;
    if (place) this.goesOn(place, nowMs, zeroMs);
    if (state.index === this.index) return;
    this.leaves(state, nowMs, zeroMs);
    this.index = state.index;
    if (!place) this.enters(state, nowMs, zeroMs);
  }

  private comes(nowMs: Ms, openedMs: Ms, zeroMs: Ms | null): void {
    const { comesSeconds } = this.self;
    const inTime = comesSeconds < 0;
    const atMs = inTime
      ? openedMs + (DOOR_MS * (240 + comesSeconds)) / 240
      : zeroMs === null
        ? null
        : zeroMs + comesSeconds * 1000;
    if (atMs === null || nowMs < atMs) return;
    this.joinedMs = nowMs;
    this.press(["join"], nowMs, zeroMs ?? nowMs);
  }

  /** In a block at their own pace: the set that is counted is done after its time, at their pace. */
  private goesOn({ sets, at, doing, intoMs }: OwnPlace, nowMs: Ms, zeroMs: Ms): void {
    const set = sets[at];
    if (!set || doing !== "set" || set.timed || this.self.silent || this.said.has(setKey(set))) return;
    this.said.add(setKey(set));
    const { slot, round } = set;
    const afterMs = Math.max(0, set.workMs * this.self.pace - intoMs);
    this.press(["done", { slot, round }], nowMs + afterMs, zeroMs);
  }

  private ownSlot(slot: string | null): PartSlot | undefined {
    return this.setting.parts.get(this.self.person)?.slots.find((own) => own.slot === slot);
  }

  /** A piece is over: after the first set of a slot they say how many more there were. */
  private leaves(state: ClockState, nowMs: Ms, zeroMs: Ms): void {
    const { score, book, parts } = this.setting;
    const before = score.segments[this.index];
    if (before?.kind === "work") {
      this.lastSlot = before.slot;
      this.workEndMs = nowMs - state.intoMs;
    }
    const part = parts.get(this.self.person);
    const ask = part && !this.self.silent ? setToAsk(score, state, part, book) : null;
    if (!ask || this.said.has(`more ${ask.slot}`)) return;
    this.said.add(`more ${ask.slot}`);
    const set = this.ownSlot(ask.slot)?.sets?.find(({ round }) => round === ask.round);
    const more = moreOf(set, this.self.spareReps);
    this.press(["more", { ...ask, more }], nowMs + this.chance.between(...ANSWER_MS), zeroMs);
  }

  /** A piece begins: ready or not, able or not. */
  private enters(state: ClockState, nowMs: Ms, zeroMs: Ms): void {
    const segment = this.setting.score.segments[state.index];
    this.readyAfterMs = 0;
    if (segment?.kind !== "work" || segment.slot === null) return;
    this.getsReady(state, nowMs, segment.slot);
    const own = this.ownSlot(segment.slot);
    if (!own) return;
    if (own.status === "unmet") {
      this.readyAfterMs = Number.POSITIVE_INFINITY;
      if (!this.unmet.has(own.slot)) this.asks(own.slot, nowMs, zeroMs);
      this.unmet.add(own.slot);
      return;
    }
    this.tries(own, segment.round ?? 1, state, nowMs, zeroMs);
    if (this.chance.happens(this.self.hurtShare))
      this.press(["hurt", { slot: own.slot }], nowMs + state.lengthMs / 2, zeroMs);
  }

  private getsReady(state: ClockState, nowMs: Ms, slot: string): void {
    const from = this.lastSlot;
    if (from === null || this.workEndMs === null) return;
    const part = this.setting.parts.get(this.self.person);
    const needs = part?.changeovers.find((each) => each.from === from && each.to === slot)?.needs ?? 0;
    const gapMs = nowMs - state.intoMs - this.workEndMs;
    const lateMs = Math.round(needs * 1000 * this.self.pace - gapMs);
    if (needs === 0 || lateMs <= 0) return;
    this.readyAfterMs = Math.min(lateMs, state.lengthMs);
    this.late.push({ index: state.index, fromSlot: from, toSlot: slot, gapMs, lateMs });
  }

  /** The set itself: how many are left in it, and when they are done. */
  private tries(own: PartSlot, round: number, state: ClockState, nowMs: Ms, zeroMs: Ms): void {
    const set = own.sets?.find((each) => each.round === round);
    const left = (set?.left ?? 3) + this.self.spareReps;
    if (set?.reps && left < -0.5) {
      this.fell.push({ slot: own.slot, round, missing: Math.round(-left) });
      this.asks(own.slot, nowMs + state.lengthMs / 2, zeroMs);
    }
    if (!set?.reps || this.self.silent) return;
    const doneMs = this.readyAfterMs + state.lengthMs * this.self.pace * 0.95;
    if (doneMs < state.lengthMs && this.chance.happens(PRESSES_DONE))
      this.press(["done", { slot: own.slot }], nowMs - state.intoMs + doneMs, zeroMs);
  }

  private asks(slot: string, atMs: Ms, zeroMs: Ms): void {
    if (this.self.silent || this.said.has(`ask ${slot}`) || !this.chance.happens(ASKS)) return;
    this.said.add(`ask ${slot}`);
    this.press(["uncomfortable", { slot }], atMs, zeroMs);
  }

  /** On its way: at once, or when the connection is back. */
  private press(says: Entered, pressedMs: Ms, zeroMs: Ms): void {
    const { latencyMs, jitterMs, person } = this.self;
    const wayMs = latencyMs + this.chance.share() * jitterMs;
    const back = backAt(this.self, (pressedMs - zeroMs) / 1000);
    const arrivesMs = Math.round((back === null ? pressedMs : zeroMs + back * 1000) + wayMs);
    const press = { says: entered(person, says), pressedMs: Math.round(pressedMs), arrivesMs };
    this.queue.push({ ...press, offline: back !== null });
  }
}

/** What somebody with so many left says, where they know it well. */
function moreOf(set: PartSet | undefined, spareReps: number): More {
  const left = (set?.left ?? 3) + spareReps;
  if (left < 1.5) return "0-1";
  return left < 3.5 ? "2-3" : "4-or-more";
}
