/** What each finding says, by its code, and what each fix does. */
import type { Stance } from "../class/document";
import type { Mark } from "../homes/home";
import type { Why } from "./part-reasons";
import type { Alone, Inner, Of, ReasonOf } from "./value";

type Count = "each" | "total";
type Missing = "easier" | "harder" | "both";
type End = {
  readonly has: Of<"clock">;
  readonly least: Of<"clock">;
  readonly plan: Of<"clock">;
  /** Whether there is any; where not, the block that stands in its place. */
  readonly there: "yes" | "no";
  readonly instead: Of<"block">;
};
type Length = {
  readonly plan: Of<"clock">;
  readonly by: Of<"clock">;
  readonly minutes: number;
  readonly first: Inner<"fix", FixReason>;
};
type CantDo = { readonly name: string; readonly move: Of<"move">; readonly why: Inner<"why", Why> };

export interface FindingCodes {
  readonly "length-over": Length;
  readonly "length-under": Length;
  readonly "length-loose": {
    readonly least: Of<"clock">;
    readonly most: Of<"clock">;
    readonly open: Of<"clock">;
    readonly plan: Of<"clock">;
  };
  readonly "promise-moves": { readonly announced: number; readonly found: number };
  readonly "promise-kit": { readonly kit: Of<"users">; readonly more: number };
  readonly "gap-short": {
    readonly between: "sides" | "moves";
    readonly move: Of<"move">;
    readonly gap: number;
    readonly needs: number;
    readonly who: Of<"names">;
  };
  readonly "window-short": { readonly move: Of<"move">; readonly needs: number; readonly every: number };
  readonly "words-long": {
    readonly when: "before" | "during";
    readonly move: Of<"move">;
    readonly takes: Of<"decimal">;
    readonly room: number;
  };
  readonly "not-shown": { readonly move: Of<"move"> };
  readonly "no-water": {
    readonly length: Of<"clock">;
    readonly from: Of<"clock">;
    readonly to: Of<"clock">;
  };
  readonly "sides-uneven":
    | {
        readonly how: "turns";
        readonly move: Of<"move">;
        readonly times: number;
        readonly side: "left" | "right";
      }
    | { readonly how: "halves"; readonly move: Of<"move"> };
  readonly "count-mixed":
    | { readonly of: "sides"; readonly move: Of<"move">; readonly here: Count }
    | { readonly of: "doses"; readonly move: Of<"move">; readonly here: "reps" | "seconds" };
  readonly "no-warmup": End;
  readonly "no-cooldown": End;
  readonly "stretch-early": {
    readonly move: Of<"move">;
    readonly muscles: Of<"muscles">;
    readonly seconds: number;
  };
  readonly "same-muscle": {
    readonly move: Of<"move">;
    readonly muscles: Of<"muscles">;
    readonly after: Of<"move">;
  };
  readonly "rest-muscle": {
    readonly again: "yes" | "no";
    readonly move: Of<"move">;
    readonly muscles: Of<"muscles">;
    readonly after: Of<"move">;
    readonly gap: number;
    readonly least: number;
  };
  readonly "rest-stance": {
    readonly block: Of<"block">;
    readonly seconds: number;
    readonly between: "rest" | "longRest";
    readonly stance: Stance;
    readonly least: number;
    readonly most: number;
  };
  readonly "work-rest": {
    readonly ratio: Of<"ratio">;
    readonly work: Of<"clock">;
    readonly rest: Of<"clock">;
    readonly least: Of<"ratio">;
    readonly most: Of<"ratio">;
  };
  readonly "grip-stack": {
    readonly what: "grip" | "shoulders";
    readonly seconds: number;
    readonly off: number;
    readonly from: Of<"clock">;
  };
  readonly "hard-early": { readonly move: Of<"move">; readonly effort: number; readonly from: Of<"clock"> };
  readonly "jumps-many": { readonly over: Inner<"landings", LandingsReason> };
  readonly "up-and-down": { readonly times: number; readonly most: number };
  readonly "failure-beginner": { readonly move: Of<"move">; readonly who: Of<"names"> };
  /** Nobody named: the move as it is set. */
  readonly "failure-unstable": { readonly move: Of<"move">; readonly who: Of<"names"> };
  readonly "muscle-missing": { readonly group: "legsFront" | "legsBack" | "push" | "pull" | "trunk" };
  readonly "push-pull": { readonly push: number; readonly pull: number };
  readonly "week-many": { readonly bound: number; readonly sets: Of<"sets"> };
  readonly "week-few": { readonly bound: number; readonly sets: Of<"sets"> };
  readonly "too-soon": { readonly hours: number; readonly muscles: Of<"muscles">; readonly wanted: number };
  readonly unmet: CantDo;
  readonly "home-unknown": { readonly name: string };
  readonly "one-level": { readonly move: Of<"move">; readonly missing: Missing };
  readonly limit: {
    readonly what: "slot" | "filler";
    readonly move: Of<"move">;
    readonly who: Of<"names">;
    readonly limits: Of<"limits">;
    readonly instead: Of<"moves">;
  };
  readonly room: CantDo;
  readonly "load-jump": {
    readonly name: string;
    /** Tenths of a kilogram; 0 for a band. */
    readonly kg: number;
    readonly load: Of<"mass">;
    readonly move: Of<"move">;
    readonly reps: number;
    readonly rir: number;
    readonly least: number;
  };
  readonly caution: { readonly of: Caution };
  readonly claim: { readonly text: string };
  readonly "way-order": {
    readonly level: "flat" | "sharp";
    readonly move: Of<"move">;
    readonly way: Of<"move">;
    /** Whether the way is the same move, dosed otherwise. */
    readonly same: "yes" | "no";
    readonly who: Of<"names">;
  };
  readonly "dose-hard": {
    readonly move: Of<"move">;
    readonly mark: Mark;
    readonly unit: "reps" | "seconds";
    readonly set: number;
    readonly can: number;
    readonly people: number;
    readonly most: number;
  };
  readonly "hold-long": {
    readonly move: Of<"move">;
    readonly mark: Mark;
    readonly seconds: number;
    readonly limit: number;
    readonly who: Of<"names">;
  };
  readonly "own-time": {
    readonly move: Of<"move">;
    readonly mark: Mark;
    readonly needs: number;
    readonly room: number;
    readonly who: Of<"names">;
  };
  readonly "dose-kind": { readonly of: "reps" | "hold" | "tempo"; readonly move: Of<"move"> };
  readonly "one-side-only": { readonly move: Of<"move"> };
  readonly "demo-short": {
    readonly move: Of<"move">;
    readonly seconds: number;
    readonly needs: number;
  };
  readonly "warmup-fit": { readonly block: Of<"block">; readonly muscles: Of<"muscles"> };
  readonly "filler-muscle": {
    readonly move: Of<"move">;
    readonly muscles: Of<"muscles">;
    readonly when: "before" | "after";
    readonly beside: Of<"move">;
  };
  readonly "no-rest": {
    readonly pieces: number;
    readonly block: Of<"block">;
    readonly from: Of<"clock">;
  };
  /** Nobody named: the move as it is set. */
  readonly "over-face": {
    readonly bar: "yes" | "no";
    readonly move: Of<"move">;
    readonly who: Of<"names">;
  };
  readonly "move-unknown": { readonly moves: Of<"moves"> };
}
export type FindingReason = ReasonOf<FindingCodes>;

/** What people are warned of while it is in use. */
export type Caution = "furniture" | "anchors" | "bands" | "sliders" | "overhead";

/** Landings above what is allowed: of the class as it is set, or of people at a mark. */
export interface LandingsCodes {
  readonly "as-set": { readonly landings: number; readonly allowed: number };
  readonly people: { readonly who: Of<"names">; readonly landings: number; readonly allowed: number };
}
export type LandingsReason = ReasonOf<LandingsCodes>;

/** What a fix does. */
export interface FixCodes {
  readonly "sides-in-turn": Alone;
  readonly rounds: { readonly rounds: number };
  readonly "even-total": Alone;
  readonly "count-each": Alone;
  readonly "count-alike": { readonly count: Count };
  readonly "dose-alike": { readonly in: "reps" | "seconds" };
  readonly hold: { readonly seconds: number };
  readonly "note-ways": { readonly missing: Missing };
  readonly "start-every": { readonly seconds: number };
  readonly unsaid: Alone;
  readonly "say-only": { readonly text: string };
  readonly show: { readonly seconds: number };
  readonly "water-after": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "rounds-of": { readonly rounds: number; readonly block: Of<"block"> };
  readonly "longer-in": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "begin-warmup": { readonly length: Of<"clock"> };
  readonly "end-cooldown": { readonly length: Of<"clock"> };
  readonly "side-change": { readonly seconds: number };
  /** Every one of several alike; the first says what each does. */
  readonly "all-of-them": { readonly count: number; readonly first: Inner<"fix", FixReason> };
  readonly "show-all": Alone;
  readonly "gaps-in": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "after-block": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "rest-after": { readonly seconds: number; readonly move: Of<"move"> };
  readonly "between-rounds": { readonly seconds: number };
  readonly "rest-and-rounds": { readonly seconds: number; readonly move: Of<"move"> };
  readonly "rest-in": { readonly seconds: number; readonly block: Of<"block"> };
  readonly "fewer-reps": { readonly reps: number };
  readonly "round-more": { readonly block: Of<"block"> };
  readonly "round-less": { readonly block: Of<"block"> };
  readonly "number-in": {
    readonly key: "rest" | "longRest" | "after" | "demo" | "brief" | "prepare";
    readonly to: number;
    readonly was: number;
    readonly block: Of<"block">;
  };
  /** Two at once: the second takes back the time that the first one costs. */
  readonly and: { readonly first: Inner<"fix", FixReason>; readonly second: Inner<"fix", FixReason> };
  /** The places of the moves as they are now, in the order that they are to have. */
  readonly order: { readonly places: string; readonly block: Of<"block"> };
  /** The words to say put into the opening talk, which gets so long. */
  readonly "say-cautions": { readonly seconds: number };
  readonly leave: { readonly left: number };
  readonly "ways-over": Alone;
  readonly "way-away": { readonly level: "flat" | "sharp" };
  readonly "dose-of": {
    readonly unit: "reps" | "seconds";
    readonly amount: number;
    readonly mark: Mark;
  };
  readonly "work-for": { readonly seconds: number };
  readonly "no-tempo": Alone;
  readonly "no-filler": Alone;
  readonly "announce-moves": { readonly moves: number };
  readonly "announce-kit": Alone;
  readonly "time-instead": Alone;
  readonly "meant-so": Alone;
  readonly "stance-rest": { readonly seconds: number; readonly between: "rest" | "longRest" };
}
export type FixReason = ReasonOf<FixCodes>;
