/** A part: what one person does in every slot of a class, with what they have at home. */
import type { Mark } from "../homes/home";
import type { Use } from "../homes/match";
import type { Tension } from "../moves/move";
import type { Triple } from "../units";
import type { CostSheet } from "./costs";

export const STATUSES = ["as-set", "eased", "raised", "swapped", "unmet"] as const;
/** as-set: what was set at this person's mark. swapped: other kit or limit, same job. */
export type Status = (typeof STATUSES)[number];

export const STATUS_WORDS: Record<Status, string> = {
  "as-set": "as set",
  eased: "eased",
  raised: "raised",
  swapped: "swapped",
  unmet: "unmet",
};

export type PartLoad = { readonly kg: number; readonly items: number } | { readonly tension: Tension } | null;

export interface PartSlot {
  readonly slot: string;
  readonly status: Status;
  readonly mark: Mark;
  /** Move id, or null where the move is known by name only or nothing can be done. */
  readonly move: string | null;
  readonly name: string;
  readonly uses: readonly Use[];
  readonly load: PartLoad;
  /** Stops early after so many seconds, where the level says so. */
  readonly seconds: number | null;
  readonly reps: Triple | null;
  /** What to do differently, from the slot's own level mark; null where nothing was noted. */
  readonly note: string | null;
  readonly why: string;
  readonly cost: CostSheet;
}

export interface Part {
  readonly person: string;
  readonly name: string;
  /** False where the person has not said what they have. */
  readonly homeKnown: boolean;
  readonly cost: number;
  readonly slots: readonly PartSlot[];
  /** What to bring, in order of first use. */
  readonly bring: readonly { readonly kit: string; readonly count: number }[];
}
