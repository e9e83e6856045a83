/** What stands on the sheet of a class: clock times, doses, ways and kit, so that it survives a dead laptop. */
import { type Block, type ClassDoc, dosesOf, type Slot, slotsOf, wayAt } from "../../core/class/document";
import { slotSides } from "../../core/class/expand";
import { blockShape, sentenceNumbers } from "../../core/class/sentence";
import { MARK_GLYPH } from "../../core/homes/home";
import { bookFor, type MoveBook, resolveMove } from "../../core/moves/book";
import { levelNote, type Part, type PartSlot } from "../../core/parts/part";
import { blockTimes, type Score, scoreOf } from "../../core/score/score";
import { clockText } from "../../core/units";
import { shownDoses, spokenDose } from "../../words/dose-words";
import { needsText } from "../../words/need-words";
import { numberTail } from "../../words/sentence-words";
import { alternativesText, levelText } from "../../words/way-words";
import type { Words } from "../../words/words";
import { shortNames } from "./short-names";

export interface SheetRow {
  readonly slot: string;
  readonly number: number;
  readonly move: string;
  readonly dose: string;
  /** The easier and the harder way, each with its glyph; empty where there is none. */
  readonly flat: string;
  readonly sharp: string;
  /** What others do instead, and the weights of those who do it as set. */
  readonly others: string;
}

export interface SheetBlock {
  readonly id: string;
  /** Clock time at which it begins, and how long it is. */
  readonly start: string;
  readonly length: string;
  readonly title: string;
  /** `4 rounds of 5 moves, 40 s work · rounds at 6:58, 11:58`. */
  readonly sentence: string;
  readonly rows: readonly SheetRow[];
}

export interface Sheet {
  readonly title: string;
  readonly studio: string;
  /** `43:09`, and its bounds where it has any. */
  readonly total: string;
  readonly bounds: string;
  readonly blocks: readonly SheetBlock[];
  readonly kit: string;
  readonly safety: string;
}

/** Clock times at which each round (or station) of a block begins. */
function roundStarts(score: Score, block: Block): readonly string[] {
  const starts = new Map<string, number>();
  for (const segment of score.segments) {
    if (segment.block !== block.id || segment.kind !== "work" || segment.round === null) continue;
    const key = block.loop === "station" ? `${segment.slot}` : String(segment.round);
    if (!starts.has(key)) starts.set(key, segment.start);
  }
  return [...starts.values()].map(clockText);
}

/** `rounds at 6:58, 11:58`; nothing where there is one round only. */
function startsText(score: Score, block: Block, words: Words): string {
  const starts = roundStarts(score, block);
  if (starts.length < 2) return "";
  const key = block.loop === "station" ? "stationsAt" : "roundsAt";
  return words.phrase("sheet", key, { times: starts.join(", ") });
}

function sentenceOf(block: Block, words: Words): string {
  return sentenceNumbers(block)
    .filter((number) => number.now > 0)
    .map((number) => `${number.text} ${numberTail(number, words)}`)
    .join(", ");
}

type Names = ReadonlyMap<string, string>;
const ownIn = (part: Part, slot: Slot) => part.slots.find((entry) => entry.slot === slot.id);

/** Whether somebody does what stands in the slot's own line, with nothing said for their level. */
function isAsWritten(own: PartSlot, slot: Slot): boolean {
  if (own.status !== "as-set") return false;
  if (own.mark === "natural") return true;
  return own.move === slot.move && levelNote(own) === null && wayAt(slot, own.mark) === null;
}

function gathered(
  parts: readonly Part[],
  names: Names,
  textOf: (part: Part) => string | null,
): Map<string, string[]> {
  const all = new Map<string, string[]>();
  for (const part of parts) {
    const text = textOf(part);
    if (text !== null) all.set(text, [...(all.get(text) ?? []), names.get(part.person) ?? part.name]);
  }
  return all;
}

/** What others do in a slot, each way once with the names of those who do it. */
function others(parts: readonly Part[], names: Names, slot: Slot, words: Words): string {
  const ways = gathered(parts, names, (part) => {
    const own = ownIn(part, slot);
    if (!own || isAsWritten(own, slot)) return null;
    const mark = own.mark === "natural" ? "" : `${MARK_GLYPH[own.mark]} `;
    const way = own.status === "unmet" ? words.phrase("sheet", "noWay") : (levelNote(own) ?? own.name);
    return `${mark}${way}`;
  });
  return [...ways].map(([way, who]) => `${who.join(", ")}: ${way}`).join(" · ");
}

/** The weights of those who do a slot as set, each with who takes it; of every set where they differ. */
function weights(parts: readonly Part[], names: Names, slot: Slot, words: Words): string {
  const taken = gathered(parts, names, (part) => {
    const own = ownIn(part, slot);
    if (own?.status !== "as-set" || !own.load || !("kg" in own.load)) return null;
    const sets = (own.sets ?? []).map(({ load }) => (load && "kg" in load ? load.kg : 0));
    const kgs = new Set(sets).size > 1 ? sets : [own.load.kg];
    const each = kgs.map((kg) => words.number(kg)).join("/");
    return `${own.load.items > 1 ? `${own.load.items}\u00a0×\u00a0` : ""}${each}\u00a0kg`;
  });
  return [...taken].map(([text, who]) => `${text}: ${who.join(", ")}`).join(" · ");
}

/** As it is typed, but for several moves in turn, which are told by their names; and how it works its sides. */
function doseOnSheet(slot: Slot, book: MoveBook, words: Words): string {
  const doses = dosesOf(slot);
  const named = doses.some(({ sequence }) => sequence !== undefined);
  const dose = named
    ? doses.map((own) => spokenDose(own, words, book)).join(" / ")
    : shownDoses(slot.dose, words, book);
  const sides = slotSides(slot, book);
  return sides === "both" ? dose : `${dose} ${words.phrase("sheet", sides)}`;
}

interface Source {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  readonly parts: readonly Part[];
  readonly studio: string;
}

/** Everything on the sheet, in words; `parts` of those for whom it is, none where it is for nobody in particular. */
export function classSheet({ doc, library, parts, studio }: Source, words: Words): Sheet {
  const book = bookFor(doc, library);
  const score = scoreOf(doc, library);
  const times = blockTimes(score);
  const names = shortNames(parts);
  const { min, plan, max } = score.seconds;
  const rowOf = (slot: Slot, i: number): SheetRow => ({
    slot: slot.id,
    number: i + 1,
    move: resolveMove(slot.move, book).name,
    dose: doseOnSheet(slot, book, words),
    flat: slot.marks?.flat ? `♭ ${levelText(slot.marks.flat, book, words)}` : "",
    sharp: slot.marks?.sharp ? `♯ ${levelText(slot.marks.sharp, book, words)}` : "",
    others: [
      alternativesText(slot, book, words),
      weights(parts, names, slot, words),
      others(parts, names, slot, words),
    ]
      .filter(Boolean)
      .join(" · "),
  });
  return {
    title: doc.title,
    studio,
    total: clockText(plan),
    bounds: min === max ? "" : `${clockText(min)}–${clockText(max)}`,
    blocks: doc.blocks.map((block) => ({
      id: block.id,
      start: clockText(times.get(block.id)?.start ?? 0),
      length: clockText(times.get(block.id)?.seconds ?? 0),
      title: block.title || words.name("shape", blockShape(block)),
      sentence: [sentenceOf(block, words), startsText(score, block, words)].filter(Boolean).join(" · "),
      rows: slotsOf(block).map(rowOf),
    })),
    kit: words.phrase("sheet", "kit", { kit: kitAsSet(doc, book, words) }),
    safety: words.phrase("sheet", "safety"),
  };
}

/** What the moves need as they are set, each need once. */
function kitAsSet(doc: ClassDoc, book: MoveBook, words: Words): string {
  const needs = doc.blocks
    .flatMap((block) => slotsOf(block).map((slot) => resolveMove(slot.move, book).needs ?? []))
    .filter((lists) => lists.length > 0 && lists.every((list) => list.length > 0));
  const kit = [...new Set(needs.map((lists) => needsText(lists, words)))];
  return kit.length > 0 ? kit.join("; ") : words.phrase("sheet", "noKit");
}
