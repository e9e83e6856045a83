/**
 * A plan as somebody typed or copied it, as a class: headings and lines of moves, one line for a whole block, sets
 * in front of a move. Nothing is lost and nothing is guessed silently: what isn't certain is noted with its place.
 */
import { checkClass } from "../class/check-class";
import type { ClassDoc, Stance } from "../class/document";
import type { MoveBook } from "../moves/book";
import { secondsIn } from "../values/typed-number";
import { TIME } from "./amounts";
import type { BlockDose } from "./item-amount";
import { BETWEEN, hasSeveral, isHead, isHeadingAlone, isWholeBlock } from "./line-shapes";
import { blocksOf, type Open, USUAL } from "./make-blocks";
import type { Note } from "./note";
import { type Patch, patched, patchIn } from "./patch";
import { Pencil, type Place } from "./pencil";
import { type Header, NO_HEADER, saysStructure, takeHeader } from "./read-header";
import { isWaysAlone, type ReadItem, readItem, withWays } from "./read-item";

export interface ReadPlan {
  /** A valid class; null where nothing in the text is a move, or what it says can't be stored. */
  readonly doc: ClassDoc | null;
  readonly notes: readonly Note[];
}

export interface PlanOptions {
  readonly stance?: Stance;
  readonly title?: string;
}

/** Bullets and numbers before a line. */
const BULLET = /^\s*(?:[-*•·–—▪◦>]\s+|\(?[a-z]?\d{1,2}[.)]\s+|[a-z]\d[:.)]?\s+)/i;
/** A letter before a heading: `A. Main`. */
const LETTER = /^\s*[A-Za-z][.)]\s+(?=\p{L})/u;
/** A line that says how often what stands above is done. */
const AGAIN =
  /^\s*(?:repeat|do(?:\s+(?:it|this|all))?|all)?\s*(?:x|×)?\s*(\d{1,2})\s*(?:x|×|times|rounds?|sets?)\s*(?:through|of\s+(?:it|that|this|all))?\s*\.?\s*$/i;
/** The colon behind a heading: not the one of a clock time. */
const COLON = /:(?!\d)/;
/** Rest between moves that are joined by a plus. */
const PAIRED = 15;

class Reader {
  readonly notes: Note[] = [];
  readonly blocks: Open[] = [];
  title: string | null = null;
  private open: Open | null = null;
  /** What stands in braces at the end of the line. */
  private patch: Patch | null = null;
  docPatch: Patch | null = null;

  constructor(
    private readonly book: MoveBook,
    private readonly stance: Stance,
  ) {}

  private blank = true;

  line(whole: string, number: number): void {
    const afterBlank = this.blank;
    this.blank = whole.trim() === "";
    if (this.blank) {
      // A blank line under moves ends their block; under a heading it doesn't.
      if (this.open && this.open.items.length > 0) this.open = null;
      this.firstWords();
      return;
    }
    const braces = patchIn(whole);
    this.patch = braces?.patch ?? null;
    const text = braces?.text ?? whole;
    const heading = /^\s*#+\s*(.+?)\s*#*\s*$/.exec(text);
    if (heading && this.title === null && this.blocks.length === 0) {
      this.title = heading[1] ?? "";
      this.docPatch = this.patch;
      return;
    }
    if (this.again(text)) return;
    this.from(text, heading?.[1] ?? null, number, afterBlank);
  }

  /** First words of a plan that stand alone, with a blank line under them, are its name and no block. */
  private firstWords(): void {
    const [first] = this.blocks;
    const isAlone = first && this.blocks.length === 1 && first.items.length === 0 && first.patch === null;
    if (!isAlone || this.title !== null || first.place.from > 1) return;
    if (first.header.role !== null || saysStructure(first.header)) return;
    this.title = first.title;
    this.blocks.pop();
    this.open = null;
  }

  /** A line without what stands before it: a bullet, a number, a letter, the signs of a heading. */
  private from(text: string, heading: string | null, number: number, afterBlank: boolean): void {
    const bullet = heading ? 0 : (BULLET.exec(text)?.[0].length ?? 0);
    const letter = bullet > 0 ? 0 : (LETTER.exec(text)?.[0].length ?? 0);
    const start = heading ? text.indexOf(heading) : bullet + letter;
    const pencil = new Pencil(text.slice(start).replace(/\t/g, " "), number, start + 1);
    if (heading) this.heading(pencil);
    else if (bullet > 0) this.item(pencil);
    else this.body(pencil, afterBlank);
  }

  /** `## Warm-up: 2 rounds, 10 s rest`: a heading for certain, with its structure behind the colon. */
  private heading(pencil: Pencil): void {
    const at = pencil.left.lastIndexOf(": ");
    const head = new Pencil(at < 0 ? pencil.left : pencil.left.slice(0, at), pencil.line, pencil.column);
    const title = head.left.trim();
    const header = takeHeader(new Pencil(title, pencil.line, pencil.column), true);
    this.put({ ...NO_HEADER, role: header.role }, title, pencil.place(0, pencil.left.length), true);
    if (at >= 0) this.more(new Pencil(pencil.left.slice(at + 2), pencil.line, pencil.column + at + 2));
  }

  /** What stands behind a heading's colon: its structure, and moves. */
  private more(behind: Pencil): void {
    const { open } = this;
    if (!open) return;
    const more = takeHeader(behind, true);
    for (const key of Object.keys(more) as (keyof Header)[])
      if (more[key] !== null && more[key] !== false && key !== "role")
        Object.assign(open.header, { [key]: more[key] });
    if (behind.rest()) this.items(behind);
  }

  /** `Repeat 3 times`, behind moves. */
  private again(text: string): boolean {
    const match = AGAIN.exec(text);
    const last = this.blocks.at(-1);
    if (!match || !last || last.items.length === 0 || last.header.rounds !== null) return false;
    last.header.rounds = Number(match[1]);
    this.open = null;
    return true;
  }

  private body(pencil: Pencil, afterBlank: boolean): void {
    if (this.withColon(pencil) || this.pause(pencil)) return;
    if (isHeadingAlone(pencil, afterBlank, this.book)) this.begin(pencil, true);
    else if (isWholeBlock(pencil)) this.wholeBlock(pencil);
    else this.item(pencil);
  }

  /** `Circuit: 3 rounds 40/20: squat, row`: a heading, what it says behind its colon, and moves. */
  private withColon(pencil: Pencil): boolean {
    const at = COLON.exec(pencil.left)?.index ?? -1;
    if (at < 0 || /^\s*(?:easier|harder|no |if |instead)/i.test(pencil.left.slice(0, at + 1))) return false;
    const head = new Pencil(pencil.left.slice(0, at), pencil.line, pencil.column);
    if (!isHead(head, this.book)) return false;
    const behind = new Pencil(pencil.left.slice(at + 1), pencil.line, pencil.column + at + 1);
    this.begin(head, true);
    this.more(behind);
    return true;
  }

  /** `water 60 s`, `talk 2 min`, `break`: a block by itself, or the end of the one that is open. */
  private pause(pencil: Pencil): boolean {
    const form = new RegExp(
      String.raw`^\s*(water|drink|break|rest|talk|welcome|briefing)\b[^\d]*(${TIME})?\s*$`,
      "i",
    );
    const match = form.exec(pencil.left);
    if (!match) return false;
    const kind = (match[1] ?? "").toLowerCase();
    const seconds = secondsIn(match[2] ?? "") ?? 60;
    const isTalk = kind === "talk" || kind === "welcome" || kind === "briefing";
    const last = this.blocks.at(-1);
    if (!isTalk && last) {
      last.header.after = (last.header.after ?? 0) + seconds;
      this.open = null;
      return true;
    }
    this.begin(pencil, true);
    const made = this.blocks.at(-1);
    if (made) {
      made.header.role = isTalk ? "talk" : "break";
      made.header[isTalk ? "brief" : "after"] = seconds;
    }
    this.open = null;
    return true;
  }

  private wholeBlock(pencil: Pencil): void {
    const paired = pencil.left.includes("+");
    const header = takeHeader(pencil, true);
    if (paired) header.rest ??= PAIRED;
    this.put(header, "", pencil.place(0, pencil.left.length), true);
    this.items(pencil);
    this.open = null;
  }

  private begin(pencil: Pencil, headed: boolean): void {
    const whole = pencil.place(0, pencil.left.length);
    const said = pencil.left.trim();
    const header = takeHeader(pencil, true);
    const rest = pencil.rest();
    const title = (rest?.text ?? "").replace(/^[\s,;:()–-]+|[\s,;:()–-]+$/g, "");
    if (rest && title !== "" && header.role === null && saysStructure(header))
      this.notes.push({ code: "as-title", place: rest.place, text: title });
    const isStructure = saysStructure(header) && title === "";
    this.put(header, title || (isStructure ? "" : said.slice(0, 100)), whole, headed);
  }

  private put(header: Header, title: string, place: Place, headed: boolean): void {
    const made: Open = { header, title, place, items: [], headed, patch: this.patch, bySets: false };
    this.patch = null;
    this.blocks.push(made);
    this.open = made;
  }

  private doseOf({ header }: Open): BlockDose {
    const { work } = USUAL[this.stance];
    return { work: header.work, within: header.every, usual: header.role === "warmup" ? 45 : work };
  }

  /** The moves of one line, and a time alone among them as the rest between rounds. */
  private items(pencil: Pencil): void {
    const { open } = this;
    if (!open) return;
    for (const piece of pencil.split(BETWEEN)) {
      const time = secondsIn(piece.left.trim());
      if (time !== null && /^\s*[\d:.]+\s*[a-z]*\.?\s*$/i.test(piece.left)) {
        open.header.longRest ??= time;
        continue;
      }
      const last = open.items.at(-1)?.slot.dose;
      const before = last && "reps" in last ? last.reps : undefined;
      const text = piece.left;
      const item = readItem(piece, this.book, { ...this.doseOf(open), before });
      if (item) this.add(open, item);
      else if (/[\p{L}\p{N}]/u.test(text))
        this.notes.push({ code: "not-read", place: piece.place(0, text.length), text: text.trim() });
    }
  }

  private add(open: Open, item: ReadItem): void {
    open.items.push(item);
    this.notes.push(...item.notes);
    if (item.sets !== null) open.header.rounds ??= item.sets;
  }

  /** A move of a line, with what stands in braces behind it; noted where there is none in it. */
  private read(pencil: Pencil, dose: BlockDose): ReadItem | null {
    const { patch } = this;
    this.patch = null;
    const text = pencil.left;
    const item = readItem(pencil, this.book, dose);
    if (item) return { ...item, slot: patched(item.slot, patch), braced: patch !== null };
    if (patch && "move" in patch)
      return {
        slot: patched({ move: "", dose: { seconds: 1 } }, patch),
        sets: null,
        notes: [],
        braced: true,
      };
    if (text.trim() !== "")
      this.notes.push({ code: "not-read", place: pencil.place(0, text.length), text: text.trim() });
    return null;
  }

  /** A line of ways belongs to the move above it. */
  private waysAlone(pencil: Pencil): boolean {
    const items = this.blocks.at(-1)?.items;
    const last = items?.at(-1);
    if (!items || !last || !isWaysAlone(pencil.left)) return false;
    const next = withWays(last, pencil, this.book);
    items[items.length - 1] = next;
    this.notes.push(...next.notes);
    return true;
  }

  /** A line that is one move, or several; with sets of its own it is straight sets. */
  private item(pencil: Pencil): void {
    if (this.waysAlone(pencil)) return;
    const into = this.open;
    const dose = into ? this.doseOf(into) : { work: null, within: null, usual: USUAL[this.stance].work };
    const place = pencil.place(0, pencil.left.length);
    if (into?.headed && hasSeveral(pencil, this.book)) {
      this.items(pencil);
      return;
    }
    const item = this.read(pencil, dose);
    if (!item) return;
    if (into && fits(into, item)) {
      this.add(into, item);
      return;
    }
    this.put(
      { ...NO_HEADER, rounds: item.sets, station: item.sets !== null },
      "",
      place,
      into?.headed ?? false,
    );
    const made = this.blocks.at(-1);
    if (!made) return;
    made.bySets = item.sets !== null;
    this.add(made, item);
  }
}

/** Whether a move goes into an open block: sets of its own only beside equal ones. */
function fits(open: Open, { sets }: ReadItem): boolean {
  const { header, items } = open;
  if (sets === null) return !open.bySets;
  if (items.length === 0) {
    if (header.rounds === null) {
      header.rounds = sets;
      header.station = true;
      open.bySets = true;
    }
    return true;
  }
  return JSON.stringify(header.rounds) === JSON.stringify(sets);
}

/** As they stand in the text. */
function inOrder(notes: readonly Note[]): readonly Note[] {
  return [...notes].sort((a, b) => a.place.line - b.place.line || a.place.from - b.place.from);
}

/** Reads a plan. Damaged text never throws: what can't be read is noted, or is a title. */
export function readPlan(text: string, book: MoveBook, options: PlanOptions = {}): ReadPlan {
  const stance = options.stance ?? "strength";
  const reader = new Reader(book, stance);
  const lines = text.slice(0, MOST_LETTERS).split(/\r?\n/).slice(0, MOST_LINES);
  for (const [i, line] of lines.entries()) reader.line(line, i + 1);
  const { blocks, name, notes: later } = blocksOf(reader.blocks, stance);
  const notes = inOrder([...reader.notes, ...later]);
  if (!blocks.some(({ slots = [] }) => slots.length > 0)) return { doc: null, notes };
  const title = (options.title ?? reader.title ?? name ?? "").trim().slice(0, 120) || "A plan";
  const plain: ClassDoc = { format: "brontle.class", version: 1, title, stance, blocks };
  const checked = checkClass(patched(plain, reader.docPatch), book);
  if (checked.ok) return { doc: checked.value, notes };
  const place = { line: 1, from: 1, to: 1 };
  const faults = checked.error.map(
    (fault): Note => ({ code: "not-allowed", place, text: fault.path, fault }),
  );
  return { doc: null, notes: [...notes, ...faults] };
}

/** More of a text than this isn't a plan. */
const MOST_LETTERS = 40_000;
const MOST_LINES = 600;
