/** A block as a sentence: the numbers that it names, and the edits that change them. Its words are in `src/words`. */

import { isSame } from "../values/same";
import { type Span, shiftSpan, spanText, spanTriple, tidySpan } from "../values/span";
import type { Counted } from "../values/typed-number";
import { setBlock, setRounds, setSlot, together } from "./commands";
import { type Block, type ClassDoc, type Dose, dosesOf, mapDoses, type Slot, slotsOf } from "./document";
import { rowOf, spanOf, withSpan } from "./dose-kinds";
import { applyEdit, type Edit } from "./edits";

export const NUMBER_KEYS = [
  "rounds",
  "cap",
  "work",
  "reps",
  "rest",
  "longRest",
  "prepare",
  "demo",
  "brief",
  "after",
] as const;
export type NumberKey = (typeof NUMBER_KEYS)[number];

export interface SentenceNumber {
  readonly key: NumberKey;
  /** As it is shown and typed: `4`, `20–40`. */
  readonly text: string;
  /** What the words around it depend on: moves of the block, sets at a station, one alone. */
  readonly moves: number;
  readonly station: boolean;
  /** Whether it is a time or counts things. */
  readonly unit: Counted;
  readonly least: number;
  readonly most: number;
  /** What an arrow key changes it by, and with Shift. */
  readonly step: number;
  readonly bigStep: number;
  /** The planned value, or the smallest where slots differ. */
  readonly now: number;
}

/** Whether a number stands in the doses of the block's slots. */
const isAmount = (key: NumberKey): key is "work" | "reps" => key === "work" || key === "reps";

/** The span of a dose that the sentence's `work` or `reps` names; null where it has none. */
function amount(dose: Dose, key: "work" | "reps"): Span | null {
  return rowOf(dose).row.number === key ? spanOf(dose) : null;
}

function amounts(block: Block, key: "work" | "reps"): Span[] {
  return slotsOf(block).flatMap((slot) => dosesOf(slot).flatMap((dose) => amount(dose, key) ?? []));
}

/** One span where all agree, else the range from the least to the most. */
function commonText(spans: readonly Span[]): { text: string; now: number } {
  const texts = new Set(spans.map(spanText));
  const triples = spans.map((span) => spanTriple(span));
  const low = Math.min(...triples.map((triple) => triple.min));
  const high = Math.max(...triples.map((triple) => triple.max));
  if (texts.size === 1) return { text: [...texts][0] ?? "", now: triples[0]?.plan ?? low };
  return { text: `${low}–${high}`, now: low };
}

const SECONDS = { unit: "seconds", step: 5, bigStep: 15, least: 0, most: 7200 } as const;
const COUNT = { unit: "count", step: 1, bigStep: 5, least: 1, most: 100 } as const;

/** The numbers of a block's sentence, in the order in which it is read. */
export function sentenceNumbers(block: Block): readonly SentenceNumber[] {
  const slots = slotsOf(block);
  const numbers: SentenceNumber[] = [];
  const station = block.loop === "station";
  const add = (
    key: NumberKey,
    value: { text: string; now: number },
    bounds: Pick<SentenceNumber, "unit" | "step" | "bigStep" | "least" | "most">,
  ) => numbers.push({ key, ...value, moves: slots.length, station, ...bounds });
  const span = (value: Span | undefined, fallback = 0) => ({
    text: spanText(value ?? fallback),
    now: spanTriple(value, fallback).plan,
  });
  if (slots.length > 0) {
    if (block.cap !== undefined) {
      add("cap", span(block.cap), { ...SECONDS, step: 15, bigStep: 60, least: 1 });
    } else add("rounds", span(block.rounds, 1), COUNT);
    const work = amounts(block, "work");
    if (work.length > 0) add("work", commonText(work), { ...SECONDS, least: 1 });
    const reps = amounts(block, "reps");
    if (reps.length > 0) add("reps", commonText(reps), { ...COUNT, most: 1000 });
    if (block.cap === undefined) {
      add("rest", span(block.rest), SECONDS);
      add("longRest", span(block.longRest ?? block.rest), SECONDS);
    }
    add("prepare", span(block.prepare), SECONDS);
    add("demo", span(block.demo), SECONDS);
  }
  add("brief", span(block.brief), SECONDS);
  add("after", span(block.after), SECONDS);
  return numbers;
}

/** Every dose of the block that `key` names, changed by `change`. */
function amountsEdit(block: Block, key: "work" | "reps", change: (span: Span) => Span): Edit {
  const edits = slotsOf(block).flatMap((slot) => {
    const to = mapDoses(slot, (dose) => (amount(dose, key) === null ? dose : withSpan(dose, change)));
    return isSame(to, slot.dose) ? [] : [setSlot(slot, "dose", to)];
  });
  return together(edits, edits.length === 1 ? undefined : key);
}

/** Sets a number of the sentence; where slots differ, all become equal. */
export function numberEdit(block: Block, key: NumberKey, to: Span): Edit {
  if (key === "rounds") return setRounds(block, to);
  if (isAmount(key)) return amountsEdit(block, key, () => to);
  return setBlock(block, key, to as never);
}

/** What hangs on a number in each slot of its block. */
function hanging(key: NumberKey): readonly (keyof Slot)[] {
  if (key === "rounds") return ["rounds", "dose", "load"];
  return isAmount(key) ? ["dose"] : [];
}

/**
 * The edit of a number that is being typed, letter by letter: `block` is what stands now, `before` what stood when
 * typing began, so that the 1 of 12 rounds takes nothing away. `to` null: what is typed can't be taken, and what
 * stood before stands again.
 */
export function typedEdit(block: Block, before: Block, key: NumberKey, to: Span | null): Edit {
  const alone: ClassDoc = { ...ALONE, blocks: [before] };
  const next = to === null ? null : applyEdit(alone, numberEdit(before, key, to));
  const [target = before] = next?.ok ? next.value.blocks : [];
  const edits: Edit[] = [];
  if (!isAmount(key) && !isSame(block[key], target[key])) edits.push(setBlock(block, key, target[key]));
  for (const slot of slotsOf(block)) {
    const wanted = slotsOf(target).find(({ id }) => id === slot.id);
    for (const part of hanging(key))
      if (wanted && !isSame(slot[part], wanted[part])) edits.push(setSlot(slot, part, wanted[part]));
  }
  return together(edits, isAmount(key) && edits.length > 1 ? key : undefined);
}

/** A class of one block, in which an edit of it is tried. */
const ALONE = { format: "brontle.class", version: 1, title: "", stance: "form" } as const;

/** Moves a number by `by`: ranges keep their width, and slots that differ keep their difference. */
export function stepEdit(block: Block, number: SentenceNumber, by: number): Edit {
  const { key, least, most } = number;
  const shifted = (span: Span) => shiftSpan(span, by, least, most);
  if (isAmount(key)) return amountsEdit(block, key, shifted);
  const fallback = key === "rounds" ? 1 : 0;
  const now = key === "longRest" ? (block.longRest ?? block.rest) : block[key];
  return numberEdit(block, key, tidySpan(spanTriple(shifted(now ?? fallback))));
}

/** What a number of the sentence reads once an edit of the block is made; null where it can't be, or has none then. */
export function numberAfter(block: Block, edit: Edit, key: NumberKey): string | null {
  const next = applyEdit({ ...ALONE, blocks: [block] }, edit);
  const [after] = next.ok ? next.value.blocks : [];
  return (after && sentenceNumbers(after).find((number) => number.key === key)?.text) ?? null;
}

export type BlockShape =
  | "talk"
  | "break"
  | "as-many-rounds"
  | "straight-sets"
  | "windows"
  | "intervals"
  | "one-move"
  | "superset"
  | "triset"
  | "circuit"
  | "sequence";

/** What a block is, from its structure. */
export function blockShape(block: Block): BlockShape {
  const { length } = slotsOf(block);
  const rounds = spanTriple(block.rounds, 1).max;
  if (length === 0) return block.role === "talk" ? "talk" : "break";
  if (block.cap !== undefined) return "as-many-rounds";
  if (block.loop === "station") return "straight-sets";
  if (slotsOf(block).some((slot) => dosesOf(slot).some((dose) => dose.within !== undefined)))
    return "windows";
  if (length === 1) return rounds > 1 ? "intervals" : "one-move";
  const counted = slotsOf(block).every((slot) => dosesOf(slot).some((dose) => rowOf(dose).row.reps));
  const gap = spanTriple(block.rest).plan;
  if (length === 2 && (counted || gap <= 15) && rounds > 1) return "superset";
  if (length === 3 && counted && gap <= 15 && rounds > 1) return "triset";
  return rounds > 1 ? "circuit" : "sequence";
}
