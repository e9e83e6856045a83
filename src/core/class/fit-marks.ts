/** Levels that go with a slot's doses after these have changed. */
import { isSame } from "../values/same";
import { spanTriple } from "../values/span";
import { setSlot, together } from "./commands";
import { type Dose, dosesOf, type Slot, type Way } from "./document";
import { rowOf, spanOf } from "./dose-kinds";
import type { Edit } from "./edits";

/** What nothing is said of is no limit. */
function plannedSeconds(dose: Dose): number {
  const span = spanOf(dose);
  return span === null ? Number.POSITIVE_INFINITY : spanTriple(span).plan;
}

/**
 * A slot whose levels say what its doses can have: seconds of what is timed, none longer than the shortest; reps of
 * what is counted.
 */
export function fitMarks(slot: Slot): Slot {
  if (!slot.marks) return slot;
  const doses = dosesOf(slot);
  const timed = doses.every((dose) => rowOf(dose).row.lasts !== "as-counted");
  const counted = doses.every((dose) => rowOf(dose).row.reps);
  const shortest = Math.min(...doses.map(plannedSeconds));
  const fitted = (way: Way): Way =>
    Object.fromEntries(
      Object.entries(way).flatMap(([key, value]) => {
        if (key === "seconds") return timed ? [[key, Math.min(value as number, shortest)]] : [];
        return key === "reps" && !counted ? [] : [[key, value]];
      }),
    ) as Way;
  const { flat, sharp } = slot.marks;
  const marks = {
    ...slot.marks,
    ...(flat ? { flat: fitted(flat) } : {}),
    ...(sharp ? { sharp: fitted(sharp) } : {}),
  };
  return isSame(marks, slot.marks) ? slot : { ...slot, marks };
}

/** Other doses of a slot, and levels that go with them. */
export function setDose(slot: Slot, to: Slot["dose"]): Edit {
  const { marks } = fitMarks({ ...slot, dose: to });
  return together([
    setSlot(slot, "dose", to),
    ...(isSame(marks, slot.marks) ? [] : [setSlot(slot, "marks", marks)]),
  ]);
}
