/** A class in the weeks of a season: so many steps on, and easier in an easier week. */
import { checkClass } from "../class/check-class";
import { setRounds, together } from "../class/commands";
import {
  type Block,
  type ClassDoc,
  dosesOf,
  isLocked,
  mapDoses,
  roundsAreFixed,
  type Slot,
  slotsOf,
} from "../class/document";
import { withSpan } from "../class/dose-kinds";
import type { Edit } from "../class/edits";
import { setDose } from "../class/fit-marks";
import { applyChecked } from "../class/history";
import { isMain } from "../effort/hard";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import { LIBRARY_BOOK } from "../moves/library";
import { stepUp } from "../starting/step-up";
import { isSame } from "../values/same";
import { shiftSpan, spanTriple } from "../values/span";
import { isEasier, type SeasonPlan, stepsBy } from "./pattern";

/** Seconds by which timed work is shorter in an easier week where there is no round to leave out. */
const EASIER_SECONDS = 10;
const LEAST_SECONDS = 20;

/** Whether all timed work and holds of a slot are long enough to leave some out; the seconds of a sequence stay. */
function canShorten(slot: Slot): boolean {
  if (isLocked(slot, "dose") || isLocked(slot, "slot")) return false;
  const timed = dosesOf(slot).filter((dose) => (dose.seconds ?? dose.hold) !== undefined);
  return (
    timed.length > 0 &&
    timed.every((dose) => {
      const span = dose.seconds ?? dose.hold;
      const least = span === undefined ? 0 : spanTriple(span).min;
      return dose.sequence === undefined && least - EASIER_SECONDS >= LEAST_SECONDS;
    })
  );
}

/** A round less of a block, else shorter work; null where it is as short as it gets. */
function easierBlock(block: Block): Edit | null {
  const { rounds = 1, cap, locked } = block;
  const fixed = cap !== undefined || roundsAreFixed(block) || locked?.includes("rounds");
  if (!fixed && spanTriple(rounds).min > 2) return setRounds(block, shiftSpan(rounds, -1, 1, 100));
  const slots = slotsOf(block).filter((slot) => cap === undefined && canShorten(slot));
  if (slots.length === 0) return null;
  const shorter = (slot: Slot) =>
    setDose(
      slot,
      mapDoses(slot, (dose) =>
        dose.seconds === undefined && dose.hold === undefined
          ? dose
          : withSpan(dose, (span) => shiftSpan(span, -EASIER_SECONDS, 1, 7200)),
      ),
    );
  return together(slots.map(shorter));
}

/** An easier week of a class: every main block a round less, or with shorter work, where it may; rests stay. */
export function easier(doc: ClassDoc): ClassDoc {
  return doc.blocks.filter(isMain).reduce((now, block) => {
    const edit = easierBlock(block);
    const next = edit && applyChecked(now, edit, LIBRARY_BOOK);
    return next?.ok ? next.value : now;
  }, doc);
}

/** So many steps on, inside what the stance keeps to and what a class may be: then it stays. */
export function grown(doc: ClassDoc, steps: number, thresholds: Thresholds = THRESHOLDS): ClassDoc {
  let now = doc;
  for (let i = 0; i < steps; i += 1) {
    const { doc: next } = stepUp(now, thresholds);
    if (isSame(next, now) || !checkClass(next, LIBRARY_BOOK).ok) return now;
    now = next;
  }
  return now;
}

/** A class as it is taught in a week of a season, from 0. */
export function docInWeek(
  base: ClassDoc,
  plan: Pick<SeasonPlan, "growEvery" | "easierEvery">,
  week: number,
  thresholds: Thresholds = THRESHOLDS,
): ClassDoc {
  const doc = grown(base, stepsBy(plan, week), thresholds);
  return isEasier(plan, week) ? easier(doc) : doc;
}

/** Whether a class of a season was changed by hand since it was made. */
export function wasEdited(made: ClassDoc, now: ClassDoc): boolean {
  return JSON.stringify(made) !== JSON.stringify(now);
}
