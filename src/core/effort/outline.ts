/** A class in short, for a list of many: how long, how hard when, of what, with what. */
import { type ClassDoc, slotsOf } from "../class/document";
import type { KitType } from "../homes/kit";
import { fillersOf } from "../homes/match";
import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import { type Score, scoreOf } from "../score/score";
import type { Seconds } from "../units";
import { slotEffort } from "./demand";
import { isMain } from "./hard";

/** A piece of work: from, how long, and its effort 0–10 in whole numbers. */
export type OutlineBar = readonly [start: Seconds, length: Seconds, effort: number];

export interface Outline {
  readonly title: string;
  readonly seconds: Seconds;
  /** Minutes that were promised; null where none were. */
  readonly minutes: number | null;
  readonly pieces: number;
  readonly bars: readonly OutlineBar[];
  /** What its moves need as they are set, by what people would name first; in order of use, each once. */
  readonly kit: readonly KitType[];
  /** Names of the moves of the main work, in order, each once. */
  readonly moves: readonly string[];
  readonly blocks: readonly string[];
}

/** Without a slot's effort: a block against a cap has one piece of work. */
const CAPPED = 6;

/** Roles that no one has to look for. */
const EVERYWHERE: ReadonlySet<string> = new Set(["wall", "stairs"]);

function kitOf(doc: ClassDoc, book: MoveBook): readonly KitType[] {
  const types = new Set<KitType>();
  for (const slot of doc.blocks.flatMap(slotsOf)) {
    const lists = resolveMove(slot.move, book).needs ?? [];
    if (lists.length === 0 || lists.some((list) => list.length === 0)) continue;
    for (const { as, optional } of lists[0] ?? []) {
      const [type] = optional || EVERYWHERE.has(as) ? [] : fillersOf(as);
      if (type) types.add(type);
    }
  }
  return [...types];
}

/** The pieces of work of a score as bars. */
export function barsOf(doc: ClassDoc, score: Score, book: MoveBook): readonly OutlineBar[] {
  const efforts = new Map(
    doc.blocks.flatMap(slotsOf).map((slot) => [slot.id, Math.round(slotEffort(slot, book, doc.stance))]),
  );
  return score.segments
    .filter(({ kind }) => kind === "work")
    .map(({ start, end, slot }) => [start, end - start, slot ? (efforts.get(slot) ?? CAPPED) : CAPPED]);
}

/** A valid class in short. */
export function outlineOf(doc: ClassDoc, library: MoveBook): Outline {
  const book = bookFor(doc, library);
  const score = scoreOf(doc, library);
  const main = doc.blocks.filter(isMain);
  return {
    title: doc.title,
    seconds: score.seconds.plan,
    minutes: doc.promise?.minutes ?? null,
    pieces: score.pieces,
    bars: barsOf(doc, score, book),
    kit: kitOf(doc, book),
    moves: [...new Set(main.flatMap(slotsOf).map(({ move }) => resolveMove(move, book).name))],
    blocks: main.map(({ title }) => title).filter(Boolean),
  };
}
