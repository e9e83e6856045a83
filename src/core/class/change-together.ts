/** Several moves of a class changed in one step: "−5 s work", "all rests 15 s", "ease these". */
import type { MoveBook } from "../moves/book";
import type { Seconds } from "../units";
import { isSame } from "../values/same";
import { type Span, shiftSpan, spanTriple } from "../values/span";
import { inParts, removeBlock, removeSlot, setBlock, setRounds, setSlot, together } from "./commands";
import { type Block, type ClassDoc, mapDoses, type Slot, slotsOf } from "./document";
import { rowOf, withSpan } from "./dose-kinds";
import { easedWay } from "./ease";
import type { Edit } from "./edits";
import { setDose } from "./fit-marks";

export type Change =
  /** Seconds more of timed and held work; reps more. */
  | { readonly do: "work" | "reps"; readonly by: number }
  /** Seconds between moves, everywhere the same. */
  | { readonly do: "rest"; readonly to: Seconds }
  /** Rounds more of the blocks that are chosen whole. */
  | { readonly do: "rounds"; readonly by: number }
  | { readonly do: "ease" }
  | { readonly do: "remove" };

/** What of a block is chosen. */
export interface ChosenIn {
  readonly block: Block;
  readonly slots: readonly Slot[];
  /** All of its moves. */
  readonly whole: boolean;
}

/** The blocks of which something is chosen, in the order of the class. */
export function chosenIn(doc: ClassDoc, ids: ReadonlySet<string>): readonly ChosenIn[] {
  return doc.blocks.flatMap((block) => {
    const slots = slotsOf(block).filter(({ id }) => ids.has(id));
    return slots.length > 0 ? [{ block, slots, whole: slots.length === slotsOf(block).length }] : [];
  });
}

/** The slots from one to another, whichever comes first, in the order of the class. */
export function stretchOf(doc: ClassDoc, from: string, to: string): readonly string[] {
  const ids = doc.blocks.flatMap(slotsOf).map(({ id }) => id);
  const [a, b] = [ids.indexOf(from), ids.indexOf(to)];
  return a < 0 || b < 0 ? [] : ids.slice(Math.min(a, b), Math.max(a, b) + 1);
}

const LEAST_WORK: Seconds = 5;
const MOST_TIME: Seconds = 7200;
const MOST_REPS = 1000;

/** Doses with another amount, and levels that stop no later than the shortest of them. */
function amountEdits(slot: Slot, key: "work" | "reps", by: number): readonly Edit[] {
  const least = key === "work" ? LEAST_WORK : slot.count === "total" ? 2 : 1;
  const most = key === "work" ? MOST_TIME : MOST_REPS;
  // What is shorter than that already stays.
  const shifted = (span: Span) => (spanTriple(span).min < least ? span : shiftSpan(span, by, least, most));
  const to = mapDoses(slot, (dose) => (rowOf(dose).row.number === key ? withSpan(dose, shifted) : dose));
  return isSame(to, slot.dose) ? [] : [setDose(slot, to)];
}

/** The same rest behind each; of a whole block it is the block's, and what is between its rounds stays as it was. */
function restEdits({ block, slots, whole }: ChosenIn, to: Seconds): readonly Edit[] {
  if (!whole) return slots.filter(({ rest }) => rest !== to).map((slot) => setSlot(slot, "rest", to));
  const { rest, longRest } = block;
  return [
    ...(rest === to ? [] : [setBlock(block, "rest", to)]),
    ...(longRest === undefined && rest !== undefined && rest !== to
      ? [setBlock(block, "longRest", rest)]
      : []),
    ...slots.filter((slot) => slot.rest !== undefined).map((slot) => setSlot(slot, "rest", undefined)),
  ];
}

function roundEdits({ block, whole }: ChosenIn, by: number): readonly Edit[] {
  if (!whole || block.cap !== undefined) return [];
  const now = block.rounds ?? 1;
  const to = shiftSpan(now, by, 1, 100);
  return to === now ? [] : [setRounds(block, to)];
}

/** Each removed with what stands behind it when it goes, so that all come back at their places. */
function removedOneByOne(block: Block, slots: readonly Slot[]): readonly Edit[] {
  let now = block;
  return slots.map((slot) => {
    const edit = removeSlot(now, slot);
    now = { ...now, slots: slotsOf(now).filter(({ id }) => id !== slot.id) };
    return edit;
  });
}

/** Whole blocks go as blocks, but for the last that the class has. */
function removals(doc: ClassDoc, chosen: readonly ChosenIn[]): readonly Edit[] {
  const whole = chosen.filter((own) => own.whole).map(({ block }) => block);
  const left = doc.blocks.filter((block) => !whole.includes(block));
  if (left.length === 0) return [];
  const gone = new Set(chosen.flatMap(({ slots }) => slots).map(({ id }) => id));
  const parted = left
    .flatMap(slotsOf)
    .filter((slot) => !gone.has(slot.id) && slot.together !== undefined && gone.has(slot.together));
  return [
    ...parted.map((slot) => setSlot(slot, "together", undefined)),
    ...chosen.flatMap(({ block, slots, whole: all }) =>
      all ? [removeBlock(doc, block)] : removedOneByOne(block, slots),
    ),
  ];
}

/** The edit that changes all chosen moves in one step; null where nothing of them changes. */
export function changeTogether(
  doc: ClassDoc,
  ids: ReadonlySet<string>,
  change: Change,
  book: MoveBook,
): Edit | null {
  const chosen = chosenIn(doc, ids);
  const slots = chosen.flatMap((own) => own.slots);
  const edits = ((): readonly Edit[] => {
    switch (change.do) {
      case "work":
      case "reps":
        return slots.flatMap((slot) => amountEdits(slot, change.do, change.by));
      case "rest":
        return chosen.flatMap((own) => restEdits(own, change.to));
      case "rounds":
        return chosen.flatMap((own) => roundEdits(own, change.by));
      case "ease":
        return slots.flatMap((slot) => {
          const flat = easedWay(slot, book);
          return flat ? [setSlot(slot, "marks", { ...slot.marks, flat })] : [];
        });
      case "remove":
        return removals(doc, chosen);
    }
  })();
  return edits.length === 0 ? null : together(inParts(edits), "several");
}

/** The chosen moves as blocks of their own, to be copied. */
export function chosenBlocks(doc: ClassDoc, ids: ReadonlySet<string>): readonly Block[] {
  return chosenIn(doc, ids).map(({ block, slots, whole }) => {
    if (whole) return block;
    const kept = new Set(slots.map(({ id }) => id));
    const own = slots.map((slot) => {
      const { together: beside, ...alone } = slot;
      return beside !== undefined && kept.has(beside) ? slot : alone;
    });
    return { ...block, slots: own };
  });
}
