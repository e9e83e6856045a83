/**
 * What the library plainly has no way for, each with its reason. The library's tests hold these lists
 * to the truth in both directions: what is named here has no way, and all else has one.
 */

import type { Pattern } from "../moves/move";
import type { Limit } from "./limits";

/** Patterns without any way that needs nothing. */
export const NO_WAY_WITH_NOTHING: Readonly<Partial<Record<Pattern, string>>> = {};

/** Limits under which a pattern has no way left. */
export const NO_WAY_UNDER_LIMIT: readonly {
  readonly limit: Limit;
  readonly pattern: Pattern;
  readonly why: string;
}[] = [
  {
    limit: "no-overhead",
    pattern: "push-vertical",
    why: "pressing upwards is overhead; a raise to shoulder height is offered as shoulder raise",
  },
  ...(["left-leg-only", "right-leg-only"] as const).flatMap((limit) => [
    {
      limit,
      pattern: "lunge" as const,
      why: "a lunge is shared between two legs; a squat on one leg is a squat",
    },
    { limit, pattern: "jump" as const, why: "nobody is asked to hop on one leg from beginning to end" },
  ]),
];

/** Kinds of kit that a pattern has no way with, beyond those that need nothing. */
export type KitKind = "household" | "band" | "dumbbell" | "kettlebell" | "straps";
const LOOSE = "nothing is loaded: what needs nothing serves as well";
export const NO_WAY_WITH_KIT: Readonly<Partial<Record<Pattern, Readonly<Partial<Record<KitKind, string>>>>>> =
  {
    "push-vertical": { straps: "straps pull and lean; none of their ways presses upwards" },
    carry: { straps: "a strap is anchored: there is nothing to carry" },
    "hip-abduction": { straps: "a leg in a swinging loop is no steady way to train the side of the hip" },
    stretch: { dumbbell: LOOSE, kettlebell: LOOSE, straps: LOOSE },
    mobility: { dumbbell: LOOSE, kettlebell: LOOSE, straps: LOOSE },
  };
