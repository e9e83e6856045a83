/** A part: what one person does in every slot of a class, with what they have at home. */
import type { Goal } from "../homes/goals";
import type { Mark } from "../homes/home";
import type { KitType } from "../homes/kit";
import type { Use } from "../homes/match";
import type { Position, Tension } from "../moves/move";
import type { Adjust, Dearer, LoadReason, Why } from "../reasons/part-reasons";
import type { Range } from "../strength/predict";
import type { Seconds, Triple } from "../units";
import type { CostSheet } from "./costs";

export const STATUSES = ["as-set", "eased", "raised", "swapped", "unmet"] as const;
/** as-set: what was set at this person's mark. swapped: other kit or limit, same job. */
export type Status = (typeof STATUSES)[number];

export type PartLoad = { readonly kg: number; readonly items: number } | { readonly tension: Tension } | null;

/** One set: what is done in one of a slot's own appearances. */
export interface PartSet {
  /** Round, or set number at a station. */
  readonly round: number;
  /** Seconds of a timed or held piece (of each side, where they share one); null where reps are counted. */
  readonly seconds: Seconds | null;
  readonly reps: Triple | null;
  /** Reps of one limb that it comes to, about so many in a timed piece; null where that can't be told. */
  readonly limbReps: number | null;
  /** The things in use in this set. */
  readonly uses: readonly Use[];
  readonly load: PartLoad;
  /** Reps that are likely at this load with the reserve that is meant; null where that can't be told. */
  readonly predicted: Range | null;
  /** Reps that are likely left after it, at the median; of a hold one for each five seconds. Null where that can't be told. */
  readonly left?: number | null;
  /** How far it lies from the effort that is meant, as a log: see docs/strength.md. */
  readonly strain: number | null;
}

/** Reps that are predicted at the load there is, with the reserve that is meant. */
export interface Predicted {
  readonly reps: number;
  readonly rir: number;
  /** Past 10 reps a prediction is rough. */
  readonly rough: boolean;
}

/** Another way that was open, and why it wasn't taken. */
export interface Instead {
  readonly move: string;
  readonly name: string;
  /** Cost of the whole part with this way here. */
  readonly cost: number;
  readonly whyNot: readonly Dearer[];
}

export interface PartSlot {
  readonly slot: string;
  readonly status: Status;
  readonly mark: Mark;
  /** Move id, or null where the move is known by name only or nothing can be done. */
  readonly move: string | null;
  readonly name: string;
  readonly position: Position | null;
  readonly uses: readonly Use[];
  /** A weight that the instructor wrote and that is there, but too much: kg of each, and the reps that are likely with it. */
  readonly closed?: { readonly kg: number; readonly reps: number; readonly rir: number } | null;
  /** Of the first set; of all of them see `sets`. */
  readonly load: PartLoad;
  /** Stops early after so many seconds, where the level says so. */
  readonly seconds: Seconds | null;
  /** A one-sided way in a two-sided timed slot: the slot's seconds shared between the sides. */
  readonly shares: readonly [first: Seconds, second: Seconds] | null;
  readonly reps: Triple | null;
  /** Reps are of each side, where the slot's are of both together; nothing in parts that were frozen before. */
  readonly eachSide?: boolean;
  /** Does the first so many of the slot's own appearances and rests in the others; left out: all. */
  readonly rounds?: number;
  /** The tempo of their level, where it has its own. */
  readonly tempo?: string;
  /** The way is the instructor's own alternative to what is set. */
  readonly own?: boolean;
  /** The other equals that this person may pick, where the slot leaves the choice. */
  readonly choices?: readonly PartSlot[];
  readonly predicted: Predicted | null;
  /** Every set in order; none in parts that were frozen before sets were worked out by themselves. */
  readonly sets?: readonly PartSet[];
  /** What to do about a load that is too light or too heavy, best first. */
  readonly adjust: readonly Adjust[];
  /** What to do differently, from the slot's own level mark; null where nothing was noted. */
  readonly note: string | null;
  /** Chosen by the instructor. */
  readonly overruled: boolean;
  /** What they are to do next in this move, by which its numbers are; left out where they have no goal in it. */
  readonly goal?: Goal;
  readonly why: Why;
  /** What is known of the load, where something is. */
  readonly loadReason: LoadReason | null;
  readonly cost: CostSheet;
  readonly instead: readonly Instead[];
}

/** The level's own words of what to do, which stand for the way; words beside an alternative only say when it is for. */
export function levelNote({ note, own }: Pick<PartSlot, "note" | "own">): string | null {
  return own ? null : note;
}

/** What a person needs between two slots, or between the sides of one, against the gap they have. */
export interface ChangeOver {
  readonly from: string;
  readonly to: string;
  readonly times: number;
  readonly needs: Seconds;
  /** The shortest gap that the score gives. */
  readonly gap: Seconds;
  readonly short: Seconds;
}

/** A thing to have ready. */
export interface Brought {
  readonly kit: string;
  readonly count: number;
  /** Of one whose weight is chosen: every weight that some set asks for, lightest first, kg. */
  readonly kgs?: readonly number[];
}

/** What two people in one room have of its things in a block. */
export interface SharedBlock {
  readonly block: string;
  readonly mine: readonly SharedThing[];
  readonly theirs: readonly SharedThing[];
  /** Handed over from move to move. */
  readonly turns: readonly SharedThing[];
}

export interface SharedThing {
  readonly kit: string;
  readonly type: KitType;
  readonly count: number;
  readonly kg?: number;
}

export interface Part {
  readonly person: string;
  readonly name: string;
  /** False where the person has not said what they have. */
  readonly homeKnown: boolean;
  readonly cost: number;
  /** False where the class was too tangled to prove the least cost. */
  readonly exact: boolean;
  readonly slots: readonly PartSlot[];
  /** What to bring, in order of first use. */
  readonly bring: readonly Brought[];
  readonly changeovers: readonly ChangeOver[];
  /** What the person's things are, by their ids: so that what hangs on kit can be worked out from the part alone. */
  readonly kinds: Readonly<Record<string, KitType>>;
  /** With whom they share a room, and what is whose in each block; left out for who trains alone. */
  readonly shared?: { readonly with: string; readonly blocks: readonly SharedBlock[] };
}

/** What each of these people does in a slot. */
export function inSlot(parts: readonly Part[], slotId: string): readonly PartSlot[] {
  return parts.flatMap(({ slots }) => slots.find(({ slot }) => slot === slotId) ?? []);
}

/** Whether somebody does what is set, at their own level: no other move for want of kit or by a limit. */
export function follows({ status }: PartSlot): boolean {
  return status !== "swapped" && status !== "unmet";
}
