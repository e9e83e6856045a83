/** What the Desk's actions and keys open beside the class itself. */
import type { OwnRests } from "@/core/class/new-class";
import type { Move } from "@/core/moves/move";

export interface Doors {
  readonly pick: (kind: "replace" | "add") => void;
  readonly showKeys: () => void;
  readonly showMore: () => void;
  readonly showRoom: () => void;
  readonly stepFinding: (by: -1 | 1) => void;
  readonly showFit: () => void;
  /** The studio's own moves: one that is put in travels with the class. */
  readonly own: readonly Move[];
  readonly teach: () => void;
  /** Rests of a new block, where the studio has its own. */
  readonly rests: OwnRests;
  /** True while a dialog has the keys. */
  readonly quiet: boolean;
}
