/** A move: one exercise in one way of doing it, with all that timing, parts and the read-through ask of it. */

import type { Seconds } from "../units";
import type { BodyFacts } from "./body-facts";
import type { Position } from "./position";

export const PATTERNS = [
  "squat",
  "hinge",
  "lunge",
  "push-horizontal",
  "push-vertical",
  "pull-horizontal",
  "pull-vertical",
  "carry",
  "brace",
  "flex",
  "rotate",
  "arm-flexion",
  "arm-extension",
  "shoulder-raise",
  "calf",
  "hip-abduction",
  "jump",
  "run",
  "stretch",
  "mobility",
] as const;
export type Pattern = (typeof PATTERNS)[number];

export const MUSCLES = [
  "quads",
  "glutes",
  "hamstrings",
  "adductors",
  "abductors",
  "calves",
  "chest",
  "front-shoulders",
  "side-shoulders",
  "rear-shoulders",
  "upper-back",
  "lats",
  "biceps",
  "triceps",
  "forearms",
  "abs",
  "obliques",
  "lower-back",
  "hip-flexors",
] as const;
export type Muscle = (typeof MUSCLES)[number];

export { POSITIONS, type Position } from "./position";

export const MOVE_SIDES = ["both", "alternating", "inTurn"] as const;
export type MoveSides = (typeof MOVE_SIDES)[number];

export const IMPACTS = ["none", "low", "high"] as const;
export const NOISES = ["quiet", "some", "loud"] as const;

/** What a move asks of a body or a place, and so what a limit can exclude. */
export const LOADS = [
  "floor",
  "kneeling",
  "wrist",
  "deep-knee",
  "overhead",
  "deep-hinge",
  "spine-flexion",
  "twist",
  "long-hold",
  "balance",
  "straining",
  "head-down",
  "grip",
  "quick-turn",
  "single-leg",
  "jump",
] as const;
export type BodyLoad = (typeof LOADS)[number];

/** Jobs that kit can do in a move. */
export const NEED_ROLES = [
  "hand-weight",
  "held-weight",
  "worn-weight",
  "long-band",
  "mini-band",
  "anchor",
  "door",
  "strap",
  "support",
  "slider-pair",
  "wall",
  "bar",
  "ball",
  "soft-surface",
  "towel",
  "stick",
  "kettlebell",
  "bench",
  "barbell",
  "filling",
  "cable",
  "machine",
  "roller",
  "ankle-strap",
  "ankle-weight",
  "rope",
  "rack",
  "handle-pair",
  "cushion",
  "wedge",
  "stairs",
] as const;
export type NeedRole = (typeof NEED_ROLES)[number];

export const TENSIONS = ["light", "medium", "heavy"] as const;
export type Tension = (typeof TENSIONS)[number];

/** One role with its measures; left-out measures are free. */
export interface Need {
  readonly as: NeedRole;
  /** Items; 1 where left out. */
  readonly count?: number;
  /** All items alike in weight or tension. */
  readonly equal?: boolean;
  /** Kilograms of each item, both ends included. */
  readonly kg?: readonly [number, number];
  readonly tension?: readonly Tension[];
  /** Centimetres from the floor, both ends included. */
  readonly heightCm?: readonly [number, number];
  readonly bearsWeight?: boolean;
  /** Hard and level enough to stand on: no sofa. */
  readonly firm?: boolean;
  readonly at?: "low" | "mid" | "high";
  /** Used where it is there, and nothing is missed where it isn't. */
  readonly optional?: boolean;
}

export const LINK_KINDS = ["easier", "harder", "swap"] as const;
export type LinkKind = (typeof LINK_KINDS)[number];

export const LINK_HOWS = [
  "lever",
  "range",
  "support",
  "stability",
  "impact",
  "speed",
  "load",
  "limbs",
  "pause",
  "kit",
  "position",
] as const;
export type LinkHow = (typeof LINK_HOWS)[number];

export interface Link {
  readonly to: string;
  readonly kind: LinkKind;
  readonly how: LinkHow;
}

/** Energy cost. `category` is a heading of the 2011 Compendium (Ainsworth), or `null` for an estimate of ours. */
export interface Energy {
  readonly met: number;
  readonly category: string | null;
}

/**
 * What a move that is done against a load moves, on one scale for all (docs/strength.md). The load moved
 * is W = `body` × the body's mass + `held` × the kilograms of each thing.
 */
export interface Strength {
  /** Share of the body's mass that is moved, 0–1. */
  readonly body: number;
  /** The total load W that an adult of 72 kg at *as set* moves once, as a multiple of body mass; of the one limb where the move is one-sided. */
  readonly maximum: number;
  /** Things held by the limbs that work at once; a bar is one with its whole weight, a band counts its strands. 0: nothing is. */
  readonly held: number;
}

/** The phases of one rep in seconds, and which it begins with. */
export interface Phases {
  readonly begins: "lower" | "lift";
  /** Lower, pause at the bottom, lift, pause at the top. */
  readonly seconds: readonly [lower: number, bottom: number, lift: number, top: number];
}

/** How much practice a move wants: 1 at the first try, 2 after being shown, 3 after a class or two, 4 after weeks, 5 after months. */
export const SKILLS = [1, 2, 3, 4, 5] as const;
export type Skill = (typeof SKILLS)[number];

/** What is known of a move; a move given by name only may have any of these. */
export interface MoveFacts {
  readonly pattern: Pattern;
  readonly muscles: { readonly primary: readonly Muscle[]; readonly secondary: readonly Muscle[] };
  readonly position: Position;
  /** `inTurn`: one-sided, one side after the other. */
  readonly sides: MoveSides;
  readonly impact: (typeof IMPACTS)[number];
  readonly noise: (typeof NOISES)[number];
  /** Lower-pause-lift-pause in whole seconds, where the phases are whole; of an own move as its coach wrote it. */
  readonly tempo?: string;
  /** Left out where a rep has none: steps, jumps, holds. */
  readonly phases?: Phases;
  /** Left out for jumps, running, stretches, mobility and holds, and where one's own hands resist. */
  readonly strength?: Strength;
  /** Seconds that a natural person holds it at the limit; of isometric moves other than stretches. */
  readonly holdSeconds?: Seconds;
  readonly skill?: Skill;
  readonly energy: Energy;
  readonly isometric: boolean;
  /** Safe to take to the limit: nothing falls on anyone and balance isn't the limit. */
  readonly stable: boolean;
  /** Landings a rep, and how hard: depth 2, jump 1, hop or skip ½, fast feet 1⁄10. */
  readonly landings: { readonly perRep: number; readonly weight: 0 | 0.1 | 0.5 | 1 | 2 };
  /** Alternatives: any one of the lists, all the roles of that list. `[[]]` needs nothing. */
  readonly needs: readonly (readonly Need[])[];
  /** The same in short words; of the library's moves they come from `body`. */
  readonly loads: readonly BodyLoad[];
  /** What it passes through and puts weight on: what limits are told from. */
  readonly body?: BodyFacts;
  readonly room: { readonly lengthM: number; readonly heightCm: number };
  readonly demoSeconds: number;
  /** Seconds to set the kit up before the first rep: step on the band, bring the chair. */
  readonly setupSeconds: number;
  readonly cues: readonly string[];
  readonly faults: readonly string[];
  readonly cautions: readonly string[];
  readonly links: readonly Link[];
  /** Of a move of many steps what each of them is, in their order; they share a rep, or a timed piece. */
  readonly steps?: readonly string[];
  /** A way of the gym: in the library so that a gym plan can be put in and brought home. */
  readonly gym?: boolean;
}

/** A move of the library, or an instructor's own. Ids are kebab-case and never change once shipped. */
export interface Move extends MoveFacts {
  readonly id: string;
  readonly name: string;
  /** What else people call it, in the singular. */
  readonly aliases?: readonly string[];
  /** Seconds of one rep (both sides of an alternating rep count as two). */
  readonly repSeconds: number;
}

/**
 * A move that isn't in the library: what is given is known of it, and with `like` all else as that move has it.
 * `repSeconds` is 3 where neither says.
 */
export interface NamedMove extends Partial<MoveFacts> {
  readonly name: string;
  /** Id of the move whose facts, rep time and links it takes over. */
  readonly like?: string;
  readonly repSeconds?: number;
}

/** A library (or the class's own) move by id, or one by name. */
export type MoveRef = string | NamedMove;
