/** Why somebody does what they do in a slot, why not something else, and what helps with a load that is off. */
import type { Alone, Inner, Of, ReasonOf } from "./value";

/** Why a move can't be done by this person here, or isn't. */
export interface WhyNotCodes {
  readonly ceiling: Alone;
  readonly length: Alone;
  readonly jumping: Alone;
  readonly limit: { readonly limit: Of<"limits"> };
  /** Nobody has said what is there. */
  readonly "home-unknown": Alone;
  /** What the alternative that lacks least still needs. */
  readonly "no-kit": { readonly needs: Of<"needs"> };
  /** The thing is there, and nothing of it is light or heavy enough for the move. */
  readonly "kit-too-heavy": { readonly needs: Of<"needs"> };
  readonly "kit-too-light": { readonly needs: Of<"needs"> };
  /** Each thing is there, and not all of them at once. */
  readonly "not-at-once": { readonly needs: Of<"needs"> };
  readonly "not-here": Alone;
  /** It can be done here, and is too hard with all there is. */
  readonly "too-hard": Alone;
  /** At the level, another way comes nearer to the effort that is meant. */
  readonly effort: Alone;
  readonly "saves-changing": Alone;
}
export type WhyNot = ReasonOf<WhyNotCodes>;

export interface WhyCodes {
  readonly "as-set": { readonly held: Of<"held"> };
  readonly "as-set-level": { readonly mark: Of<"mark">; readonly held: Of<"held"> };
  /** The set move with fewer reps or seconds than were set. */
  readonly less: { readonly mark: Of<"mark">; readonly held: Of<"held"> };
  readonly chosen: { readonly move: Of<"move">; readonly held: Of<"held"> };
  readonly instead: {
    readonly move: Of<"move">;
    readonly held: Of<"held">;
    readonly set: Of<"move">;
    readonly because: Inner<"whyNot", WhyNot>;
  };
  /** One of the instructor's own ways, since what is set can't be done. */
  readonly own: {
    readonly move: Of<"move">;
    readonly held: Of<"held">;
    readonly set: Of<"move">;
    readonly because: Inner<"whyNot", WhyNot>;
  };
  /** One of the equals that the slot leaves to choose from. */
  readonly choice: { readonly move: Of<"move">; readonly held: Of<"held"> };
  /** Nothing within reach can be done; `help` is what would change that, where anything would. */
  readonly unmet: { readonly because: Inner<"whyNot", WhyNot>; readonly help: Of<"needs"> };
  readonly "chosen-unknown": { readonly id: string };
  readonly "chosen-unmet": { readonly move: Of<"move">; readonly because: Inner<"whyNot", WhyNot> };
  /** Frozen before reasons were data: the English sentence as it was. */
  readonly written: { readonly text: string };
}
export type Why = ReasonOf<WhyCodes>;

/** Reps that are likely with the reserve that is meant: 60 % of people lie within; `open`: more than 20 at the most. */
interface Likely {
  readonly low: number;
  readonly high: number;
  readonly open: "yes" | "no";
  readonly rir: number;
}

/** What is known of the load. */
export interface LoadCodes {
  /** From own sets: of this very move or of its nearest. */
  readonly "from-sets": Likely & { readonly move: Of<"move">; readonly day: Of<"day"> };
  readonly "from-sets-undated": Likely & { readonly move: Of<"move"> };
  /** From the usual level alone. */
  readonly "from-level": Likely & { readonly mark: Of<"mark"> };
  readonly "start-light": Alone;
  readonly unpredicted: { readonly known: Of<"mass">; readonly reps: number };
  readonly predicted: {
    readonly reps: number;
    readonly rir: number;
    readonly rough: "yes" | "no";
    readonly known: Of<"mass">;
    readonly knownReps: number;
  };
}
export type LoadReason = ReasonOf<LoadCodes>;

/** What to do about a load that is too light or too heavy. */
export interface AdjustCodes {
  readonly "two-at-once": Alone;
  readonly "one-limb": { readonly move: Of<"move"> };
  readonly slower: Alone;
  readonly pause: Alone;
  readonly "one-and-a-half": Alone;
  readonly "more-reps": { readonly reps: number };
  readonly harder: { readonly move: Of<"move"> };
  readonly "both-hands": { readonly move: Of<"move"> };
  readonly lever: { readonly move: Of<"move"> };
  readonly "smaller-range": Alone;
  readonly easier: { readonly move: Of<"move"> };
  /** What a limit asks of every dose: holds in short pieces, and stopping early. */
  readonly "hold-at-most": { readonly seconds: number };
  readonly "keep-reserve": { readonly reps: number };
  /** Fewer reps, since all of them would take longer this way than the piece lasts. */
  readonly "fits-time": { readonly seconds: number };
  /** Frozen before reasons were data. */
  readonly written: { readonly text: string };
}
export type Adjust = ReasonOf<AdjustCodes>;

/** In what another way would have cost more, most first; none: it costs the same. */
export interface DearerCodes {
  readonly leave: Alone;
  readonly mark: Alone;
  readonly link: Alone;
  readonly pattern: Alone;
  readonly muscles: Alone;
  readonly position: Alone;
  readonly impact: Alone;
  readonly skill: Alone;
  readonly energy: Alone;
  readonly holding: Alone;
  readonly load: Alone;
  readonly smaller: Alone;
  readonly kit: Alone;
  readonly less: Alone;
  readonly strain: Alone;
  readonly sidedness: Alone;
  readonly changing: Alone;
  readonly same: Alone;
}
export type Dearer = ReasonOf<DearerCodes>;
