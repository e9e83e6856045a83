import type { KnownMove } from "../core/moves/book";

/** A move as it was when the class began; only those that the class or a part names are frozen. */
export type FrozenMove = KnownMove;
