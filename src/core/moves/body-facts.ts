/** What a move passes through and puts weight on: what limits are told from. */
import type { Position } from "./position";

export const FEET = ["both", "split", "step", "one", "none"] as const;
export const LIMBS = ["none", "one", "both"] as const;
export const KNEE_BENDS = ["none", "shallow", "middle", "deep"] as const;
export const HINGES = ["none", "shallow", "deep"] as const;
export const SPINES = ["bends", "arches", "turns", "side"] as const;
export const REACHES = ["below", "shoulder", "overhead"] as const;
export const FACES = ["level", "down", "up", "side"] as const;
export const GRIPS = ["none", "light", "firm"] as const;
export const BALANCES = ["none", "some", "much"] as const;

export interface BodyFacts {
  /** Positions inside a rep and on the way in and out, its own first; standing up at the start isn't counted. */
  readonly passes: readonly Position[];
  /** On the floor, or down to it. */
  readonly floor: boolean;
  /** Sitting on a seat of any kind from beginning to end, the legs free to rest. */
  readonly chair: boolean;
  /** Arms straight or on the forearms with the legs long behind, and much of the body on them. */
  readonly plank: boolean;
  /** Percent of the body's mass on hands with bent wrists, and on forearms. */
  readonly onHands: number;
  readonly onForearms: number;
  /** Knees on the floor, in the move or on the way in and out. */
  readonly onKnees: boolean;
  /** What the body stands or pushes on; `step`: from one foot to the other, never long on one. */
  readonly feet: (typeof FEET)[number];
  /** Limbs that are loaded at all: stand, push, pull, hold something, or are held up to work. */
  readonly legs: (typeof LIMBS)[number];
  readonly arms: (typeof LIMBS)[number];
  /** Deepest bend of a loaded knee: shallow below 60°, middle to 100°, deep beyond. */
  readonly knee: (typeof KNEE_BENDS)[number];
  readonly hinge: (typeof HINGES)[number];
  readonly spine: readonly (typeof SPINES)[number][];
  /** Bent or turned against a load. */
  readonly spineLoaded: boolean;
  /** How high the arms go. */
  readonly reach: (typeof REACHES)[number];
  /** Head lower than the heart. */
  readonly headLow: boolean;
  readonly face: (typeof FACES)[number];
  /** `light` could lie in open hands, `firm` has to be gripped. */
  readonly grip: (typeof GRIPS)[number];
  /** Quick turns or changes of direction. */
  readonly quick: boolean;
  /** Something heavy over the face. */
  readonly aboveFace: boolean;
  /** `much`: long on one foot, in line, or with a band round the feet, and no hand on anything firm. */
  readonly balance: (typeof BALANCES)[number];
}
