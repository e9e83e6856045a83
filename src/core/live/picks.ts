/** What somebody picked of the equals that a slot leaves to choose from. */
import type { Part, PartSlot } from "../parts/part";

/** By slot: the id of the picked move, or its name where it has none. */
export type Picks = ReadonlyMap<string, string>;

/** What a way is picked by. */
export const pickOf = ({ move, name }: Pick<PartSlot, "move" | "name">): string => move ?? name;

function picked(own: PartSlot, pick: string | undefined): PartSlot {
  const { choices = [], ...rest } = own;
  const chosen = pick === undefined ? undefined : choices.find((way) => pickOf(way) === pick);
  if (!chosen) return own;
  return { ...chosen, choices: [rest, ...choices.filter((way) => way !== chosen)] };
}

/** The part with what was picked in place of what stood there; a pick that isn't offered changes nothing. */
export function withPicks(part: Part, picks: Picks | undefined): Part {
  if (!picks || picks.size === 0) return part;
  return { ...part, slots: part.slots.map((own) => picked(own, picks.get(own.slot))) };
}

/** The ways that somebody may choose from in a slot, in an order that stays as they choose; none where there is no choice. */
export function equalsOf(own: PartSlot | undefined): readonly PartSlot[] {
  if (!own?.choices || own.choices.length === 0) return [];
  return [own, ...own.choices].sort(
    (a, b) => (a.own ? 1 : 0) - (b.own ? 1 : 0) || (a.name < b.name ? -1 : 1),
  );
}
