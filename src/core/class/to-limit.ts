/** Whether a slot goes to the limit: by its dose, or by what is to be left. */
import { dosesOf, type Load, type Slot } from "./document";

/** A load that says that nothing is to be left. */
export function isNothingLeft(load: Load | undefined): boolean {
  return load?.rir === 0 || load?.rpe === 10;
}

/** The loads of a slot as a list; one stands for all appearances. */
export function loadsOf({ load }: Slot): readonly (Load | undefined)[] {
  return Array.isArray(load) ? load : [load as Load | undefined];
}

/** Whether a slot goes to the limit in any of its sets. */
export function goesToLimit(slot: Slot): boolean {
  return (
    dosesOf(slot).some((dose) => dose.toLimit !== undefined || dose.reserve === 0) ||
    loadsOf(slot).some(isNothingLeft)
  );
}
