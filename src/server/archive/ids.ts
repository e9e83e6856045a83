/** Under which id something from an archive stands here: always the same, so that taking it in again makes no double. */
import { createHash } from "node:crypto";

/** An id that is made of a studio and another id (a UUID of version 8, RFC 9562: bits of our own choice). */
export function derivedId(studioId: string, id: string): string {
  const bytes = createHash("sha256").update(`${studioId} ${id}`).digest().subarray(0, 16);
  bytes[6] = ((bytes[6] ?? 0) & 0x0f) | 0x80;
  bytes[8] = ((bytes[8] ?? 0) & 0x3f) | 0x80;
  const hex = Buffer.from(bytes).toString("hex");
  return [hex.slice(0, 8), hex.slice(8, 12), hex.slice(12, 16), hex.slice(16, 20), hex.slice(20)].join("-");
}

/** A row that has one of the ids in question. */
export interface Held {
  readonly id: string;
  readonly studioId: string;
}

export interface Place {
  readonly id: string;
  /** It is here already, and stays as it is. */
  readonly here: boolean;
}

/**
 * Where each of some ids stands in a studio. One that nobody has is kept, so that whoever moves back finds the same;
 * one that another studio of this house has is replaced. `held`: the rows that have any of `asked(…)`.
 */
export function placesIn(
  studioId: string,
  ids: readonly string[],
  held: readonly Held[],
): ReadonlyMap<string, Place> {
  const owner = new Map(held.map((row) => [row.id, row.studioId]));
  return new Map(
    ids.map((id): [string, Place] => {
      const derived = derivedId(studioId, id);
      if (owner.get(derived) === studioId) return [id, { id: derived, here: true }];
      const holds = owner.get(id);
      if (holds === studioId) return [id, { id, here: true }];
      return [id, { id: holds === undefined ? id : derived, here: false }];
    }),
  );
}

/** The ids that have to be looked for. */
export const asked = (studioId: string, ids: readonly string[]): readonly string[] =>
  ids.flatMap((id) => [id, derivedId(studioId, id)]);
