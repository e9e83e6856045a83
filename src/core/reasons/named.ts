import type { KnownMove } from "../moves/book";
import type { MoveName, Of } from "./value";

/** A move by its name and id. */
export function nameOf({ id, name }: KnownMove): MoveName {
  return { id, name };
}

/** The same as a value of a reason. */
export function named(move: KnownMove): Of<"move"> {
  return { move: nameOf(move) };
}
