/**
 * Everything that can happen to a taught class, one row a kind: what it carries, who may send it, what it does
 * to the clock, how two made at once are merged, who sees it, and its words. What a kind needs elsewhere
 * (a step of the clock, a turn of who is here) is a table over the same names, so that a kind that was added
 * here and not there doesn't compile.
 */

import { MOST_ROUNDS } from "../class/document";
import { MARKS } from "../homes/home";
import { MORE } from "../strength/more";
import { type Fields, type ObjectOf, oneOf, optional, orNull, ours, text, whole } from "../values/fields";

/** Longest count-in and longest single change that are taken. */
export const MOST_COUNT_IN_MS = 60_000;
export const MOST_EXTEND_SECONDS = 600;
export const MOST_SHORTEN_SECONDS = 3600;
export const MOST_NOTE_CHARACTERS = 500;
const MOST_ID_CHARACTERS = 100;
const MOST_NAME_CHARACTERS = 120;
const MOST_VERSION = 1_000_000;

export interface EventKindFacts {
  readonly payload: Fields;
  /** Who makes it. `server`: what it writes of its own accord. */
  readonly sender: "instructor" | "participant" | "server";
  /**
   * What it does to the clock: `jumps` to another segment (or begins, or ends), `changes` what is to come or
   * how it runs, or nothing: then it commutes with everything.
   */
  readonly clock: "jumps" | "changes" | "nothing";
  /**
   * Made on an older state it counts: `always`; `unless-moved`, since it would move twice where once was meant;
   * `unless-same` was done meanwhile, since it would cut twice.
   */
  readonly merges: "always" | "unless-moved" | "unless-same";
  /** Who sees it: all; the person that it names; that person, or all where it names none; instructors alone. */
  readonly seenBy: "all" | "person" | "person-or-all" | "instructors";
  /** What happened, to be read after a name: "Maren *paused the class*". */
  readonly words: string;
}

/** What becomes of the next set: by its weight, else by its reps. */
export const SET_CHANGES = ["heavier", "lighter", "more-reps", "fewer-reps", "same"] as const;
export type SetChange = (typeof SET_CHANGES)[number];

const person = text(MOST_ID_CHARACTERS);
const slot = text(MOST_ID_CHARACTERS);
const version = whole(0, MOST_VERSION);

const clock = {
  sender: "instructor",
  clock: "changes",
  merges: "always",
  seenBy: "all",
  payload: {},
} as const;
const jump = { ...clock, clock: "jumps", merges: "unless-moved" } as const;
const entry = { sender: "participant", clock: "nothing", merges: "always", seenBy: "person" } as const;

export const EVENT_KINDS = {
  // The instructor's, about the clock.
  start: {
    ...jump,
    merges: "always",
    payload: { countInMs: optional(whole(0, MOST_COUNT_IN_MS)), version: ours(version) },
    words: "started the class",
  },
  pause: { ...clock, words: "paused the class" },
  resume: { ...clock, words: "went on" },
  skip: { ...jump, words: "went on to the next piece" },
  back: { ...jump, words: "went back" },
  repeat: { ...jump, words: "repeated a piece" },
  /** Of the present segment. */
  extend: { ...clock, payload: { seconds: whole(1, MOST_EXTEND_SECONDS) }, words: "added seconds" },
  /** Of the present segment. */
  shorten: {
    ...clock,
    merges: "unless-same",
    payload: { seconds: whole(1, MOST_SHORTEN_SECONDS) },
    words: "took seconds off",
  },
  /** The reps of the present piece are counted from here on, by everybody. */
  count: { ...clock, merges: "unless-moved", words: "began to count anew" },
  /** To take from the rests still to come, all together. */
  "shorten-rests": {
    ...clock,
    merges: "unless-same",
    payload: { seconds: whole(1, MOST_SHORTEN_SECONDS) },
    words: "shortened the rests",
  },
  "drop-round": { ...clock, merges: "unless-same", words: "dropped a round" },
  "drop-finisher": { ...clock, words: "dropped the finisher" },
  /** When the class is to be over; null takes that back. */
  "land-at": {
    ...clock,
    payload: { finishAtMs: orNull(whole(0, Number.MAX_SAFE_INTEGER)) },
    words: "set when the class is to be over",
  },
  end: { ...jump, merges: "always", words: "ended the class" },
  /** Takes an end back that was pressed by mistake: the class stands paused where it was. */
  "go-on": { ...jump, merges: "always", words: "took the end back" },

  /** Who of several instructors leads from now on: their screens make the sounds. Everybody can still press. */
  lead: {
    ...clock,
    clock: "nothing",
    seenBy: "instructors",
    payload: { name: text(MOST_NAME_CHARACTERS) },
    words: "took the lead",
  },

  // The instructor's, about people.
  "hurt-seen": { ...entry, sender: "instructor", payload: { person }, words: "saw that it hurts" },
  note: {
    ...entry,
    sender: "instructor",
    seenBy: "instructors",
    payload: { text: text(MOST_NOTE_CHARACTERS) },
    words: "noted something",
  },

  // What participants enter by themselves.
  join: { ...entry, payload: { person }, words: "came" },
  leave: { ...entry, payload: { person }, words: "left" },
  /** The level from now on. */
  mark: { ...entry, payload: { person, mark: oneOf(MARKS) }, words: "took another level" },
  /** Of the equals that a slot leaves to choose from, by its move id (by its name where it has none). */
  choose: {
    ...entry,
    payload: { person, slot, move: text(MOST_NAME_CHARACTERS) },
    words: "chose one of the ways",
  },
  /** How many more there were in a set. */
  more: {
    ...entry,
    payload: { person, slot, round: whole(1, MOST_ROUNDS), more: oneOf(MORE) },
    words: "said how many more there were",
  },
  /** With the reps of a piece; where everybody goes at their own pace, with a set, by its round. */
  done: {
    ...entry,
    payload: { person, slot: optional(slot), round: optional(whole(1, MOST_ROUNDS)) },
    words: "was done",
  },
  /** Takes back that a set was done. */
  "not-done": {
    ...entry,
    payload: { person, slot, round: whole(1, MOST_ROUNDS) },
    words: "took back that a set was done",
  },
  hurt: { ...entry, payload: { person, slot: optional(slot) }, words: "said that it hurts" },
  /** How well a screen knows the time, and how late it shows it since the call is late: of this device, not of its person. */
  device: {
    ...entry,
    seenBy: "instructors",
    payload: { person, withinMs: whole(0, MOST_COUNT_IN_MS), lateMs: whole(0, MOST_COUNT_IN_MS) },
    words: "opened a screen",
  },
  uncomfortable: { ...entry, payload: { person, slot: optional(slot) }, words: "asked for another way" },

  // What the server writes when it has worked out parts anew.
  /** One person's, or everybody's: a walk-in, new limits or kit tonight. */
  part: {
    ...entry,
    sender: "server",
    payload: { version, person: optional(person) },
    words: "got a part worked out anew",
  },
  /** The sets to come follow what somebody said of the last one. */
  "next-set": {
    ...entry,
    sender: "server",
    payload: { version, person, slot, round: whole(1, MOST_ROUNDS), change: oneOf(SET_CHANGES) },
    words: "got another next set",
  },
  /** A slot's move was changed, for one person or for all. */
  substitute: {
    ...entry,
    sender: "server",
    seenBy: "person-or-all",
    payload: { version, slot, move: text(MOST_ID_CHARACTERS), person: optional(person) },
    words: "does another move",
  },
  /** A removed person's entry. */
  erased: { ...entry, sender: "server", seenBy: "instructors", payload: {}, words: "was removed" },
} as const satisfies Readonly<Record<string, EventKindFacts>>;

type Kinds = typeof EVENT_KINDS;
export type SessionEventKind = keyof Kinds;

/** Kinds whose facts have this. */
type KindsWhere<Fact> = { [K in SessionEventKind]: Kinds[K] extends Fact ? K : never }[SessionEventKind];
export type ClockKind = KindsWhere<{ readonly clock: "jumps" | "changes" }>;
export type CommandKind = KindsWhere<{ readonly sender: "instructor" }>;
export type EntryKind = KindsWhere<{ readonly sender: "participant" }>;
/** Kinds that tell of one person. */
export type PersonKind = KindsWhere<{ readonly seenBy: "person" }>;

/** What an event of a kind carries. */
export type PayloadOf<K extends SessionEventKind> = ObjectOf<Kinds[K]["payload"]>;

/** The facts of a kind, for code that asks of any. */
export const factsOf = (kind: SessionEventKind): EventKindFacts => EVENT_KINDS[kind];

export const SESSION_EVENT_KINDS = Object.keys(EVENT_KINDS) as SessionEventKind[];
export const COMMAND_KINDS = SESSION_EVENT_KINDS.filter(
  (kind): kind is CommandKind => factsOf(kind).sender === "instructor",
);
export const ENTRY_KINDS = SESSION_EVENT_KINDS.filter(
  (kind): kind is EntryKind => factsOf(kind).sender === "participant",
);
export const CLOCK_KINDS = SESSION_EVENT_KINDS.filter(
  (kind): kind is ClockKind => factsOf(kind).clock !== "nothing",
);
export const isClockKind = (kind: SessionEventKind): kind is ClockKind => factsOf(kind).clock !== "nothing";
