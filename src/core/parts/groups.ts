/** Everyone's parts as the Desk shows them: counted by slot, folded into groups that do the same. */

import type { Part, PartSlot, Status } from "./part";

export interface Group {
  readonly key: string;
  readonly names: readonly string[];
  readonly slot: PartSlot;
}

/** People who do the same in a slot for the same reason, what differs most from the set first. */
export function groupsOf(parts: readonly Part[], slotId: string): readonly Group[] {
  const groups = new Map<string, { names: string[]; slot: PartSlot }>();
  for (const part of parts) {
    const slot = part.slots.find((entry) => entry.slot === slotId);
    if (!slot) continue;
    // Who does just what was set is one group, whatever they hold; others differ by the reason too.
    const plain = slot.status === "as-set" && slot.mark === "natural";
    const key = plain ? "plain" : JSON.stringify([slot.status, slot.mark, slot.move, slot.name, slot.why]);
    const group = groups.get(key);
    if (group) group.names.push(part.name);
    else groups.set(key, { names: [part.name], slot });
  }
  const order: readonly Status[] = ["unmet", "swapped", "eased", "raised", "as-set"];
  return [...groups]
    .map(([key, group]) => ({ key, ...group }))
    .sort(
      (a, b) =>
        order.indexOf(a.slot.status) - order.indexOf(b.slot.status) || b.names.length - a.names.length,
    );
}

/** Strain up to which a set leaves what was meant. */
const LEAVES = 0.05;

/** The most that more than half of all do of a slot's dose, in reps or seconds; null where it isn't counted or nobody does it. */
export function mostCan(
  parts: readonly Part[],
  slotId: string,
): { readonly unit: "reps" | "seconds"; readonly amount: number } | null {
  const own = parts.flatMap((part) =>
    part.slots.filter(({ slot, status }) => slot === slotId && status !== "unmet"),
  );
  const amounts = own.map(({ sets = [], reps }) => ({
    reps: sets[0]?.reps?.plan ?? reps?.plan ?? null,
    seconds: sets[0]?.seconds ?? null,
  }));
  const isReps = amounts.filter(({ reps }) => reps !== null).length * 2 > amounts.length;
  const unit = isReps ? "reps" : "seconds";
  const told = amounts.flatMap((each) => each[unit] ?? []).sort((a, b) => b - a);
  const amount = told[amounts.length >> 1];
  return amount === undefined ? null : { unit, amount };
}

/** How many do a slot as set with the reserve that is meant, each at their own level and weight. */
export function canDo(parts: readonly Part[], slotId: string): { readonly can: number; readonly of: number } {
  const own = parts.flatMap((part) => part.slots.filter(({ slot }) => slot === slotId));
  const can = own.filter(
    ({ status, sets = [] }) => status === "as-set" && sets.every(({ strain }) => (strain ?? 0) <= LEAVES),
  );
  return { can: can.length, of: own.length };
}
