/** The fixed list of limits, and what each excludes. A person names limits, never reasons. */
import type { KnownMove } from "../moves/book";
import type { BodyLoad } from "../moves/move";

export const LIMITS = [
  "no-jumping",
  "no-floor",
  "no-kneeling",
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
] as const;
export type Limit = (typeof LIMITS)[number];

const BY_LOAD: Partial<Record<Limit, BodyLoad>> = {
  "no-jumping": "jump",
  "no-floor": "floor",
  "no-kneeling": "kneeling",
  "no-overhead": "overhead",
  "no-wrist-load": "wrist",
  "shallow-knees": "deep-knee",
  "no-deep-hinge": "deep-hinge",
  "no-spine-flexion": "spine-flexion",
  "no-twisting": "twist",
  "no-long-holds": "long-hold",
  "balance-support": "balance",
  "no-straining": "straining",
  "no-head-down": "head-down",
  "no-gripping": "grip",
  "no-quick-turns": "quick-turn",
  "no-single-leg": "single-leg",
};

/**
 * Whether a limit rules a move out. One-sided limits rule nothing out: on the other side's
 * turn the person repeats the move easier or rests, as they choose. Of a move that is known
 * by name only nothing is known, and nothing is excluded.
 */
export function excludes(limit: Limit, move: KnownMove): boolean {
  if (limit === "not-face-down") return move.position === "prone";
  if (limit === "not-on-back") return move.position === "supine";
  if (limit === "no-jumping" && move.impact === "high") return true;
  const load = BY_LOAD[limit];
  return load !== undefined && (move.loads?.includes(load) ?? false);
}
