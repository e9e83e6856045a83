/**
 * What a class is made of, as set or as one person's part does it: hard sets by muscle, push and pull,
 * knee and hip, sides, positions, landings, gripping, work and rest, time under tension.
 */
import { type ClassDoc, doseAt, findSlot, loadAt } from "../class/document";
import { rowOf } from "../class/dose-kinds";
import { expand } from "../class/expand";
import { bookFor, type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Muscle, Position } from "../moves/move";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";
import { parseTempo, tempoSeconds } from "../values/tempo";
import { slotEffort } from "./demand";
import { isHardSet, isMain } from "./hard";
import type { Thresholds } from "./thresholds";

export interface Balance {
  /** Primary 1, secondary ½; a timed piece of 20–60 s is a set, a longer one pro rata. */
  readonly hardSets: ReadonlyMap<Muscle, number>;
  readonly pushPull: { readonly push: number; readonly pull: number };
  readonly kneeHip: { readonly knee: number; readonly hip: number };
  readonly sideSeconds: { readonly left: Seconds; readonly right: Seconds };
  readonly positionSeconds: ReadonlyMap<Position, Seconds>;
  /** Weighted by impact, as the read-through counts them. */
  readonly landings: number;
  readonly gripSeconds: Seconds;
  readonly workSeconds: Seconds;
  readonly restSeconds: Seconds;
  /** Reps × tempo; holds in full. */
  readonly tensionSeconds: Seconds;
}

const PUSH: readonly string[] = ["push-horizontal", "push-vertical"];
const PULL: readonly string[] = ["pull-horizontal", "pull-vertical"];
const KNEE: readonly string[] = ["squat", "lunge"];
const HIP: readonly string[] = ["hinge"];

/** A piece up to this long is one set; a longer one counts by how often it would fit. */
const SET_SECONDS = 60;
const LEAST_SET_SECONDS = 20;

const half = (n: number) => Math.round(n * 2) / 2;

/** The balance of a class as set, or of a person's part in it. */
export function balanceOf(doc: ClassDoc, library: MoveBook, thresholds: Thresholds, part?: Part): Balance {
  const book = bookFor(doc, library);
  const sets = new Map<Muscle, number>();
  const positions = new Map<Position, Seconds>();
  const done = new Map<string, KnownMove | null>();
  for (const own of part?.slots ?? [])
    done.set(own.slot, own.move === null ? null : (book.get(own.move) ?? null));
  const sums = {
    push: 0,
    pull: 0,
    knee: 0,
    hip: 0,
    left: 0,
    right: 0,
    landings: 0,
    grip: 0,
    work: 0,
    rest: 0,
    tension: 0,
  };
  const slots = new Map<string, ReturnType<typeof factsOf>>();
  const factsOf = (id: string) => {
    const found = findSlot(doc, id);
    if (!found) return null;
    const move = part ? (done.get(id) ?? null) : resolveMove(found.slot.move, book);
    const effort = slotEffort(found.slot, book);
    const dose = doseAt(found.slot, 0);
    const main = isMain(found.block);
    const hard = main && isHardSet(dose, loadAt(found.slot, 0), effort, doc, thresholds);
    return { ...found, move, dose, main, hard };
  };
  for (const { kind, slot, block, side, start, end, reps } of expand(doc, library)) {
    const seconds = end - start;
    const owner = doc.blocks.find((entry) => entry.id === block);
    const inMain = owner ? isMain(owner) : false;
    if (inMain && (kind === "rest" || kind === "long-rest")) sums.rest += seconds;
    if (kind !== "work") continue;
    if (inMain) sums.work += seconds;
    if (slot === null) continue;
    const known = slots.get(slot) ?? factsOf(slot);
    slots.set(slot, known);
    if (!known?.move) continue;
    const { move, dose, hard } = known;
    if (side) sums[side] += seconds;
    if (move.position) positions.set(move.position, (positions.get(move.position) ?? 0) + seconds);
    if (move.loads?.includes("grip")) sums.grip += seconds;
    const count = reps?.plan ?? (move.isometric ? 0 : seconds / move.repSeconds);
    if (move.landings && move.landings.perRep > 0) {
      sums.landings += count * move.landings.perRep * move.landings.weight;
    }
    const counted = rowOf(dose).row.reps;
    const tempo = dose.tempo === undefined ? null : parseTempo(dose.tempo);
    sums.tension +=
      reps && counted
        ? Math.min(seconds, reps.plan * (dose.repSeconds ?? (tempo ? tempoSeconds(tempo) : move.repSeconds)))
        : seconds;
    if (!hard || (!counted && seconds < LEAST_SET_SECONDS)) continue;
    // One side of a set done side by side is half of it for the muscles of both.
    const share = side === null ? 1 : 0.5;
    const n = share * (counted ? 1 : Math.max(1, seconds / SET_SECONDS));
    for (const muscle of move.muscles?.primary ?? []) sets.set(muscle, (sets.get(muscle) ?? 0) + n);
    for (const muscle of move.muscles?.secondary ?? []) sets.set(muscle, (sets.get(muscle) ?? 0) + n / 2);
    const pattern = move.pattern ?? "";
    if (PUSH.includes(pattern)) sums.push += n;
    if (PULL.includes(pattern)) sums.pull += n;
    if (KNEE.includes(pattern)) sums.knee += n;
    if (HIP.includes(pattern)) sums.hip += n;
  }
  return {
    hardSets: new Map([...sets].map(([muscle, n]) => [muscle, half(n)])),
    pushPull: { push: half(sums.push), pull: half(sums.pull) },
    kneeHip: { knee: half(sums.knee), hip: half(sums.hip) },
    sideSeconds: { left: sums.left, right: sums.right },
    positionSeconds: positions,
    landings: Math.round(sums.landings),
    gripSeconds: sums.grip,
    workSeconds: sums.work,
    restSeconds: sums.rest,
    tensionSeconds: Math.round(sums.tension),
  };
}
