import type { Person } from "@/core/homes/home";
import { KG_PER_LB } from "@/core/units";

type Units = NonNullable<Person["units"]>;

/** Kilograms as the person's units show them. */
export function shownIn(units: Units, kg: number | undefined): number | undefined {
  return kg === undefined || units === "kg" ? kg : Math.round((kg / KG_PER_LB) * 10) / 10;
}

/** What was typed in the person's units, in kilograms. */
export function takenIn(units: Units, value: number | undefined): number | undefined {
  return value === undefined || units === "kg" ? value : Math.round(value * KG_PER_LB * 100) / 100;
}
