/** A dose: how much of a move is done in one piece. Of its kinds a dose has exactly one. */
import type { Span } from "../values/span";

export interface Ladder {
  readonly from: number;
  readonly to: number;
  /** 1 where left out; always positive, the direction follows from `from` and `to`. */
  readonly step?: number;
  /** Seconds for each number of the rung; 0 where left out. */
  readonly hold?: number;
  readonly holdOn?: "rung" | "rep";
}

/** One move of a sequence, with how many reps of it. */
export interface SequenceEntry {
  readonly move: string;
  readonly reps: number;
}

/** What comes after the last rep: so many pulses of a second, or a hold of so many seconds. */
export interface Then {
  readonly pulses?: number;
  readonly hold?: number;
}

/** Every kind, by its key in the file, with what its amount is: what a dose *can* be is settled here. */
export interface Amounts {
  /** Seconds of work. */
  readonly seconds: Span;
  /** Seconds held still. */
  readonly hold: Span;
  readonly reps: Span;
  readonly ladder: Ladder;
  /** At most so many seconds, to one's limit. */
  readonly toLimit: Span;
  /** Stop with so many left, whatever the count; `allow` beside it is the time for that. */
  readonly reserve: number;
  /** Two to four moves in turn, over and over, or once through where no `seconds` stand beside it. */
  readonly sequence: readonly SequenceEntry[];
}
export type DoseKind = keyof Amounts;

interface Pace {
  /** Lower-pause-lift-pause: `3-0-2-1` or `3021`; X counts as 1. */
  readonly tempo?: string;
  readonly repSeconds?: number;
}

/** What may stand beside an amount, kind by kind. */
interface Beside {
  /** A pace at which it is meant to be worked; the time is the same. */
  readonly seconds: Pace;
  readonly hold: object;
  readonly reps: Pace & {
    /** The piece starts every so many seconds. */
    readonly within?: number;
    readonly then?: Then;
  };
  readonly ladder: Pace;
  readonly toLimit: object;
  readonly reserve: { readonly allow: Span };
  readonly sequence: { readonly seconds?: Span };
}

type Never<K extends PropertyKey> = { readonly [Each in K]?: undefined };
type BesideKey = keyof Beside["reps"] | "allow";

/** A dose of one kind: its amount, what may stand beside it, and nothing of the others. */
export type DoseOf<K extends DoseKind> = {
  [Each in K]: { readonly [Own in Each]: Amounts[Own] } & Beside[Each] &
    Never<Exclude<DoseKind | BesideKey, Each | keyof Beside[Each]>>;
}[K];
export type Dose = DoseOf<DoseKind>;
