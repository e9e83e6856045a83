/** A participant's own sheet: what they do in each block, with what, and what to have ready. No health answers. */
import { type ClassDoc, doseAt, type Slot, slotsOf } from "../../core/class/document";
import { slotSides } from "../../core/class/expand";
import { blockShape, sentenceNumbers } from "../../core/class/sentence";
import type { Person } from "../../core/homes/home";
import { bookFor, type MoveBook, resolveMove } from "../../core/moves/book";
import { levelNote, type Part, type PartSlot } from "../../core/parts/part";
import { blockTimes, scoreOf } from "../../core/score/score";
import { clockText } from "../../core/units";
import { amountText, spokenDose, stopText, tempoText } from "../../words/dose-words";
import { bringTexts } from "../../words/own-words";
import { usesText } from "../../words/part-words";
import { numberTail } from "../../words/sentence-words";
import type { Words } from "../../words/words";

export interface PersonRow {
  readonly slot: string;
  readonly number: number;
  /** What they do; what was set stands beside it where that is another move. */
  readonly move: string;
  readonly instead: string;
  /** How many or how long, with what in hand. */
  readonly dose: string;
  /** Tempo, where to stop, what to do differently. */
  readonly notes: string;
}

export interface PersonSheet {
  readonly title: string;
  readonly studio: string;
  readonly name: string;
  /** Date and time in their own zone; empty for a class without a date. */
  readonly when: string;
  readonly total: string;
  readonly bring: readonly string[];
  readonly blocks: readonly {
    readonly id: string;
    readonly start: string;
    readonly title: string;
    readonly sentence: string;
    readonly rows: readonly PersonRow[];
  }[];
  readonly safety: string;
}

interface Source {
  readonly doc: ClassDoc;
  readonly library: MoveBook;
  readonly person: Person;
  readonly part: Part;
  readonly studio: string;
  readonly when: string;
  /** The number to call here; null where none is known. */
  readonly emergency: string | null;
}

/** `8–12 reps`, each side where it is so; of a timed slot its seconds. */
function amountOf(own: PartSlot, slot: Slot, book: MoveBook, words: Words): string {
  const dose = doseAt(slot, 0);
  const counted = amountText(dose, own.reps, words, book);
  const amount = counted || spokenDose(dose, words, book);
  return own.eachSide && counted ? words.phrase("dose", "eachSide", { amount }) : amount;
}

/** How it works its sides: what is set for the slot, where the way that is done has sides at all. */
function sidesOf(own: PartSlot, slot: Slot, book: MoveBook, words: Words): string {
  if (own.shares) return words.phrase("own", "shares", { seconds: own.shares[0] });
  const sides = slotSides(slot, book);
  const isBoth = own.move !== null && book.get(own.move)?.sides === "both";
  return sides === "both" || isBoth ? "" : words.phrase("sheet", sides);
}

/** What of a block's sentence is theirs to know: how often, how long, what rest. */
const TOLD: readonly string[] = ["rounds", "cap", "work", "reps", "rest", "longRest"];

function rowOf(slot: Slot, i: number, source: Source, book: MoveBook, words: Words): PersonRow {
  const { part, person } = source;
  const set = resolveMove(slot.move, book).name;
  const own = part.slots.find((entry) => entry.slot === slot.id);
  const row = { slot: slot.id, number: i + 1, instead: "" };
  if (!own || own.status === "unmet")
    return { ...row, move: set, dose: "", notes: words.phrase("sheet", "restHere") };
  const note = levelNote(own);
  return {
    ...row,
    move: own.name,
    instead: own.name === set ? "" : words.phrase("sheet", "instead", { move: set }),
    dose: [
      amountOf(own, slot, book, words),
      sidesOf(own, slot, book, words),
      usesText(own.uses, person, words),
    ]
      .filter(Boolean)
      .join(" · "),
    notes: [
      own.tempo ? tempoText(own.tempo, words) : "",
      stopText(own.seconds, words),
      own.rounds === undefined ? "" : words.phrase("way", "rounds", { rounds: own.rounds }),
      note ?? "",
    ]
      .filter(Boolean)
      .join(" · "),
  };
}

/** Everything on one person's sheet, in their words. */
export function personSheet(source: Source, words: Words): PersonSheet {
  const { doc, library, person, part, studio, when, emergency } = source;
  const book = bookFor(doc, library);
  const score = scoreOf(doc, library);
  const times = blockTimes(score);
  return {
    title: doc.title,
    studio,
    name: person.name,
    when,
    total: clockText(score.seconds.plan),
    bring: bringTexts(part, person, words),
    blocks: doc.blocks.map((block) => ({
      id: block.id,
      start: clockText(times.get(block.id)?.start ?? 0),
      title: block.title || words.name("shape", blockShape(block)),
      sentence: sentenceNumbers(block)
        .filter(({ now, key }) => now > 0 && TOLD.includes(key))
        .map((number) => `${number.text} ${numberTail(number, words)}`)
        .join(", "),
      rows: slotsOf(block).map((slot, i) => rowOf(slot, i, source, book, words)),
    })),
    safety: words.phrase("own", "stopWords", { number: emergency ?? "none" }),
  };
}
