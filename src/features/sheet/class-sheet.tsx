import Link from "next/link";
import { type Block, type ClassDoc, dosesOf, type Slot, slotsOf, wayAt } from "@/core/class/document";
import { dosesText } from "@/core/class/dose-text";
import { slotSides } from "@/core/class/expand";
import { blockShape, sentenceNumbers } from "@/core/class/sentence";
import { MARK_GLYPH, type Person } from "@/core/homes/home";
import { bookFor, type MoveBook, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { levelNote, type Part, type PartSlot } from "@/core/parts/part";
import { partsFor } from "@/core/parts/parts";
import { blockTimes, type Score, scoreOf } from "@/core/score/score";
import { clockText } from "@/core/units";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { spokenDose } from "@/words/dose-words";
import { wordsIn } from "@/words/languages";
import { needsText } from "@/words/need-words";
import { numberTail } from "@/words/sentence-words";
import { alternativesText, levelText } from "@/words/way-words";
import type { Words } from "@/words/words";
import { PrintButton } from "./print-button";

const SIDE_WORDS = {
  both: "",
  alternating: "alternating",
  inTurn: "L then R",
  swap: "one side a round",
} as const;

/** ` · rounds at 6:58, 11:58`; nothing where there is one round only. */
function startsText(score: Score, block: Block): string {
  const starts = roundStarts(score, block);
  if (starts.length < 2) return "";
  return ` · ${block.loop === "station" ? "stations" : "rounds"} at ${starts.join(", ")}`;
}

/** Clock times at which each round (or set) of a block begins. */
function roundStarts(score: Score, block: Block): readonly string[] {
  const starts = new Map<string, number>();
  for (const segment of score.segments) {
    if (segment.block !== block.id || segment.kind !== "work" || segment.round === null) continue;
    const key = block.loop === "station" ? `${segment.slot}` : String(segment.round);
    if (!starts.has(key)) starts.set(key, segment.start);
  }
  return [...starts.values()].map((start) => clockText(start));
}

/** Whether somebody does what stands in the slot's own line, with nothing said for their level. */
function isAsWritten(own: PartSlot, slot: Slot): boolean {
  if (own.status !== "as-set") return false;
  if (own.mark === "natural") return true;
  return own.move === slot.move && levelNote(own) === null && wayAt(slot, own.mark) === null;
}

/** What others do in a slot, each way once with the first names of those who do it. */
function others(parts: readonly Part[], slot: Slot): string {
  const ways = new Map<string, string[]>();
  for (const part of parts) {
    const own = part.slots.find((entry) => entry.slot === slot.id);
    if (!own || isAsWritten(own, slot)) continue;
    const mark = own.mark === "natural" ? "" : `${MARK_GLYPH[own.mark]} `;
    const way = `${mark}${own.status === "unmet" ? "no way found" : (levelNote(own) ?? own.name)}`;
    ways.set(way, [...(ways.get(way) ?? []), part.name.split(" ")[0] ?? part.name]);
  }
  return [...ways].map(([way, names]) => `${names.join(", ")}: ${way}`).join(" · ");
}

/** The weights of those who do a slot as set, each with the first names of those who take it; of every set where they differ. */
function weights(parts: readonly Part[], slot: Slot): string {
  const taken = new Map<string, string[]>();
  for (const part of parts) {
    const own = part.slots.find((entry) => entry.slot === slot.id);
    if (own?.status !== "as-set" || !own.load || !("kg" in own.load)) continue;
    const sets = (own.sets ?? []).map(({ load }) => (load && "kg" in load ? load.kg : 0));
    const kgs = [...new Set(sets)].length > 1 ? sets : [own.load.kg];
    const text = `${own.load.items > 1 ? `${own.load.items} × ` : ""}${kgs.join("/")} kg`;
    taken.set(text, [...(taken.get(text) ?? []), part.name.split(" ")[0] ?? part.name]);
  }
  return [...taken].map(([text, names]) => `${text}: ${names.join(", ")}`).join(" · ");
}

/** The class on one printed page: clock times, doses, ways and kit, so that it survives a dead laptop. */
export function ClassSheet(props: {
  readonly id: string;
  readonly doc: ClassDoc;
  readonly people: readonly Person[];
  readonly studio: string;
  /** The day of today, `YYYY-MM-DD`. */
  readonly today: string;
}) {
  const words = wordsIn(HOUSE_LANGUAGE);
  const { doc } = props;
  const book = bookFor(doc, LIBRARY_BOOK);
  const score = scoreOf(doc, LIBRARY_BOOK);
  const times = blockTimes(score);
  const parts = partsFor(doc, props.people, LIBRARY_BOOK, { on: props.today });
  const needs = doc.blocks
    .flatMap((block) => slotsOf(block).map((slot) => resolveMove(slot.move, book).needs ?? []))
    .filter((lists) => lists.length > 0 && lists.every((list) => list.length > 0));
  const kit = [...new Set(needs.map((lists) => needsText(lists, words)))];
  return (
    <main className="mx-auto max-w-4xl bg-white px-8 py-6 print:max-w-none print:p-0">
      <p className="no-print mb-4 flex items-center gap-4">
        <Link className="underline" href={`/classes/${props.id}`}>
          Back to the Desk
        </Link>
        <PrintButton />
      </p>
      <header className="flex items-baseline justify-between border-b-2 border-ink pb-1">
        <h1 className="text-xl font-bold">{doc.title}</h1>
        <p>
          {props.studio} · <b>{clockText(score.seconds.plan)}</b>
          {score.seconds.min !== score.seconds.max &&
            ` (${clockText(score.seconds.min)}–${clockText(score.seconds.max)})`}
        </p>
      </header>
      {doc.blocks.map((block) => (
        <section key={block.id} className="mt-2 break-inside-avoid">
          <h2 className="flex items-baseline gap-3 border-b border-ink font-bold">
            <span className="w-10 shrink-0">{clockText(times.get(block.id)?.start ?? 0)}</span>
            <span className="whitespace-nowrap">{block.title || words.name("shape", blockShape(block))}</span>
            <span className="flex-1 text-[0.92em] font-normal">
              {sentence(block, words)}
              {startsText(score, block)}
            </span>
            <span className="ml-auto">{clockText(times.get(block.id)?.seconds ?? 0)}</span>
          </h2>
          <table className="w-full border-collapse text-left">
            <caption className="sr-only">Moves of {block.title}</caption>
            <tbody>
              {slotsOf(block).map((slot, i) => (
                <SlotRows
                  key={slot.id}
                  slot={slot}
                  number={i + 1}
                  book={book}
                  others={[alternativesText(slot, book, words), weights(parts, slot), others(parts, slot)]
                    .filter(Boolean)
                    .join(" · ")}
                  words={words}
                />
              ))}
            </tbody>
          </table>
        </section>
      ))}
      <footer className="mt-3 border-t-2 border-ink pt-1">
        <p>
          <b>Kit as set:</b> {kit.length > 0 ? kit.join("; ") : "none"}.
        </p>
        <p className="text-quiet">
          Furniture sturdy and against a wall; doors latched and pulled only the way that shuts them; bands
          without nicks; shoes and a dry floor for jumps. Pain, dizziness, chest discomfort, unusual
          breathlessness: stop.
        </p>
      </footer>
    </main>
  );
}

function sentence(block: Block, words: Words): string {
  return sentenceNumbers(block)
    .filter((number) => number.now > 0)
    .map((number) => `${number.text} ${numberTail(number, words)}`)
    .join(", ");
}

/** As it is typed, but for several moves in turn, which are told by their names. */
function doseOnSheet(slot: Slot, words: Words): string {
  const doses = dosesOf(slot);
  const named = doses.some(({ sequence }) => sequence !== undefined);
  return named ? doses.map((dose) => spokenDose(dose, words)).join(" / ") : dosesText(slot.dose);
}

/** A move in a line; what others do instead in a second, small one. */
function SlotRows(props: {
  readonly slot: Slot;
  readonly number: number;
  readonly book: MoveBook;
  readonly others: string;
  readonly words: Words;
}) {
  const { slot, number, book, words } = props;
  return (
    <>
      <tr className={props.others ? "align-top" : "border-b border-hairline align-top"}>
        <td className="w-5">{number}</td>
        <td className="w-[28%] font-bold">{resolveMove(slot.move, book).name}</td>
        <td className="w-[26%]">
          {doseOnSheet(slot, words)} {SIDE_WORDS[slotSides(slot, book)]}
        </td>
        <td className="pr-3">{slot.marks?.flat && `♭ ${levelText(slot.marks.flat, book, words)}`}</td>
        <td>{slot.marks?.sharp && `♯ ${levelText(slot.marks.sharp, book, words)}`}</td>
      </tr>
      {props.others && (
        <tr className="border-b border-hairline align-top text-[0.88em] text-quiet">
          <td />
          <td colSpan={4}>{props.others}</td>
        </tr>
      )}
    </>
  );
}
