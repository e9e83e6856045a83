import type { TrailKind } from "../core/trail/trail";
import type { Words } from "./words";

/** A line of the trail for the owner: `Maren opened where Gil is and whom to call`. `person` null: since removed. */
export function trailText(kind: TrailKind, actor: string, person: string | null, words: Words): string {
  return words.name("trail", kind, { actor, person: person ?? words.phrase("people", "removed") });
}
