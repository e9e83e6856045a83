/** What a reader of a plan isn't sure of, with where it stands. */
import type { Fault } from "../values/faults";
import type { Place } from "./pencil";

export type Note =
  /** No move is called so: it is taken by name. `near`: ids of the nearest. */
  | {
      readonly code: "unknown-move";
      readonly place: Place;
      readonly text: string;
      readonly near: readonly string[];
    }
  /** Words that could mean more than one move, and the one that they were taken for. */
  | {
      readonly code: "read-as";
      readonly place: Place;
      readonly text: string;
      readonly move: string;
      readonly near: readonly string[];
    }
  /** Nothing says how much of it: the usual was put in. */
  | { readonly code: "no-dose"; readonly place: Place; readonly text: string }
  /** A list of so many (`text`) in a block of other sets: cut, or its last one repeated. */
  | { readonly code: "list-length"; readonly place: Place; readonly text: string; readonly sets: number }
  /** Nothing was made of this. */
  | { readonly code: "not-read"; readonly place: Place; readonly text: string }
  /** Words of a heading that are no part of a structure: they became its title. */
  | { readonly code: "as-title"; readonly place: Place; readonly text: string }
  /** What was read can't be stored as it is. */
  | { readonly code: "not-allowed"; readonly place: Place; readonly text: string; readonly fault: Fault };
