/**
 * A class taught to simulated people: their events are those that a server would have stored, so every screen shows
 * them as it would in earnest. It goes on only when it is told to, to any moment, as fast as one likes; equal seeds and
 * equal presses give equal rehearsals, however the time is cut up.
 */
import { type Demand, demandsOf, RESTING } from "../effort/effort";
import type { ClockState } from "../live/clock-state";
import type { CommandKind } from "../live/event-kinds";
import { type Entered, entered, happening, type Said, type SessionEvent } from "../live/events";
import { type Anchor, applyEvent, readyAnchor, stateAt } from "../live/fold";
import { begunAtMs } from "../live/late";
import { type OwnPlace, ownPlace, pressesOf } from "../live/own-pace";
import type { Muscle } from "../moves/move";
import type { Ms } from "../units";
import { SimulatedBody } from "./body";
import { type Chance, chanceOf } from "./chance";
import type { SimulatedPerson } from "./crowd";
import { Mind, type Press } from "./mind";
import type { Setting } from "./setting";

/** The class is looked at so often, ms of its own time. */
const STEP_MS = 500;
/** Straps are read so often. */
export const STRAP_MS = 5000;
/** What a strap adds to the truth, beats a minute, one standard deviation. */
const STRAP_NOISE = 2;

/** What a simulated strap said, and how tired the most tired muscle was. */
export interface Reading {
  readonly atMs: Ms;
  readonly index: number;
  readonly bpm: number;
  readonly tired: { readonly muscle: Muscle; readonly share: number } | null;
}

export interface Attendee {
  readonly mind: Mind;
  readonly readings: readonly Reading[];
}

interface Somebody {
  readonly mind: Mind;
  readonly body: SimulatedBody;
  readonly noise: Chance;
  readonly demandAt: (segment: Setting["score"]["segments"][number]) => Demand;
  readonly readings: Reading[];
}

export class Rehearsal {
  private list: SessionEvent[] = [];
  private anchor: Anchor;
  private readonly people: readonly Somebody[];
  private atMs: Ms;

  constructor(
    readonly setting: Setting,
    readonly crowd: readonly SimulatedPerson[],
    seed: number,
    readonly openedMs: Ms,
  ) {
    this.atMs = openedMs;
    this.anchor = readyAnchor(setting.score);
    this.people = crowd.map((self) => {
      const part = setting.parts.get(self.person);
      const whose = part ? { part } : { mark: "natural" as const };
      return {
        mind: new Mind(self, setting, chanceOf(seed, `${self.person} acts`)),
        body: new SimulatedBody(self.strap),
        noise: chanceOf(seed, `${self.person} strap`),
        demandAt: demandsOf(setting.doc, setting.book, whose),
        readings: [],
      };
    });
  }

  /** What has happened so far, as a server would give it. A new list whenever something has. */
  get events(): readonly SessionEvent[] {
    return this.list;
  }

  get nowMs(): Ms {
    return this.atMs;
  }

  get attendees(): readonly Attendee[] {
    return this.people;
  }

  /** Where the clock stands now. */
  get state(): ClockState {
    return stateAt(this.setting.score, this.anchor, this.atMs, this.list.length);
  }

  /** Something that the instructor presses now. */
  say(...said: Said<CommandKind>): void {
    this.append({ ...happening(said), id: `instructor ${this.list.length + 1}` } as SessionEvent, this.atMs);
  }

  /** Something that is pressed now on the phone of one of the people, besides what they do by themselves. */
  enter(person: string, ...said: Entered): void {
    const id = `${person} presses ${this.list.length + 1}`;
    this.append({ ...entered(person, said), id } as SessionEvent, this.atMs);
  }

  /** Goes on to a moment; a moment that is past changes nothing. */
  advance(toMs: Ms): void {
    for (;;) {
      const step = Math.floor((this.atMs - this.openedMs) / STEP_MS) + 1;
      const nextMs = this.openedMs + step * STEP_MS;
      if (nextMs > toMs) break;
      this.atMs = nextMs;
      this.step();
    }
    this.atMs = Math.max(this.atMs, toMs);
  }

  private append(event: SessionEvent, atMs: Ms): void {
    const last = this.list.at(-1)?.atMs ?? 0;
    const full = { ...event, seq: this.list.length + 1, atMs: Math.max(last, atMs) } as SessionEvent;
    this.list = [...this.list, full];
    this.anchor = applyEvent(this.setting.score, this.anchor, full);
  }

  /** One look of everybody's, and what of theirs has arrived. */
  private step(): void {
    const { setting, atMs } = this;
    const state = this.state;
    const zeroMs = begunAtMs(this.list);
    const inRun = setting.score.runs.length > 0 && !["ready", "ended"].includes(state.phase);
    const presses = inRun ? pressesOf(setting.score, this.list, atMs) : null;
    for (const somebody of this.people) {
      const { person } = somebody.mind.self;
      const part = setting.parts.get(person) ?? null;
      const place = presses && ownPlace(setting.score, state, presses, person, part);
      somebody.mind.notice(state, atMs, this.openedMs, zeroMs, place);
      this.feel(somebody, state, place);
    }
    const arrived = this.people.flatMap(({ mind }) => mind.arrived(atMs));
    for (const press of arrived.sort(inOrder)) this.append(eventOf(press), timeOf(press));
  }

  private feel(
    { mind, body, noise, demandAt, readings }: Somebody,
    state: ClockState,
    place: OwnPlace | null,
  ): void {
    const at = place ? place.sets[place.at]?.index : state.index;
    const segment = at === undefined ? undefined : this.setting.score.segments[at];
    const works = place ? place.doing === "set" && state.phase === "running" : mind.works(state);
    body.pass(segment && works ? demandAt(segment) : RESTING, STEP_MS / 1000);
    if ((this.atMs - this.openedMs) % STRAP_MS !== 0 || mind.joinedMs === null) return;
    const bpm = Math.round(body.bpm + noise.normal() * STRAP_NOISE);
    readings.push({ atMs: this.atMs, index: state.index, bpm, tired: body.mostTired });
  }
}

const inOrder = (a: Press, b: Press) =>
  a.arrivesMs - b.arrivesMs ||
  (a.says.payload.person < b.says.payload.person
    ? -1
    : a.says.payload.person > b.says.payload.person
      ? 1
      : 0);

const timeOf = ({ offline, pressedMs, arrivesMs }: Press): Ms => (offline ? pressedMs : arrivesMs);

function eventOf({ says, pressedMs }: Press): SessionEvent {
  return { ...says, id: `${says.payload.person} ${says.kind} ${pressedMs}` } as SessionEvent;
}

/** Waiting for "next" for longer than a breath, ms: then it comes by itself where nobody leads. */
const BREATH_MS = 3000;

/** Goes on to a moment, or to the end, with nobody leading: a pause is over, and what waits for "next" gets it. */
export function runOn(rehearsal: Rehearsal, toMs: Ms): void {
  while (rehearsal.nowMs < toMs && rehearsal.state.phase !== "over" && rehearsal.state.phase !== "ended") {
    if (rehearsal.state.phase === "paused") rehearsal.say("resume");
    rehearsal.advance(Math.min(toMs, rehearsal.nowMs + 1000));
    if (rehearsal.state.waitedMs > BREATH_MS) rehearsal.say("skip");
  }
}

/** A class from its start to its end with nobody pressing but its people; five seconds of count-in. */
export function rehearsed(
  setting: Setting,
  crowd: readonly SimulatedPerson[],
  seed: number,
  openedMs: Ms,
): Rehearsal {
  const rehearsal = new Rehearsal(setting, crowd, seed, openedMs);
  rehearsal.advance(openedMs + 10_000);
  rehearsal.say("start", { countInMs: 5000 });
  runOn(rehearsal, openedMs + 25_000 + setting.score.totalMs * 2);
  rehearsal.say("end");
  return rehearsal;
}
