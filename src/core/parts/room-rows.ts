/** The room as rows: people with the same part folded together, filtered, what stands out first. */
import { type ClassDoc, slotsOf } from "../class/document";
import { type Part, STATUSES, type Status } from "./part";

export const FILTERS = ["all", "unmet", "changed", "short"] as const;
export type Filter = (typeof FILTERS)[number];
export interface RoomRow {
  readonly key: string;
  readonly people: readonly Part[];
  /** The part that they share. */
  readonly part: Part;
}

/** Seconds that a person is short before a slot, at worst; 0 where they have enough. */
export function shortBefore(part: Part, slotId: string): number {
  return part.changeovers.reduce((most, line) => (line.to === slotId ? Math.max(most, line.short) : most), 0);
}

const passes: Record<Filter, (part: Part) => boolean> = {
  all: () => true,
  unmet: (part) => part.slots.some((slot) => slot.status === "unmet"),
  changed: (part) => part.slots.some((slot) => slot.status !== "as-set"),
  short: (part) => part.changeovers.some((line) => line.short > 0),
};

/** How many people each filter leaves. */
export function filterCounts(parts: readonly Part[]): Record<Filter, number> {
  return Object.fromEntries(FILTERS.map((filter) => [filter, parts.filter(passes[filter]).length])) as Record<
    Filter,
    number
  >;
}

function foldKey(part: Part): string {
  return JSON.stringify(
    part.slots.map((slot) => [slot.status, slot.mark, slot.move, shortBefore(part, slot.slot) > 0]),
  );
}

/** What stands out of a part, for the order of rows: unmet weighs most, then changes, then lack of time. */
function weight(part: Part): number {
  const count = (status: string) => part.slots.filter((slot) => slot.status === status).length;
  return (
    count("unmet") * 1000 +
    (part.slots.length - count("as-set")) * 10 +
    part.changeovers.filter((line) => line.short > 0).length
  );
}

/**
 * Rows for a filter; folded, people who do the same in every slot share one. With an `order` of people's ids
 * rows keep to it, so that none jumps while somebody's part is changed; else what stands out comes first.
 */
export function roomRows(
  parts: readonly Part[],
  filter: Filter,
  fold: boolean,
  order: readonly string[] = [],
): readonly RoomRow[] {
  const place = new Map(order.map((person, i) => [person, i]));
  const placeOf = ({ people }: { readonly people: readonly Part[] }) =>
    Math.min(...people.map(({ person }) => place.get(person) ?? Number.POSITIVE_INFINITY));
  const rows = new Map<string, Part[]>();
  for (const part of parts.filter(passes[filter])) {
    const key = fold ? foldKey(part) : part.person;
    rows.set(key, [...(rows.get(key) ?? []), part]);
  }
  return [...rows.values()]
    .map((people) => ({
      key: people.map((part) => part.person).join("+"),
      people,
      part: people[0] as Part,
    }))
    .sort((a, b) => {
      const [x, y] = [placeOf(a), placeOf(b)];
      if (x !== y) return x - y;
      return weight(b.part) - weight(a.part) || a.part.name.localeCompare(b.part.name, "en");
    });
}

export interface RoomColumn {
  readonly slot: string;
  readonly number: number;
  readonly block: string;
  readonly blockTitle: string;
  /** First slot of its block. */
  readonly first: boolean;
}

export function roomColumns(doc: ClassDoc): readonly RoomColumn[] {
  return doc.blocks.flatMap((block) =>
    slotsOf(block).map((slot, i) => ({
      slot: slot.id,
      number: i + 1,
      block: block.id,
      blockTitle: block.title,
      first: i === 0,
    })),
  );
}

/** Columns past which a class is folded to its blocks. */
export const MANY_COLUMNS = 24;

/** Moves of a block that somebody does otherwise than set. */
export function otherwiseIn(part: Part, slots: readonly string[]): number {
  return part.slots.filter(({ slot, status }) => slots.includes(slot) && status !== "as-set").length;
}

/** How many do a slot in each way, in the order of the statuses, without those that nobody has. */
export function spreadOver(
  parts: readonly Part[],
  slotId: string,
): readonly { readonly status: Status; readonly people: number }[] {
  return STATUSES.flatMap((status) => {
    const people = parts.filter(
      (part) => part.slots.find(({ slot }) => slot === slotId)?.status === status,
    ).length;
    return people > 0 ? [{ status, people }] : [];
  });
}
