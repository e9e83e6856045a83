/** Things at home in words: names, measures, what is held. */
import { type KitItem, type KitType, kitCount } from "../core/homes/kit";
import type { Held } from "../core/reasons/value";
import { KG_PER_LB, type MassUnits } from "../core/units";
import type { Words } from "./words";

/** The type's name for this many. */
export function kitName(type: KitType, count: number, words: Words): string {
  return words.name("kit", type, { count });
}

/** A mass in a person's own units, to a tenth: `6 kg`, `13.2 lb`. */
export function massText(kg: number, units: MassUnits, words: Words): string {
  const value = units === "lb" ? kg / KG_PER_LB : kg;
  return words.phrase("quantity", units, { amount: words.number(value, 1) });
}

function measureText(item: Omit<KitItem, "id">, units: MassUnits, words: Words): string {
  const amount = (value: number) => ({ amount: words.number(value) });
  const mass = (kg: number) => massText(kg, units, words);
  if (item.litres !== undefined) return words.phrase("quantity", "litres", amount(item.litres));
  if (item.grams !== undefined) return words.phrase("quantity", "grams", amount(item.grams));
  if (item.kg !== undefined) return mass(item.kg);
  if (item.minKg !== undefined && item.maxKg !== undefined) {
    return words.phrase("quantity", "between", { least: mass(item.minKg), most: mass(item.maxKg) });
  }
  if (item.type === "backpack" && item.maxKg !== undefined) {
    return words.phrase("quantity", "upTo", { most: mass(item.maxKg) });
  }
  if (item.tension !== undefined) {
    return words.phrase("quantity", "tension", { tension: words.name("tension", item.tension) });
  }
  if (item.heightCm !== undefined) return words.phrase("quantity", "cm", amount(item.heightCm));
  return "";
}

/** A kit line in words: `2 dumbbells 6 kg`, `tube band (medium)`, `4 bottles 1.5 l`. */
export function kitText(
  item: Omit<KitItem, "id">,
  words: Words,
  units: MassUnits = "kg",
  count = kitCount(item),
): string {
  const measure = measureText(item, units, words);
  return words.phrase("kit", count === 1 ? "one" : "many", {
    count,
    name: kitName(item.type, count, words),
    measure,
    measureAny: measure === "" ? "no" : "yes",
  });
}

/** The things in use, in words: `2 dumbbells 6 kg`, `towel and door`. Empty where nothing is used. */
export function heldText(things: readonly Held[], units: MassUnits, words: Words): string {
  return words.and(
    things.map(({ item, count, inside }) => {
      const thing = kitText(item, words, units, count);
      return inside.length === 0
        ? thing
        : words.phrase("kit", "packed", { thing, inside: heldText(inside, units, words) });
    }),
  );
}
