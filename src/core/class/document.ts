/**
 * The class document as it is written to a file, stored and edited (format `brontle.class`, version 1).
 * Times are whole seconds. What is optional may be left out; its default stands beside it.
 * Keys that are not listed here are kept as they are, everywhere.
 */
import type { Mark } from "../homes/home";
import type { Move, MoveRef } from "../moves/move";
import type { Span } from "../values/span";
import type { Dose } from "./dose";

export type { MoveRef, NamedMove } from "../moves/move";
export type { Dose, Ladder } from "./dose";

export const STANCES = ["form", "strength", "density"] as const;
export type Stance = (typeof STANCES)[number];

export const ROLES = ["warmup", "main", "finisher", "cooldown", "break", "talk"] as const;
export type BlockRole = (typeof ROLES)[number];

/** Rounds of a block at most. */
export const MOST_ROUNDS = 100;

export const FOCUSES = ["full", "legs", "push", "pull", "trunk"] as const;
export type Focus = (typeof FOCUSES)[number];

export const SIDES = ["both", "alternating", "inTurn", "swap"] as const;
/** both: symmetrical. alternating: sides take turns rep by rep. inTurn: one side, then the other. swap: one side a piece. */
export type Sides = (typeof SIDES)[number];

export const LOAD_TARGETS = ["none", "light", "medium", "heavy"] as const;
export type LoadTarget = (typeof LOAD_TARGETS)[number];

/** Exactly one key. `kg` is each thing held, not the sum. */
export interface Load {
  readonly target?: LoadTarget;
  readonly kg?: number;
  readonly rir?: number;
  readonly rpe?: number;
}

/** An easier or harder way of a slot. */
export interface Way {
  readonly move?: MoveRef;
  readonly reps?: Span;
  readonly tempo?: string;
  readonly load?: Load;
  /** Stop early: at most the slot's own seconds. */
  readonly seconds?: number;
  /** Does the first so many of the slot's own appearances, and rests in the others. */
  readonly rounds?: number;
  readonly note?: string;
}

/** What the instructor says herself to who can't do a slot's move. */
export interface Alternative {
  readonly move: string;
  readonly note?: string;
}

export interface Slot {
  readonly id: string;
  readonly move: MoveRef;
  readonly dose: Dose | readonly Dose[];
  readonly sides?: Sides;
  readonly firstSide?: "left" | "right";
  readonly count?: "each" | "total";
  readonly sideChange?: number;
  readonly rest?: Span;
  readonly rounds?: readonly number[];
  readonly demo?: number;
  readonly load?: Load | readonly Load[];
  readonly pinned?: boolean;
  readonly together?: string;
  /** True, or the keys that a fit leaves alone. */
  readonly locked?: boolean | readonly string[];
  readonly marks?: { readonly flat?: Way; readonly sharp?: Way };
  /** In order: the first that somebody can do is theirs. */
  readonly alternatives?: readonly Alternative[];
  /** The alternatives are equals, to pick from. */
  readonly choice?: boolean;
  /** What to say while it is worked, and before it starts: once for all, or for each of its own appearances. */
  readonly cue?: string | readonly string[];
  readonly call?: string | readonly string[];
  /** A move of many steps: shared evenly over a rep, or over a timed piece. */
  readonly steps?: readonly string[];
}

export interface Block {
  readonly id: string;
  readonly title: string;
  readonly role?: BlockRole;
  readonly brief?: number;
  readonly demo?: number;
  readonly demoAt?: "block" | "slot";
  readonly prepare?: number;
  readonly loop?: "lap" | "station";
  readonly rounds?: Span;
  readonly rest?: Span;
  readonly longRest?: Span;
  readonly after?: number;
  readonly cap?: number;
  readonly restMove?: MoveRef;
  readonly longRestMove?: MoveRef;
  readonly atEnd?: "run" | "wait";
  /** own: sets are done at each one's own speed inside the planned time of the block. */
  readonly pace?: "clock" | "own";
  readonly stacked?: boolean;
  /** Keys that a fit leaves alone. */
  readonly locked?: readonly string[];
  /** A fit leaves at least so many rounds. */
  readonly least?: { readonly rounds?: number };
  /** What the class is about: a fit takes from it last. */
  readonly heart?: boolean;
  readonly slots?: readonly Slot[];
}

/** Whether a fit leaves a number of a slot alone, or the slot itself (`slot`). */
export function isLocked({ locked }: Slot, key: string): boolean {
  return locked === true || (Array.isArray(locked) && locked.includes(key));
}

/** What was announced. */
export interface Promised {
  readonly minutes?: number;
  readonly moves?: number;
  readonly focus?: readonly Focus[];
  readonly kit?: readonly string[];
}

export interface Acknowledged {
  readonly code: string;
  readonly where: Readonly<Record<string, unknown>>;
  readonly reason: string;
  readonly of: string;
}

/** The instructor's choice of a move for one person in one slot of this class. */
export interface Overruled {
  readonly slot: string;
  /** Id of the person in the roster. */
  readonly person: string;
  readonly move: string;
}

export interface ClassDoc {
  readonly format: "brontle.class";
  readonly version: 1;
  readonly title: string;
  readonly stance: Stance;
  readonly promise?: Promised;
  readonly moves?: readonly Move[];
  readonly acknowledged?: readonly Acknowledged[];
  readonly overruled?: readonly Overruled[];
  readonly blocks: readonly Block[];
}

/** A break or a talk: moves may be left out. */
export function isPause({ role }: { readonly role?: unknown }): boolean {
  return role === "break" || role === "talk";
}

/** The slots of a block; a break or a talk may leave them out. */
export function slotsOf(block: Block): readonly Slot[] {
  return block.slots ?? [];
}

/**
 * Whether something hangs on the number of a block's rounds (a slot's own rounds, a dose or a load for each
 * of them), so that another number alone would make it invalid. The one place for this rule.
 */
export function roundsAreFixed(block: Block): boolean {
  return slotsOf(block).some(
    (slot) => slot.rounds !== undefined || Array.isArray(slot.dose) || Array.isArray(slot.load),
  );
}

/** The doses of a slot as a list; one dose stands for all appearances. */
export function dosesOf(slot: Slot): readonly Dose[] {
  return Array.isArray(slot.dose) ? slot.dose : [slot.dose as Dose];
}

/** A slot's dose or doses, each changed: one stays one, a list a list. */
export function mapDoses(slot: Slot, change: (dose: Dose) => Dose): Slot["dose"] {
  return Array.isArray(slot.dose) ? slot.dose.map(change) : change(slot.dose as Dose);
}

/** The dose of the slot's `index`-th own appearance, from 0. */
export function doseAt(slot: Slot, index: number): Dose {
  const doses = dosesOf(slot);
  return doses[Math.min(index, doses.length - 1)] as Dose;
}

/** The load of the slot's `index`-th own appearance, from 0; undefined where none is set. */
export function loadAt(slot: Slot, index: number): Load | undefined {
  if (!Array.isArray(slot.load)) return slot.load as Load | undefined;
  const loads = slot.load as readonly Load[];
  return loads[Math.min(index, loads.length - 1)];
}

/** How often a slot comes in its block, where the block has so many rounds. */
export function appearancesOf(slot: Slot, rounds: number): number {
  return slot.rounds ? slot.rounds.filter((round) => round <= rounds).length : rounds;
}

/** The slot's own way at a level, or null where it has none: then it is done as set. */
export function wayAt(slot: Slot, mark: Mark): Way | null {
  return mark === "natural" ? null : (slot.marks?.[mark] ?? null);
}

/** The instructor's own ways for those who can't do a slot's move, in order. */
export function alternativesOf(slot: Slot): readonly Alternative[] {
  return slot.alternatives ?? [];
}

/** The instructor's own words of a slot's `index`-th appearance, from 0; empty where there are none, or blanks alone. */
export function ownWords(slot: Slot, key: "cue" | "call", index = 0): string {
  const said = slot[key];
  const own = typeof said === "string" ? said : (said?.[Math.min(index, said.length - 1)] ?? "");
  return own.trim();
}

/** Which of a slot's own appearances, from 0, is in a round (or set); the first where it isn't said. */
export function appearanceIndex(slot: Slot, round: number | null): number {
  if (round === null) return 0;
  return Math.max(0, slot.rounds ? slot.rounds.indexOf(round) : round - 1);
}

/** Every word of one kind that a slot has, for all of its appearances. */
export function allWords(slot: Slot, key: "cue" | "call"): readonly string[] {
  const said = slot[key];
  return said === undefined ? [] : typeof said === "string" ? [said] : said;
}

/** A block with the slot that has this id, or null. */
export function findSlot(doc: ClassDoc, slotId: string): { block: Block; slot: Slot } | null {
  for (const block of doc.blocks) {
    for (const slot of slotsOf(block)) if (slot.id === slotId) return { block, slot };
  }
  return null;
}
