/**
 * What to say when, from the score: the next move with its side and dose, kit to fetch, levels,
 * cautions, sides, half-way, the last ten. What the instructor wrote for a slot (`call` before it, `cue`
 * during it) takes the place of what is made up here. How much of it fits into its gap is a matter of the
 * words of a language: see `spokenLines` in `src/words`.
 */
import {
  alternativesOf,
  appearanceIndex,
  type Block,
  type ClassDoc,
  doseAt,
  findSlot,
  ownWords,
  type Slot,
  slotsOf,
  wayAt,
} from "../class/document";
import { expand, type Segment } from "../class/expand";
import type { KitType } from "../homes/kit";
import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import { cautionsInUse, saysCautions } from "../parts/cautions";
import type { Part } from "../parts/part";
import type { CallReason } from "../reasons/call-reasons";
import { named } from "../reasons/named";
import type { Seconds } from "../units";

export const LINE_KINDS = ["talk", "show", "next", "side", "cue", "half-way", "last-ten", "rest"] as const;
export type LineKind = (typeof LINE_KINDS)[number];

export interface CallLine {
  readonly kind: LineKind;
  /** Second of the class at which to begin. */
  readonly at: Seconds;
  /** Seconds there are for it. */
  readonly room: Seconds;
  /** Sentences, what matters most first: as many whole ones are said as there is room for. */
  readonly says: readonly CallReason[];
  readonly block: string;
  readonly slot: string | null;
  /** Written by the instructor. */
  readonly own: boolean;
}

/** The count-in of the last three seconds belongs to the clock. */
const COUNT_IN: Seconds = 3;
const HALF_WAY_FROM: Seconds = 30;
const LAST_TEN_FROM: Seconds = 25;
/** A pause after a block this long is named, in so many seconds. */
const WATER_FROM: Seconds = 15;
const WATER_SECONDS: Seconds = 5;

/** The kit that comes into use with a slot, over everybody: what to fetch. */
function fetchSaid(parts: readonly Part[], from: string | null, to: string): CallReason[] {
  const now = new Map<KitType, number>();
  for (const part of parts) {
    const held = new Set(part.slots.find((slot) => slot.slot === from)?.uses.map((use) => use.kit) ?? []);
    const fresh = part.slots.find((slot) => slot.slot === to)?.uses.filter((use) => !held.has(use.kit)) ?? [];
    for (const use of fresh) {
      const type = part.kinds[use.kit];
      if (type && use.as !== "filling") now.set(type, (now.get(type) ?? 0) + 1);
    }
  }
  const [most] = [...now].sort((a, b) => b[1] - a[1]);
  return most ? [{ code: "fetch", kit: { kits: [most[0]] }, others: now.size > 1 ? "yes" : "no" }] : [];
}

function levelsSaid(slot: Slot, book: MoveBook): CallReason[] {
  return (["flat", "sharp"] as const).flatMap((mark): CallReason[] => {
    const code = mark === "flat" ? "easier" : "harder";
    const own = wayAt(slot, mark);
    if (own?.move !== undefined) return [{ code, move: named(resolveMove(own.move, book)) }];
    if (own?.note) return [{ code: `${code}-note`, note: own.note }];
    const link = resolveMove(slot.move, book).links?.find((entry) => entry.kind === code);
    const move = link && book.get(link.to);
    return move ? [{ code, move: named(move) }] : [];
  });
}

/** What she says herself to who can't do a move, or leaves them to choose. */
function alternativesSaid(slot: Slot, book: MoveBook): CallReason[] {
  return alternativesOf(slot).map(({ move: id, note }): CallReason => {
    const move = named(resolveMove(id, book));
    if (slot.choice) return { code: "choose", move };
    return note ? { code: "who-cant-note", note, move } : { code: "who-cant", move };
  });
}

/** Everything to say, in the order of the class. The document must be valid. */
export function callSheet(
  doc: ClassDoc,
  library: MoveBook,
  parts: readonly Part[] = [],
): readonly CallLine[] {
  const caller = new Caller(doc, bookFor(doc, library), parts);
  for (const segment of expand(doc, library)) caller.take(segment);
  return caller.lines;
}

/** Goes through the segments of a class and notes what is said in each. */
class Caller {
  readonly lines: CallLine[] = [];
  private readonly shown = new Set<string>();
  private readonly announced = new Set<string>();
  /** Whether the first talk is over. */
  private opened = false;
  private gapStart: Seconds = 0;
  private last: Segment | null = null;

  constructor(
    private readonly doc: ClassDoc,
    private readonly book: MoveBook,
    private readonly parts: readonly Part[],
  ) {}

  private put(
    segment: Segment,
    kind: LineKind,
    at: Seconds,
    room: Seconds,
    says: readonly CallReason[],
    own = false,
  ): void {
    const { block, slot } = segment;
    if (says.length > 0) this.lines.push({ kind, at, room, says, block, slot, own });
  }

  take(segment: Segment): void {
    const { kind, start, end } = segment;
    const slot = segment.slot === null ? undefined : findSlot(this.doc, segment.slot)?.slot;
    if (kind === "brief") this.brief(segment);
    else if (kind === "demo" && slot) this.demo(segment, slot);
    else if (kind === "work" && slot) this.work(segment, slot);
    else if (kind === "after" && end - start >= WATER_FROM) {
      this.put(segment, "rest", start, WATER_SECONDS, [{ code: "water", seconds: end - start }]);
      this.gapStart = Math.min(end, start + WATER_SECONDS);
    }
  }

  private brief(segment: Segment): void {
    const { start, end } = segment;
    const block = this.doc.blocks.find((entry) => entry.id === segment.block);
    const kits = kitOf(block, this.parts);
    // Safety words come before the list of things: what doesn't fit is cut from the end.
    const cautions =
      this.opened || !saysCautions(this.doc) ? [] : cautionsInUse(this.doc, this.parts, this.book);
    this.opened = true;
    this.put(segment, "talk", start, end - start, [
      ...(block?.title ? [{ code: "title", block: { block: block.title } } as const] : []),
      ...cautions.map(({ of }) => ({ code: "caution", of }) as const),
      ...(kits.length > 0 ? [{ code: "have", kit: { kits } } as const] : []),
    ]);
    this.gapStart = end;
  }

  private demo(segment: Segment, slot: Slot): void {
    const { start, end } = segment;
    const move = resolveMove(slot.move, this.book);
    const texts = [...(move.cues ?? []), ...(move.cautions ?? [])];
    this.put(segment, "show", start, end - start, [
      { code: "name", move: named(move) },
      ...texts.map((text) => ({ code: "cue", text }) as const),
    ]);
    this.shown.add(slot.id);
    this.gapStart = end;
  }

  private work(segment: Segment, slot: Slot): void {
    this.before(segment, slot);
    this.announced.add(slot.id);
    this.during(segment, slot);
    this.last = segment;
    this.gapStart = segment.end;
  }

  /** What is said in the gap before a piece. */
  private before(segment: Segment, slot: Slot): void {
    const { start } = segment;
    const { last, gapStart } = this;
    const side = segment.side ?? "none";
    if (last !== null && last.slot === segment.slot && last.round === segment.round) {
      this.put(segment, "side", gapStart, Math.max(1, start - gapStart), [{ code: "side", side }]);
      return;
    }
    const call = ownWords(slot, "call", appearanceIndex(slot, segment.round));
    if (call) {
      this.put(segment, "next", gapStart, start - gapStart, [{ code: "own", text: call }], true);
      return;
    }
    const move = resolveMove(slot.move, this.book);
    const first = !this.announced.has(slot.id);
    const caution = first && !this.shown.has(slot.id) ? move.cautions?.[0] : undefined;
    this.put(segment, "next", gapStart, Math.max(0, start - gapStart - COUNT_IN), [
      { code: "next", move: named(move), side, dose: first ? { dose: doseAt(slot, 0) } : "" },
      ...fetchSaid(this.parts, last?.slot ?? null, slot.id),
      ...(first ? [...alternativesSaid(slot, this.book), ...levelsSaid(slot, this.book)] : []),
      ...(caution ? [{ code: "cue", text: caution } as const] : []),
    ]);
  }

  /** What is said while it is worked: a cue, half-way, the last ten. */
  private during(segment: Segment, slot: Slot): void {
    const { start, end } = segment;
    const length = end - start;
    const { cues = [] } = resolveMove(slot.move, this.book);
    const own = ownWords(slot, "cue", appearanceIndex(slot, segment.round));
    const cue = own || cues[((segment.round ?? 1) - 1) % Math.max(1, cues.length)] || "";
    const half = length >= HALF_WAY_FROM ? Math.floor(length / 2) : length;
    if (cue) {
      const says = [{ code: own ? "own" : "cue", text: cue } as const];
      this.put(segment, "cue", start + 2, Math.max(0, half - 3), says, own !== "");
    }
    if (length >= HALF_WAY_FROM) this.put(segment, "half-way", start + half, 3, [{ code: "half-way" }]);
    if (length >= LAST_TEN_FROM) this.put(segment, "last-ten", end - 10, 3, [{ code: "last-ten" }]);
  }
}

/** Kit to have ready is told up to so many things. */
const MOST_TO_HAVE = 5;

/** What a block needs over everybody, for its briefing. */
function kitOf(block: Block | undefined, parts: readonly Part[]): readonly KitType[] {
  const slots = new Set((block ? slotsOf(block) : []).map((slot) => slot.id));
  const types = new Set<KitType>();
  for (const part of parts) {
    for (const own of part.slots) {
      if (!slots.has(own.slot)) continue;
      for (const use of own.uses) {
        const type = part.kinds[use.kit];
        if (type && use.as !== "filling") types.add(type);
      }
    }
  }
  return [...types].slice(0, MOST_TO_HAVE);
}

/** The line to be said at a second: the last that has begun and whose room isn't over; null where there is none. */
export function lineAt<L extends { readonly at: Seconds; readonly room: Seconds; readonly takes: Seconds }>(
  lines: readonly L[],
  t: Seconds,
): L | null {
  let found: L | null = null;
  for (const line of lines) {
    if (line.at > t) break;
    if (t < line.at + Math.max(line.room, line.takes)) found = line;
  }
  return found;
}
