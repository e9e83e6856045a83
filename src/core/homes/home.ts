/** A person and their home, in the form of the roster file (format `brontle.roster`, version 1). */
import type { Pattern, Tension } from "../moves/move";
import type { Seconds } from "../units";
import type { Goals } from "./goals";
import type { KitItem } from "./kit";
import type { Limit } from "./limits";

export const MARKS = ["flat", "natural", "sharp"] as const;
/** ♭ an easier way, ♮ as set, ♯ a harder way. */
export type Mark = (typeof MARKS)[number];

/** The mark's glyph; always shown with its word. */
export const MARK_GLYPH: Record<Mark, string> = { flat: "♭", natural: "♮", sharp: "♯" };

export const FLOORS = ["smooth", "carpet", "tile", "mat"] as const;
export type Floor = (typeof FLOORS)[number];

/** What is left out is not known, and then nothing is excluded for it. */
export interface Space {
  readonly floor?: Floor;
  readonly lengthM?: number;
  readonly ceilingCm?: number;
  readonly jumping?: boolean;
  /** False where there is none to lean on; otherwise a wall is assumed. */
  readonly wall?: boolean;
}

/** A set that a person is known to have done: reps, or seconds of a hold. */
export interface WorkingSet {
  readonly move: string;
  /** Of each thing held; left out or 0 where nothing is. */
  readonly kg?: number;
  /** A band's, in place of kilograms. */
  readonly tension?: Tension;
  /** Strands of the band in each hand; 1 where left out, 2 where it is doubled. */
  readonly strands?: number;
  readonly reps?: number;
  /** Of a hold, in place of reps. */
  readonly seconds?: Seconds;
  /** Reps that were left; left out: not said. */
  readonly rir?: number;
  /** `YYYY-MM-DD`; left out: some weeks ago. */
  readonly date?: string;
}

export interface Person {
  readonly id: string;
  readonly name: string;
  /** Natural where left out. */
  readonly mark?: Mark;
  readonly marks?: Readonly<Partial<Record<Pattern, Mark>>>;
  readonly limits?: readonly Limit[];
  readonly units?: "kg" | "lb";
  readonly timeZone?: string;
  readonly language?: string;
  /** Where invitations go; left out: the instructor hands the link over. */
  readonly email?: string;
  readonly space?: Space;
  /** Left out: not said yet. Empty: nothing. */
  readonly kit?: readonly KitItem[];
  readonly workingSets?: readonly WorkingSet[];
  /** Body mass, only where the person chose to give it: loads of squats and press-ups then count it. */
  readonly bodyKg?: number;
  /** Only where the person chose to give it; 175 cm where left out. With the ceiling it decides what fits overhead. */
  readonly heightCm?: number;
  /** ISO 3166, for the emergency number of where they are. */
  readonly country?: string;
  /** Hours in their own time zone in which nothing louder than a step is done; the limit `quiet` holds always. */
  readonly quiet?: { readonly from: string; readonly to: string };
  /** What they usually do, where tonight's level is another: what they are believed to lift hangs on this. */
  readonly usual?: Pick<Person, "mark" | "marks">;
  /** Set as coming to the next class: what they can't do is a stop. */
  readonly coming?: boolean;
  /** The instructor's standing choices: instead of the first move they always do the second. */
  readonly always?: Readonly<Record<string, string>>;
  /** People with the same name of it train in one room and share its things. */
  readonly household?: string;
  /** What they are to do next, by move, as the instructor accepted it. */
  readonly goals?: Goals;
}

export interface Roster {
  readonly format: "brontle.roster";
  readonly version: 1;
  readonly people: readonly Person[];
}

/** A person's usual mark in a pattern, whatever is wanted tonight. */
export function usualMark(person: Person, pattern: Pattern | undefined): Mark {
  const { mark, marks } = person.usual ?? person;
  return (pattern && marks?.[pattern]) ?? mark ?? "natural";
}

/** The mark that is wanted for a person in a pattern. */
export function wantedMark(person: Person, pattern: Pattern | undefined): Mark {
  return (pattern && person.marks?.[pattern]) ?? person.mark ?? "natural";
}
