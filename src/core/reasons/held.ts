/** What is in use, as data that needs no home beside it. */
import type { Person } from "../homes/home";
import type { KitItem } from "../homes/kit";
import type { Use } from "../homes/match";
import type { Held, Of } from "./value";

/** A thing whose weight is chosen has the chosen one; one with a fixed measure keeps it. */
function chosenKg(item: KitItem, kg: number | undefined): Partial<KitItem> {
  const chosen = item.type === "adjustable-dumbbell" || item.type === "backpack" || item.type === "barbell";
  return kg !== undefined && chosen ? { kg } : {};
}

/** The things of these uses in their order, what is packed into another inside it. What isn't in the kit any more is left out. */
export function heldOf(uses: readonly Use[], kit: readonly KitItem[]): readonly Held[] {
  const packed = uses.filter((use) => use.as === "filling");
  return uses.flatMap(({ kit: id, as, count, kg }) => {
    const found = kit.find((entry) => entry.id === id);
    if (!found || as === "filling") return [];
    const { id: _id, ...item } = { ...found, ...chosenKg(found, kg) };
    const holds = item.type === "backpack" || item.type === "barbell";
    const inside = holds
      ? heldOf(
          packed.map((part) => ({ ...part, as: "support" })),
          kit,
        )
      : [];
    return [{ item, count, inside }];
  });
}

/** The same as a value of a reason, in the person's own units. */
export function heldBy(person: Person, uses: readonly Use[]): Of<"held"> {
  return { held: { things: heldOf(uses, person.kit ?? []), units: person.units ?? "kg" } };
}
