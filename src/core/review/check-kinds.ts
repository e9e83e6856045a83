/** Doses that a move can't be done in, and one-sided moves that only ever work one side. */

import { setSlot } from "../class/commands";
import { appearancesOf, dosesOf, mapDoses, type Slot } from "../class/document";
import { slotSides } from "../class/expand";
import { slotMove } from "../class/sequence";
import type { KnownMove } from "../moves/book";
import { named } from "../reasons/named";
import { spanTriple } from "../values/span";
import type { ReviewContext, SlotFacts } from "./context";
import { upToFive } from "./edits";
import type { Fix, Found } from "./finding";

/** A lowering shorter than a second is thrown: a swing. */
const THROWN_SECONDS = 1;

/** Jumped, run or swung: nothing that can be held or slowed down. */
export function isBallistic(move: KnownMove): boolean {
  const [lowering] = move.phases?.seconds ?? [];
  return (
    move.pattern === "jump" ||
    move.pattern === "run" ||
    (move.landings?.perRep ?? 0) > 0 ||
    (lowering !== undefined && lowering > 0 && lowering < THROWN_SECONDS)
  );
}

/** Share of the limit that a hold made of reps is kept to. */
const OF_LIMIT = 0.6;

/** Reps of a hold as seconds: as long as they would take, in fives, and no longer than it is held. */
function heldInstead({ slot, move }: SlotFacts): Fix[] {
  const reps = Math.max(...dosesOf(slot).map((dose) => (dose.reps ? spanTriple(dose.reps).plan : 0)));
  const most = (move.holdSeconds ?? 60) * OF_LIMIT;
  const seconds = Math.max(5, Math.min(upToFive(reps * move.repSeconds), Math.floor(most / 5) * 5));
  const dose = mapDoses(slot, (each) => (each.reps === undefined ? each : { hold: seconds }));
  return [{ says: { code: "hold", seconds }, edit: setSlot(slot, "dose", dose) }];
}

function workedInstead(slot: Slot): Fix[] {
  const seconds = Math.max(...dosesOf(slot).map(({ hold }) => (hold ? spanTriple(hold).plan : 0)));
  const dose = mapDoses(slot, (each) => (each.hold === undefined ? each : { seconds: each.hold }));
  return [{ says: { code: "work-for", seconds }, edit: setSlot(slot, "dose", dose) }];
}

function withoutTempo(slot: Slot): Fix[] {
  const dose = mapDoses(slot, ({ tempo: _gone, ...each }) => each as (typeof slot)["dose"] & object as never);
  return [{ says: { code: "no-tempo" }, edit: setSlot(slot, "dose", dose) }];
}

/** Code: `dose-kind`, reps of a hold, a hold of a jump or a swing, a tempo for something that is thrown. */
export function checkDoseKinds({ slots }: ReviewContext): Found[] {
  return [...slots.values()].flatMap((facts): Found[] => {
    const { slot, move, at } = facts;
    const has = (is: (dose: ReturnType<typeof dosesOf>[number]) => boolean) => dosesOf(slot).some(is);
    const place = { where: { slot: slot.id }, at };
    const says = (of: "reps" | "hold" | "tempo") => ({ code: "dose-kind", of, move: named(move) }) as const;
    if (move.isometric && has(({ reps }) => reps !== undefined))
      return [{ says: says("reps"), ...place, fixes: heldInstead(facts) }];
    if (!isBallistic(move)) return [];
    if (has(({ hold }) => hold !== undefined))
      return [{ says: says("hold"), ...place, fixes: workedInstead(slot) }];
    if (has(({ tempo }) => tempo !== undefined))
      return [{ says: says("tempo"), ...place, fixes: withoutTempo(slot) }];
    return [];
  });
}

/** How often each side gets a turn of a move over the whole class; null where every turn works both. */
export function turnsOf(
  moveKey: string,
  { slots, book }: ReviewContext,
): { readonly left: number; readonly right: number } | null {
  const turns = { left: 0, right: 0 };
  let alone = false;
  for (const { slot, block, move } of slots.values()) {
    if ((move.id ?? move.name) !== moveKey) continue;
    const times = appearancesOf(slot, spanTriple(block.rounds, 1).plan);
    const first = slot.firstSide === "right" ? "right" : "left";
    const isSwap = slotSides(slot, book) === "swap";
    alone ||= isSwap;
    turns[first] += isSwap ? Math.ceil(times / 2) : times;
    turns[first === "left" ? "right" : "left"] += isSwap ? Math.floor(times / 2) : times;
  }
  return alone ? turns : null;
}

/** A one-sided move that its slot sets for both sides at once: then nobody is told to change. */
function isNeverChanged({ slot }: SlotFacts, { book }: ReviewContext): boolean {
  return slot.sides === "both" && slotMove(slot, book).sides === "inTurn";
}

/** Code: `one-side-only`, a one-sided move that works one side alone in the whole class. */
export function checkOneSide(context: ReviewContext): Found[] {
  const seen = new Set<string>();
  return [...context.slots.values()].flatMap((facts): Found[] => {
    const { slot, move, block, at } = facts;
    const key = move.id ?? move.name;
    if (seen.has(key) || block.cap !== undefined) return [];
    const turns = turnsOf(key, context);
    const isOne = turns !== null && (turns.left === 0 || turns.right === 0);
    if (!isOne && !isNeverChanged(facts, context)) return [];
    seen.add(key);
    return [
      {
        says: { code: "one-side-only", move: named(move) },
        where: { slot: slot.id },
        at,
        fixes: [{ says: { code: "sides-in-turn" }, edit: setSlot(slot, "sides", "inTurn") }],
      },
    ];
  });
}
