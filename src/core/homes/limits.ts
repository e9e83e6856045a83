/** The fixed list of limits, and what each excludes. A person names limits, never reasons. */
import { bodyOf, LIGHT_ON_HANDS } from "../moves/body";
import type { BodyFacts } from "../moves/body-facts";
import type { KnownMove } from "../moves/book";

export const LIMITS = [
  "no-jumping",
  "quiet",
  "seated-only",
  "no-floor",
  "no-kneeling",
  "no-plank",
  "no-overhead",
  "no-wrist-load",
  "shallow-knees",
  "no-deep-hinge",
  "no-spine-flexion",
  "no-twisting",
  "not-face-down",
  "not-on-back",
  "no-long-holds",
  "balance-support",
  "no-straining",
  "no-head-down",
  "no-gripping",
  "no-quick-turns",
  "no-single-leg",
  "use-left-only",
  "use-right-only",
  "left-leg-only",
  "right-leg-only",
] as const;
export type Limit = (typeof LIMITS)[number];

/** Whether a move leaves the ground. */
export function jumps({ impact, landings, loads }: KnownMove): boolean {
  return impact === "high" || (landings?.perRep ?? 0) > 0 || (loads?.includes("jump") ?? false);
}

type MoveLimit = "no-jumping" | "quiet" | "no-straining" | "no-long-holds";

/**
 * Limits that are told from what is known of any move. *No straining* and *no long holds* change the dose
 * (`care.ts`); only where a coach says of a move of her own that it strains is it out of the question.
 */
const BY_MOVE: Record<MoveLimit, (move: KnownMove) => boolean> = {
  "no-jumping": jumps,
  /** Nothing louder than a step. */
  quiet: (move) => (move.noise ?? "quiet") !== "quiet" || jumps(move),
  "no-straining": ({ loads }) => loads?.includes("straining") ?? false,
  "no-long-holds": () => false,
};

/** Or hops on the one, with no other foot to catch it. */
function loadsBothLegs({ legs, feet, quick }: BodyFacts): boolean {
  return legs === "both" || (feet === "one" && quick);
}

/** Which facts of the body each of the others excludes, whatever the dose. */
const BY_BODY: Record<Exclude<Limit, MoveLimit>, (body: BodyFacts) => boolean> = {
  "seated-only": ({ chair }) => !chair,
  "no-floor": ({ floor }) => floor,
  "no-kneeling": ({ onKnees }) => onKnees,
  "no-plank": ({ plank }) => plank,
  "no-overhead": ({ reach }) => reach === "overhead",
  "no-wrist-load": ({ onHands }) => onHands >= LIGHT_ON_HANDS,
  "shallow-knees": ({ knee }) => knee === "middle" || knee === "deep",
  "no-deep-hinge": ({ hinge }) => hinge === "deep",
  "no-spine-flexion": ({ spine }) => spine.includes("bends"),
  "no-twisting": ({ spine }) => spine.includes("turns"),
  "not-face-down": ({ face }) => face === "down",
  "not-on-back": ({ face }) => face === "up",
  "balance-support": ({ balance }) => balance === "much",
  "no-head-down": ({ headLow }) => headLow,
  "no-gripping": ({ grip }) => grip === "firm",
  "no-quick-turns": ({ quick }) => quick,
  "no-single-leg": ({ feet }) => feet === "one",
  "use-left-only": ({ arms }) => arms === "both",
  "use-right-only": ({ arms }) => arms === "both",
  "left-leg-only": loadsBothLegs,
  "right-leg-only": loadsBothLegs,
};

const isOfMove = (limit: Limit): limit is MoveLimit => limit in BY_MOVE;

/**
 * Whether a limit rules a move out in any dose. Of a move of which neither a position nor what it asks of
 * the body is known, nothing is told but that it jumps, is loud or strains.
 */
export function excludes(limit: Limit, move: KnownMove): boolean {
  if (move.parts) return move.parts.some((part) => excludes(limit, part));
  if (isOfMove(limit)) return BY_MOVE[limit](move);
  const body = bodyOf(move);
  return body !== null && BY_BODY[limit](body);
}
