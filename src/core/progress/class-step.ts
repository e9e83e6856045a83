/**
 * A step of a class itself: another round, less rest, a longer hold, where at least two thirds of those who did a
 * block are ready for more in it. Who isn't keeps what they had. One block and one step at a time, like everybody's own.
 */
import { type Block, type ClassDoc, doseAt, type Slot, slotsOf } from "../class/document";
import type { Edit } from "../class/edits";
import { isMain } from "../effort/hard";
import { THRESHOLDS, type Thresholds } from "../effort/thresholds";
import { type BlockStep, doseStep, restStep, setStep } from "../starting/step-up";
import { spanTriple } from "../values/span";
import type { Decision } from "./decisions";
import type { ProgressReason, Proposal } from "./proposal";

/** Of those who did it. */
export const READY_SHARE = 2 / 3;
/** One or two alone are no class. */
const LEAST_PEOPLE = 3;

/** Somebody's proposals, by the roster id of whom they are for. */
export interface PersonProposals {
  readonly person: string;
  readonly proposals: readonly Proposal[];
}

export type ClassStepKind = "another-round" | "less-rest" | "longer-hold";

export interface ClassStep {
  readonly block: string;
  readonly kind: ClassStepKind;
  readonly edit: Edit;
  readonly ready: readonly string[];
  /** Who isn't, and what they keep of it. */
  readonly others: readonly {
    readonly person: string;
    readonly keeps: readonly Pick<Decision, "move" | "step">[];
  }[];
}

const moveOf = ({ move }: Slot): string | null => (typeof move === "string" ? move : (move.like ?? null));

/** Nobody of whom one of these is so is ready for more of a block. */
const HOLDS_BACK: readonly ProgressReason[] = ["hurt", "missed", "hard-class", "away", "long-away"];

/** Ready for more of a block: nothing holds them back in any of its moves, and they are in half of them. */
function isReady(proposals: readonly Proposal[]): boolean {
  const ready = proposals.filter(({ why }) => why === "ready").length;
  return ready * 2 >= proposals.length && !proposals.some(({ why }) => HOLDS_BACK.includes(why));
}

/** Who did some of a block's moves, and whether they are ready for more of it. */
function readiness(block: Block, room: readonly PersonProposals[]) {
  const moves = new Set(slotsOf(block).flatMap((slot) => moveOf(slot) ?? []));
  const did = room.flatMap(({ person, proposals }) => {
    const own = proposals.filter(({ move }) => moves.has(move));
    return own.length === 0 ? [] : [{ person, ready: isReady(own) }];
  });
  const ready = did.filter((each) => each.ready).map(({ person }) => person);
  return { ready, others: did.filter((each) => !each.ready).map(({ person }) => person), all: did.length };
}

const isHolds = (block: Block) =>
  slotsOf(block).length > 0 && slotsOf(block).every((slot) => doseAt(slot, 0).hold !== undefined);

/** The step of a block, by what it is made of: holds grow, then rests shrink where the stance lets them, then a round more. */
function stepOf(
  block: Block,
  { stance }: ClassDoc,
  thresholds: Thresholds,
): { readonly kind: ClassStepKind; readonly step: BlockStep } | null {
  const longer = isHolds(block) ? doseStep(block, stance) : null;
  if (longer) return { kind: "longer-hold", step: longer };
  const rest = restStep(block, stance, thresholds);
  if (rest) return { kind: "less-rest", step: rest };
  const round = setStep(block, stance);
  return round && { kind: "another-round", step: round };
}

/** What somebody who isn't ready keeps of a slot: the rounds that there were, the seconds, or with less rest a little less work. */
function keepOf(block: Block, slot: Slot, kind: ClassStepKind): Decision["step"] | null {
  if (kind === "another-round") {
    const rounds = slot.rounds?.length ?? spanTriple(block.rounds, 1).plan;
    return { do: "keep", rounds };
  }
  const { hold, seconds } = doseAt(slot, 0);
  const now = hold ?? seconds;
  if (now === undefined) return null;
  const { plan } = spanTriple(now);
  return { do: "keep", seconds: kind === "longer-hold" ? plan : Math.max(5, plan - 5) };
}

/** The first main block that takes a step, and the step; null where none does. `room`: what everybody's own proposals are. */
export function classStep(
  doc: ClassDoc,
  room: readonly PersonProposals[],
  thresholds: Thresholds = THRESHOLDS,
): ClassStep | null {
  for (const block of doc.blocks.filter(isMain)) {
    const { ready, others, all } = readiness(block, room);
    if (all < LEAST_PEOPLE || ready.length / all < READY_SHARE - 1e-9) continue;
    const made = stepOf(block, doc, thresholds);
    if (!made) continue;
    const keeps = slotsOf(block).flatMap((slot) => {
      const move = moveOf(slot);
      const step = keepOf(block, slot, made.kind);
      return move !== null && step ? [{ move, step }] : [];
    });
    return {
      block: block.id,
      kind: made.kind,
      edit: made.step.edit,
      ready,
      others: others.map((person) => ({ person, keeps })),
    };
  }
  return null;
}
