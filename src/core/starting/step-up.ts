/**
 * A class a step further than it is: in each main block one thing more, inside what its stance keeps to. Timed work
 * and holds grow by five seconds, then a round; reps by one, then a set; a density block whose work is long takes five
 * seconds from its rest. The steps are those by which practice progresses load before volume (ACSM 2009, "Progression
 * models in resistance training": small steps, one variable at a time).
 */
import { setBlock, setRounds, setSlot, together } from "../class/commands";
import {
  type Block,
  type ClassDoc,
  type Dose,
  dosesOf,
  isLocked,
  mapDoses,
  roundsAreFixed,
  type Slot,
  type Stance,
  slotsOf,
} from "../class/document";
import { spanOf, withSpan } from "../class/dose-kinds";
import type { Edit } from "../class/edits";
import { isMain } from "../effort/hard";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import type { StartReason } from "../reasons/start-reasons";
import { shiftSpan, spanTriple } from "../values/span";
import { applied, type Changed } from "./to-length";

/** Up to here each number grows; then the next one. */
const MOST = {
  workSeconds: { form: 45, strength: 45, density: 60 },
  holdSeconds: { form: 60, strength: 60, density: 60 },
  reps: { form: 12, strength: 15, density: 20 },
  sets: { form: 3, strength: 5, density: 5 },
} as const satisfies Record<string, Readonly<Record<Stance, number>>>;
const STEP_SECONDS = 5;

type Kind = "work" | "hold" | "reps";

/** What of a dose can grow: timed work, a hold or reps; null for what is to the limit, a ladder, a sequence. */
function kindOf(dose: Dose): Kind | null {
  if (dose.hold !== undefined) return "hold";
  if (dose.reps !== undefined) return "reps";
  return dose.seconds !== undefined && dose.sequence === undefined ? "work" : null;
}

const LIMIT = { work: "workSeconds", hold: "holdSeconds", reps: "reps" } as const;

/** Whether a slot's doses may all grow one step of a kind. */
function grows(slot: Slot, kind: Kind, stance: Stance): boolean {
  const by = kind === "reps" ? 1 : STEP_SECONDS;
  const most = MOST[LIMIT[kind]][stance];
  return dosesOf(slot).every((dose) => {
    const span = kindOf(dose) === kind ? spanOf(dose) : null;
    return span !== null && spanTriple(span).max + by <= most;
  });
}

const grown = (slot: Slot, kind: Kind): Edit => {
  const by = kind === "reps" ? 1 : STEP_SECONDS;
  return setSlot(
    slot,
    "dose",
    mapDoses(slot, (dose) => withSpan(dose, (span) => shiftSpan(span, by, 1, 7200))),
  );
};

export interface BlockStep {
  readonly edit: Edit;
  readonly says: StartReason;
}

/** All of the block's doses of one kind a step on: of the kind that most slots have; null where none may. */
export function doseStep(block: Block, stance: Stance): BlockStep | null {
  const slots = slotsOf(block).filter((slot) => !isLocked(slot, "dose") && !isLocked(slot, "slot"));
  const kinds: readonly Kind[] = ["reps", "work", "hold"];
  const open = kinds
    .map((kind) => ({ kind, slots: slots.filter((slot) => grows(slot, kind, stance)) }))
    .sort((a, b) => b.slots.length - a.slots.length);
  const [best] = open;
  if (!best || best.slots.length === 0) return null;
  const { kind } = best;
  const name = { block: block.title };
  return {
    edit: together(best.slots.map((slot) => grown(slot, kind))),
    says:
      kind === "reps"
        ? { code: "step-reps", reps: 1, block: name }
        : { code: kind === "work" ? "step-work" : "step-hold", seconds: STEP_SECONDS, block: name },
  };
}

export function restStep(block: Block, stance: Stance, thresholds: Thresholds): BlockStep | null {
  const { rest, locked } = block;
  if (stance !== "density" || rest === undefined || locked?.includes("rest")) return null;
  const least = Math.max(10, thresholds.stance[stance].restSeconds[0]);
  if (spanTriple(rest).min - STEP_SECONDS < least) return null;
  return {
    edit: setBlock(block, "rest", shiftSpan(rest, -STEP_SECONDS, least, 7200)),
    says: { code: "step-rest", seconds: STEP_SECONDS, block: { block: block.title } },
  };
}

export function setStep(block: Block, stance: Stance): BlockStep | null {
  const { rounds = 1, cap, locked } = block;
  const isFixed = cap !== undefined || roundsAreFixed(block) || locked?.includes("rounds");
  if (isFixed || spanTriple(rounds).max + 1 > MOST.sets[stance]) return null;
  return {
    edit: setRounds(block, shiftSpan(rounds, 1, 1, MOST.sets[stance])),
    says: { code: "step-sets", sets: 1, block: { block: block.title } },
  };
}

/** A step up of every main block that has one; the class itself where none has. */
export function stepUp(doc: ClassDoc, thresholds: Thresholds = THRESHOLDS): Changed {
  const { stance } = doc;
  const steps = doc.blocks
    .filter(isMain)
    .flatMap(
      (block) =>
        doseStep(block, stance) ?? restStep(block, stance, thresholds) ?? setStep(block, stance) ?? [],
    );
  return { doc: applied(doc, together(steps.map(({ edit }) => edit))), says: steps.map(({ says }) => says) };
}
