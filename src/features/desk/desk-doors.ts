/** What the Desk's actions and keys open beside the class itself. */
import type { OwnRests } from "@/core/class/new-class";
import type { Move } from "@/core/moves/move";
import type { Marks } from "./use-marks";

/**
 * What a move is chosen for: in place of the selected one, behind it, as a level of it, as another way of it, in turn
 * with it, or to be done easily in the block's rests, or between its rounds.
 */
const MOVE_PICKS = [
  "replace",
  "add",
  "flat",
  "sharp",
  "alternative",
  "combine",
  "restMove",
  "longRestMove",
] as const;
export type MovePick = (typeof MOVE_PICKS)[number];
export const isPick = (opened: string): opened is MovePick => MOVE_PICKS.some((pick) => pick === opened);

export interface Doors {
  readonly pick: (kind: MovePick) => void;
  readonly showKeys: () => void;
  readonly showMore: () => void;
  readonly showRoom: () => void;
  readonly stepFinding: (by: -1 | 1) => void;
  /** Shows what would mend the finding, takes what is shown, leaves it; or says why it is left. */
  readonly tryFix: () => void;
  readonly takeFix: () => void;
  readonly leaveFix: () => void;
  /** Several moves at once. */
  readonly marks: Marks;
  readonly because: () => void;
  readonly showFit: () => void;
  /** The whole class as a table. */
  readonly showTable: () => void;
  /** Earlier states of the class. */
  readonly showVersions: () => void;
  /** A typed plan put in behind the selected block; the class copied as one. */
  readonly paste: () => void;
  readonly copyText: () => void;
  /** The studio's own moves: one that is put in travels with the class. */
  readonly own: readonly Move[];
  readonly teach: () => void;
  /** Rests of a new block, where the studio has its own. */
  readonly rests: OwnRests;
  /** True while a dialog has the keys. */
  readonly quiet: boolean;
}
