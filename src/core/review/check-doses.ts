/** How moves are dosed: sides that come out even, one way of counting, stretches, levels, what is unknown. */

import { setBlock, setSlot } from "../class/commands";
import {
  appearancesOf,
  type Block,
  dosesOf,
  MOST_ROUNDS,
  mapDoses,
  roundsAreFixed,
  type Slot,
  slotsOf,
  wayAt,
} from "../class/document";
import { lastsAsSaid, rowOf, spanOf, withSpan } from "../class/dose-kinds";
import { slotSides } from "../class/expand";
import type { Part } from "../parts/part";
import { named } from "../reasons/named";
import { STRAIN } from "../strength/strain";
import { type Span, spanTriple, tidySpan } from "../values/span";
import { turnsOf } from "./check-kinds";
import { hardestSet, primary, type ReviewContext, type SlotFacts, timedDoses } from "./context";
import type { Fix, Found } from "./finding";

function appearances({ block, slot }: SlotFacts): number {
  return appearancesOf(slot, spanTriple(block.rounds, 1).plan);
}

function even(span: Span): Span {
  const up = (n: number) => n + (n % 2);
  const { min, plan, max } = spanTriple(span);
  return tidySpan({ min: up(min), plan: up(plan), max: up(max) });
}

export function checkSides(context: ReviewContext): Found[] {
  const seen = new Set<string>();
  return [...context.slots.values()].flatMap((facts) => {
    const sides = slotSides(facts.slot, context.book);
    const key = facts.move.id ?? facts.move.name;
    if (sides === "swap" && !seen.has(key)) {
      const found = unevenTurns(facts, context);
      if (found.length > 0) seen.add(key);
      return found;
    }
    return sides === "inTurn" && facts.slot.count === "total" ? unevenHalves(facts) : [];
  });
}

/** Whether one round more is open to a block, and leaves the turns of no other slot uneven. */
function mayAddRound(block: Block, slot: Slot, { book }: ReviewContext): boolean {
  const rounds = spanTriple(block.rounds, 1).plan;
  if (roundsAreFixed(block) || rounds >= MOST_ROUNDS || typeof (block.rounds ?? 1) !== "number") return false;
  return slotsOf(block).every(
    (other) =>
      other === slot || slotSides(other, book) !== "swap" || (other.rounds?.length ?? rounds) % 2 === 1,
  );
}

/** One side has a turn more than the other. */
function unevenTurns(facts: SlotFacts, context: ReviewContext): Found[] {
  const { slot, block, move, at } = facts;
  const times = appearances(facts);
  if (block.cap !== undefined || times % 2 === 0) return [];
  // Elsewhere the other side may get the turn that is missing here; one side alone is told by itself.
  const turns = turnsOf(move.id ?? move.name, context);
  if (turns && (turns.left === turns.right || turns.left === 0 || turns.right === 0)) return [];
  const rounds = spanTriple(block.rounds, 1).plan + 1;
  const more: Fix = { says: { code: "rounds", rounds }, edit: setBlock(block, "rounds", rounds) };
  const inTurn: Fix = { says: { code: "sides-in-turn" }, edit: setSlot(slot, "sides", "inTurn") };
  const side = slot.firstSide === "right" ? "right" : "left";
  return [
    {
      says: { code: "sides-uneven", how: "turns", move: named(move), times, side },
      where: { slot: slot.id },
      at,
      fixes: mayAddRound(block, slot, context) ? [more, inTurn] : [inTurn],
    },
  ];
}

/** An odd total can't be shared by two sides. */
function unevenHalves({ slot, move, at }: SlotFacts): Found[] {
  const odd = dosesOf(slot).some((dose) => spanTriple(spanOf(dose) ?? 0).plan % 2 === 1);
  if (!odd) return [];
  const dose = mapDoses(slot, (each) => withSpan(each, even));
  return [
    {
      says: { code: "sides-uneven", how: "halves", move: named(move) },
      where: { slot: slot.id },
      at,
      fixes: [
        { says: { code: "even-total" }, edit: setSlot(slot, "dose", dose) },
        { says: { code: "count-each" }, edit: setSlot(slot, "count", "each") },
      ],
    },
  ];
}

const timed = (slot: Slot) => timedDoses(slot).length > 0;
const counted = (slot: Slot) => dosesOf(slot).some((dose) => rowOf(dose).row.reps);

const countOf = ({ slot }: SlotFacts) => slot.count ?? "each";

/** One move counted on each side here and in total there; the first way of counting is kept. */
function mixedSides(all: readonly SlotFacts[], book: ReviewContext["book"]): Found[] {
  const sided = all.filter(({ slot }) => ["inTurn", "alternating"].includes(slotSides(slot, book)));
  const [first] = sided;
  if (!first) return [];
  const count = countOf(first);
  const others = sided.filter((facts) => countOf(facts) !== count);
  const [other] = others;
  if (!other) return [];
  return [
    {
      says: { code: "count-mixed", of: "sides", move: named(other.move), here: countOf(other) },
      where: { slot: other.slot.id },
      at: other.at,
      fixes: others.map((facts) => ({
        says: { code: "count-alike", count },
        edit: setSlot(facts.slot, "count", count),
      })),
    },
  ];
}

/** One move of the main work in seconds here and in reps there. */
function mixedDoses(all: readonly SlotFacts[]): Found[] {
  const main = all.filter((facts) => facts.main);
  const inSeconds = main.find((facts) => timed(facts.slot));
  const inReps = main.find((facts) => counted(facts.slot) && !timed(facts.slot));
  if (!inSeconds || !inReps) return [];
  const repsLater = inSeconds.at <= inReps.at;
  const [earlier, later] = repsLater ? [inSeconds, inReps] : [inReps, inSeconds];
  return [
    {
      says: {
        code: "count-mixed",
        of: "doses",
        move: named(later.move),
        here: repsLater ? "reps" : "seconds",
      },
      where: { slot: later.slot.id },
      at: later.at,
      fixes: [
        {
          says: { code: "dose-alike", in: repsLater ? "seconds" : "reps" },
          edit: setSlot(later.slot, "dose", earlier.slot.dose),
        },
      ],
    },
  ];
}

/** Code: `count-mixed`, where one move is counted in two ways in one class. */
export function checkCounts({ slots, book }: ReviewContext): Found[] {
  const byMove = new Map<string, SlotFacts[]>();
  for (const facts of slots.values()) {
    const key = facts.move.id ?? facts.move.name;
    byMove.set(key, [...(byMove.get(key) ?? []), facts]);
  }
  return [...byMove.values()].flatMap((all) => [...mixedSides(all, book), ...mixedDoses(all)]);
}

/** What a stretch that comes too early is cut to. */
const HOLD_SECONDS = 30;

export function checkStretches({ slots, pieces, thresholds }: ReviewContext): Found[] {
  const start = Math.min(...[...slots.values()].filter((facts) => facts.main).map((facts) => facts.at));
  const seen = new Set<string>();
  const found: Found[] = [];
  for (const { segment, facts } of pieces) {
    const { slot, move } = facts;
    const length = segment.end - segment.start;
    if (move.pattern !== "stretch" || primary(move).length === 0) continue;
    if (segment.start >= start || length < thresholds.longStretchSeconds || seen.has(slot.id)) continue;
    seen.add(slot.id);
    const dose = mapDoses(slot, (each) => (lastsAsSaid(each) ? withSpan(each, () => HOLD_SECONDS) : each));
    found.push({
      says: {
        code: "stretch-early",
        move: named(move),
        muscles: { muscles: primary(move) },
        seconds: length,
      },
      where: { slot: slot.id },
      at: facts.at,
      fixes:
        timedDoses(slot).length > 0
          ? [{ says: { code: "hold", seconds: HOLD_SECONDS }, edit: setSlot(slot, "dose", dose) }]
          : [],
    });
  }
  return found;
}

/** Who does a slot too hard even in their own version, because nothing easier is there. */
function tooHardFor(slotId: string, parts: readonly Part[]): boolean {
  return parts.some((part) => {
    const own = part.slots.find(({ slot }) => slot === slotId);
    return own !== undefined && own.status !== "unmet" && hardestSet(own) > STRAIN.tooHeavy;
  });
}

/** The fix that notes a plain way where a level has none. */
function noteWays(slot: Slot, missing: "easier" | "harder" | "both"): Fix {
  const marks = {
    ...slot.marks,
    ...(missing === "harder" ? {} : { flat: { note: "Smaller range, or slower" } }),
    ...(missing === "easier" ? {} : { sharp: { note: "Pause two counts at the hardest point" } }),
  };
  return { says: { code: "note-ways", missing }, edit: setSlot(slot, "marks", marks) };
}

/** Levels for which neither the slot nor the library says a way; null where both have one. */
function levelsMissing({ slot, move }: SlotFacts): "easier" | "harder" | "both" | null {
  const has = (mark: "flat" | "sharp", kind: "easier" | "harder") =>
    wayAt(slot, mark) !== null || (move.links ?? []).some((link) => link.kind === kind);
  const [flat, sharp] = [has("flat", "easier"), has("sharp", "harder")];
  if (flat) return sharp ? null : "harder";
  return sharp ? "easier" : "both";
}

/**
 * Code: `one-level`, where somebody's own version stays too hard and nothing easier is there. Without anybody's
 * part a move that lacks a way is told of, since nobody knows yet who will come.
 */
export function checkLevels({ slots, parts }: ReviewContext): Found[] {
  return [...slots.values()].flatMap((facts): Found[] => {
    const { slot, move, main, at } = facts;
    const missing = main ? levelsMissing(facts) : null;
    if (missing === null) return [];
    if (parts.length > 0 && (missing === "harder" || !tooHardFor(slot.id, parts))) return [];
    return [
      {
        says: { code: "one-level", move: named(move), missing },
        where: { slot: slot.id },
        at,
        fixes: [noteWays(slot, missing)],
      },
    ];
  });
}

/** Moves given by name only: said once, not guessed at. */
export function checkUnknown({ slots }: ReviewContext): Found[] {
  const unknown = [...slots.values()].filter(
    ({ move }) =>
      move.id === null &&
      (move.pattern === undefined || move.muscles === undefined || move.needs === undefined),
  );
  const names = [...new Set(unknown.map(({ move }) => move.name))];
  if (names.length === 0) return [];
  return [
    {
      says: { code: "move-unknown", moves: { moves: names.map((name) => ({ id: null, name })) } },
      where: { slot: unknown[0]?.slot.id ?? "" },
      at: unknown[0]?.at ?? 0,
    },
  ];
}
