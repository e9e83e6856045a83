/**
 * What a move passes through and puts weight on. Limits are predicates over these facts
 * (`homes/limits.ts`): nobody has to remember a tag.
 */
import type { BodyFacts } from "./body-facts";
import type { BodyLoad, MoveFacts, Position } from "./move";

const ON_FLOOR: readonly Position[] = [
  "half-kneeling",
  "kneeling",
  "all-fours",
  "plank",
  "prone",
  "supine",
  "side-lying",
];
/** One comes down to these over all fours; to the back and the side by sitting down. */
const OVER_ALL_FOURS: readonly Position[] = ["plank", "prone"];
const FACE_OF: Partial<Record<Position, BodyFacts["face"]>> = {
  "all-fours": "down",
  plank: "down",
  prone: "down",
  supine: "up",
  "side-lying": "side",
};

/** What a position says by itself, where nothing else is said. */
export function usualBody(position: Position): BodyFacts {
  const kneels = position === "kneeling" || position === "half-kneeling" || position === "all-fours";
  const overAllFours = OVER_ALL_FOURS.includes(position);
  const feet = position === "standing" ? "both" : position === "half-kneeling" ? "split" : "none";
  return {
    passes: overAllFours ? [position, "all-fours"] : [position],
    floor: ON_FLOOR.includes(position),
    chair: position === "seated",
    plank: position === "plank",
    onHands: position === "all-fours" ? 30 : 0,
    onForearms: 0,
    onKnees: kneels || overAllFours,
    feet,
    legs: position === "seated" || position === "supine" || position === "prone" ? "none" : "both",
    arms: position === "all-fours" || position === "plank" ? "both" : "none",
    knee: "none",
    hinge: "none",
    spine: [],
    spineLoaded: false,
    reach: "below",
    headLow: false,
    face: FACE_OF[position] ?? "level",
    grip: "none",
    quick: false,
    aboveFace: false,
    balance: "none",
  };
}

/** The same facts in the short words in which a coach writes them on a move of her own (`loads`). */
const SAYS: Record<BodyLoad, (body: BodyFacts) => Partial<BodyFacts>> = {
  floor: () => ({ floor: true, chair: false }),
  kneeling: () => ({ onKnees: true }),
  wrist: ({ onHands }) => ({ onHands: Math.max(onHands, 30), arms: "both" }),
  "deep-knee": () => ({ knee: "deep" }),
  overhead: () => ({ reach: "overhead" }),
  "deep-hinge": () => ({ hinge: "deep" }),
  "spine-flexion": ({ spine }) => ({ spine: [...spine, "bends"] }),
  twist: ({ spine }) => ({ spine: [...spine, "turns"] }),
  "long-hold": () => ({}),
  balance: () => ({ balance: "much" }),
  straining: () => ({}),
  "head-down": () => ({ headLow: true }),
  grip: () => ({ grip: "firm", arms: "both" }),
  "quick-turn": () => ({ quick: true }),
  "single-leg": ({ feet }) => (feet === "none" ? { legs: "one" } : { feet: "one", legs: "one" }),
  jump: () => ({}),
};

/**
 * The facts of a move: its own, or what its position and its coach's words (`loads`) say. Null of a move
 * of which neither is known.
 */
export function bodyOf({
  body,
  position,
  loads,
}: Partial<Pick<MoveFacts, "body" | "position" | "loads">>): BodyFacts | null {
  if (body) return body;
  if (position === undefined && !loads?.length) return null;
  let made = usualBody(position ?? "standing");
  for (const load of loads ?? []) made = Object.assign({ ...made }, SAYS[load](made));
  return made;
}

/** The short words of a move's facts, as the moves page, the read-through and `./brontle moves` say them. */
export function loadsOf(body: BodyFacts, isometric: boolean, landings: number): readonly BodyLoad[] {
  const says: Record<BodyLoad, boolean> = {
    floor: body.floor,
    kneeling: body.onKnees,
    wrist: body.onHands >= LIGHT_ON_HANDS,
    "deep-knee": body.knee === "middle" || body.knee === "deep",
    overhead: body.reach === "overhead",
    "deep-hinge": body.hinge === "deep",
    "spine-flexion": body.spine.includes("bends"),
    twist: body.spine.includes("turns"),
    "long-hold": isometric && (body.plank || body.knee !== "none" || body.grip === "firm"),
    balance: body.balance === "much",
    straining: false,
    "head-down": body.headLow,
    grip: body.grip !== "none",
    "quick-turn": body.quick,
    "single-leg": body.feet === "one",
    jump: landings > 0,
  };
  return (Object.keys(says) as BodyLoad[]).filter((load) => says[load]);
}

/** Percent of the body on the hands from which a wrist counts as loaded. */
export const LIGHT_ON_HANDS = 10;
