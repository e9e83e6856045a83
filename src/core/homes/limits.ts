/** The fixed list of limits, and what each excludes. A person names limits, never reasons. */
import { bodyOf, LIGHT_ON_HANDS, usualBody } from "../moves/body";
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

type Facts = BodyFacts & KnownMove;

const jumps = ({ impact, landings, loads }: Pick<KnownMove, "impact" | "landings" | "loads">): boolean =>
  impact === "high" || (landings?.perRep ?? 0) > 0 || (loads?.includes("jump") ?? false);

/**
 * Which facts of a move each limit excludes, whatever the dose. What hangs on dose and load besides
 * (*no straining*, *no long holds*, light things held under *no gripping*) is in `dose-limits.ts`.
 */
export const EXCLUDES: Record<Limit, (facts: Facts) => boolean> = {
  "no-jumping": jumps,
  /** Nothing louder than a step. */
  quiet: (facts) => (facts.noise ?? "quiet") !== "quiet" || jumps(facts),
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
  "no-long-holds": () => false,
  "balance-support": ({ balance }) => balance === "much",
  "no-straining": () => false,
  "no-head-down": ({ headLow }) => headLow,
  "no-gripping": ({ grip }) => grip === "firm",
  "no-quick-turns": ({ quick }) => quick,
  "no-single-leg": ({ feet }) => feet === "one",
  "use-left-only": ({ arms }) => arms === "both",
  "use-right-only": ({ arms }) => arms === "both",
  "left-leg-only": ({ legs }) => legs === "both",
  "right-leg-only": ({ legs }) => legs === "both",
};

const UNKNOWN = usualBody("standing");

/**
 * Whether a limit rules a move out in any dose. Of a move of which neither a position nor what it asks of
 * the body is known, nothing is told but its impact and noise.
 */
export function excludes(limit: Limit, move: KnownMove): boolean {
  const body = bodyOf(move);
  if (!body) return (limit === "no-jumping" || limit === "quiet") && EXCLUDES[limit]({ ...UNKNOWN, ...move });
  return EXCLUDES[limit]({ ...body, ...move });
}
