/**
 * What a reason can say, as data: typed values without a word of any language. `src/words` makes text of them.
 * Whole numbers and closed codes stand by themselves; what a language has to shape has a key that says what it is.
 */
import type { Dose } from "../class/dose";
import type { Mark } from "../homes/home";
import type { KitItem, KitType } from "../homes/kit";
import type { Limit } from "../homes/limits";
import type { Muscle, Need } from "../moves/move";
import type { MassUnits, Seconds } from "../units";
import type { Span } from "../values/span";

/** A move by its id, and by its name where it has none in the library, or none in a language. */
export interface MoveName {
  readonly id: string | null;
  readonly name: string;
}

/** A thing in use: so many of it, at the weight that is chosen where one can be, and what is put into it. */
export interface Held {
  readonly item: Omit<KitItem, "id">;
  readonly count: number;
  readonly inside: readonly Held[];
}

/** Each kind of value by its key. */
export interface Values {
  readonly move: MoveName;
  readonly moves: readonly MoveName[];
  readonly muscles: readonly Muscle[];
  /** Hard sets by muscle. */
  readonly sets: readonly (readonly [muscle: Muscle, sets: number])[];
  /** People's names as they wrote them. */
  readonly names: readonly string[];
  /** A block's own title, empty where it has none. */
  readonly block: string;
  readonly clock: Seconds;
  /** A day, `YYYY-MM-DD`. */
  readonly day: string;
  /** At most two decimals. */
  readonly decimal: number;
  /** One number to another, as a quotient. */
  readonly ratio: number;
  readonly mass: { readonly kg: number; readonly units: MassUnits };
  readonly span: Span;
  readonly dose: Dose;
  readonly mark: Mark;
  readonly limits: readonly Limit[];
  readonly needs: readonly Need[];
  readonly held: { readonly things: readonly Held[]; readonly units: MassUnits };
  readonly kits: readonly KitType[];
  /** Kit with who uses it. */
  readonly users: readonly { readonly kit: KitType; readonly names: readonly string[] }[];
}

/** One kind of value: an object with that one key. */
export type Of<K extends keyof Values> = { readonly [P in K]: Values[P] };

/** Another reason inside a reason, by its topic; null where there is none. */
export interface Inner<T extends string, R> {
  readonly topic: T;
  readonly reasons: readonly R[];
}

/** A reason with a code of a closed list, and what it says beside it. */
export type ReasonOf<Codes> = {
  [C in keyof Codes]: { readonly code: C } & Codes[C];
}[keyof Codes];

/** A reason that says nothing but its code. */
export type Alone = Readonly<Record<never, never>>;
