/** Whether people are ready for what comes: shown for long enough, and warm where they are first loaded. */

import { setSlot } from "../class/commands";
import { type Slot, slotsOf } from "../class/document";
import type { KnownMove } from "../moves/book";
import type { Muscle } from "../moves/move";
import { named } from "../reasons/named";
import { primary, type ReviewContext, type SlotFacts } from "./context";
import { upToFive } from "./edits";
import type { Found } from "./finding";

/** Shown for two thirds of what a move needs is enough; and nobody misses three seconds. */
const ENOUGH = 2 / 3;
const MISSED_SECONDS = 3;

const keyOf = ({ move }: Slot) => (typeof move === "string" ? move : move.name);

/** Moves that earlier classes worked, where the season is known. */
export function workedBefore({ season }: ReviewContext): ReadonlySet<string> {
  const before = (season?.classes ?? []).filter(({ atMs }) => atMs < (season?.atMs ?? 0));
  return new Set(before.flatMap(({ doc }) => doc.blocks.flatMap(slotsOf)).map(keyOf));
}

/** Code: `demo-short`, a move shown for the first time in less than it needs. */
export function checkDemos(context: ReviewContext): Found[] {
  const seen = new Set(workedBefore(context));
  return [...context.slots.values()].flatMap(({ slot, block, move, main, at }): Found[] => {
    const key = keyOf(slot);
    const isNew = !seen.has(key);
    seen.add(key);
    const seconds = slot.demo ?? block.demo ?? 0;
    const needs = move.demoSeconds;
    if (!main || !isNew || seconds === 0 || needs === undefined) return [];
    if (seconds >= needs * ENOUGH || needs - seconds < MISSED_SECONDS) return [];
    const to = upToFive(needs);
    return [
      {
        says: { code: "demo-short", move: named(move), seconds, needs },
        where: { slot: slot.id },
        at,
        fixes: [{ says: { code: "show", seconds: to }, edit: setSlot(slot, "demo", to) }],
      },
    ];
  });
}

type Joint = "shoulder" | "hip" | "knee" | "ankle" | "spine";

/** The joints that a muscle moves, as far as a warm-up is about them. */
const JOINTS: Readonly<Record<Muscle, readonly Joint[]>> = {
  quads: ["knee", "hip"],
  glutes: ["hip"],
  hamstrings: ["hip", "knee"],
  adductors: ["hip"],
  abductors: ["hip"],
  calves: ["ankle"],
  chest: ["shoulder"],
  "front-shoulders": ["shoulder"],
  "side-shoulders": ["shoulder"],
  "rear-shoulders": ["shoulder"],
  "upper-back": ["shoulder"],
  lats: ["shoulder"],
  biceps: ["shoulder"],
  triceps: ["shoulder"],
  forearms: ["shoulder"],
  abs: ["spine"],
  obliques: ["spine"],
  "lower-back": ["spine", "hip"],
  "hip-flexors": ["hip"],
};

function jointsOf({ muscles }: KnownMove, all: boolean): readonly Joint[] {
  const list = [...(muscles?.primary ?? []), ...(all ? (muscles?.secondary ?? []) : [])];
  return list.flatMap((muscle) => JOINTS[muscle]);
}

const byTime = (a: SlotFacts, b: SlotFacts) => a.at - b.at;

/** Code: `warmup-fit`, nothing in the warm-up moves what the first hard block loads. */
export function checkWarmUpFit({ slots }: ReviewContext): Found[] {
  const all = [...slots.values()].sort(byTime);
  const warm = all.filter(({ block }) => block.role === "warmup");
  // A move that is known by its name only may move anything.
  if (warm.length === 0 || warm.some(({ move }) => !move.muscles || !move.pattern)) return [];
  const first = all.find(({ main, hard, effort, move }) => main && move.muscles && (hard || effort >= 6));
  if (!first) return [];
  const loaded = all.filter(
    ({ block, move, hard, effort }) => block === first.block && move.muscles && (hard || effort >= 6),
  );
  const moved = new Set(warm.flatMap(({ move }) => jointsOf(move, true)));
  const patterns = new Set(warm.map(({ move }) => move.pattern));
  const isMoved = ({ move }: SlotFacts) =>
    patterns.has(move.pattern) || jointsOf(move, false).some((joint) => moved.has(joint));
  if (loaded.some(isMoved)) return [];
  return [
    {
      says: {
        code: "warmup-fit",
        block: { block: first.block.title },
        muscles: { muscles: [...new Set(loaded.flatMap(({ move }) => primary(move)))].slice(0, 4) },
      },
      where: { block: warm[0]?.block.id ?? "" },
      at: first.at,
    },
  ];
}
