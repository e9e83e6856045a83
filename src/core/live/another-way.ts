/** What "another way" answers: what it is, or that there is none. */
import type { PartSlot } from "../parts/part";
import { equalsOf } from "./picks";

export type AnotherWay =
  /** They go on with this one: the easier way of their own. */
  | { readonly code: "easier"; readonly name: string }
  /** The same move, with less of it or a lighter weight. */
  | { readonly code: "less"; readonly name: string }
  /** Nothing easier, but equals to choose from. */
  | { readonly code: "choose" }
  /** Nothing else with what there is at home. */
  | { readonly code: "none" };

const amounts = ({ reps, seconds, uses, sets, tempo, rounds, adjust }: PartSlot) =>
  JSON.stringify([reps, seconds, uses, sets, tempo, rounds, adjust]);

/**
 * The answer to somebody who asks for another way in a slot. `easier`: what they do in it at their easier level.
 * A slot without a way is rested in either way.
 */
export function anotherWay(own: PartSlot | undefined, easier: PartSlot | undefined): AnotherWay {
  if (own && easier && easier.status !== "unmet" && own.status !== "unmet") {
    if (easier.name !== own.name) return { code: "easier", name: easier.name };
    if (amounts(easier) !== amounts(own)) return { code: "less", name: own.name };
  }
  return equalsOf(own).length > 0 ? { code: "choose" } : { code: "none" };
}
