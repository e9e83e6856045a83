/**
 * What to say when, from the score: the next move with its side and dose, kit to fetch, levels,
 * cautions, sides, half-way, the last ten. Never longer than the gap it is said in. What the instructor
 * wrote for a slot (`call` before it, `cue` during it) takes the place of what is made up here.
 */
import { type ClassDoc, doseAt, findSlot, ownWords, type Slot, wayAt } from "../class/document";
import { doseText } from "../class/dose-text";
import { expand, type Segment } from "../class/expand";
import { THRESHOLDS } from "../effort/thresholds";
import { kitName } from "../homes/kit";
import { bookFor, type MoveBook, resolveMove } from "../moves/book";
import type { Part } from "../parts/part";
import type { Seconds } from "../units";

export const LINE_KINDS = ["talk", "show", "next", "side", "cue", "half-way", "last-ten", "rest"] as const;
export type LineKind = (typeof LINE_KINDS)[number];

export interface SpokenLine {
  readonly kind: LineKind;
  /** Second of the class at which to begin. */
  readonly at: Seconds;
  /** Seconds there are for it, and that it takes. */
  readonly room: Seconds;
  readonly takes: Seconds;
  readonly text: string;
  readonly block: string;
  readonly slot: string | null;
  /** Written by the instructor. */
  readonly own: boolean;
}

export interface CallSheetOptions {
  readonly wordsPerSecond?: number;
  readonly parts?: readonly Part[];
}

/** The count-in of the last three seconds belongs to the clock. */
const COUNT_IN: Seconds = 3;
const HALF_WAY_FROM: Seconds = 30;
const LAST_TEN_FROM: Seconds = 25;

const wordsIn = (text: string) => text.split(/\s+/).filter(Boolean).length;

/** As many whole sentences, first to last, as fit; the first is cut at a word if even it doesn't. */
function within(sentences: readonly string[], words: number): string {
  let text = "";
  let left = words;
  for (const sentence of sentences) {
    const count = wordsIn(sentence);
    if (count > left) break;
    text = text === "" ? sentence : `${text} ${sentence}`;
    left -= count;
  }
  if (text !== "" || !sentences[0]) return text;
  const cut = sentences[0].split(/\s+/).slice(0, words).join(" ");
  return cut === "" ? "" : `${cut.replace(/[.,;:]$/, "")}.`;
}

/** The kit that comes into use with a slot, over everybody: what to fetch. */
function fetchText(parts: readonly Part[], from: string | null, to: string): string {
  const now = new Map<string, number>();
  let people = 0;
  for (const part of parts) {
    const held = new Set(part.slots.find((slot) => slot.slot === from)?.uses.map((use) => use.kit) ?? []);
    const fresh = part.slots.find((slot) => slot.slot === to)?.uses.filter((use) => !held.has(use.kit)) ?? [];
    if (fresh.length > 0) people += 1;
    for (const use of fresh) {
      const type = part.kinds[use.kit];
      if (type && use.as !== "filling") now.set(type, (now.get(type) ?? 0) + 1);
    }
  }
  const [most] = [...now].sort((a, b) => b[1] - a[1]);
  if (!most || people === 0) return "";
  return `Fetch your ${kitName(most[0] as Parameters<typeof kitName>[0], 1)}${now.size > 1 ? " or what you have" : ""}.`;
}

function levelsText(slot: Slot, book: MoveBook): string {
  const way = (mark: "flat" | "sharp") => {
    const own = wayAt(slot, mark);
    if (own?.move !== undefined) return resolveMove(own.move, book).name.toLowerCase();
    if (own?.note) return own.note.toLowerCase().replace(/\.$/, "");
    const kind = mark === "flat" ? "easier" : "harder";
    const link = resolveMove(slot.move, book).links?.find((entry) => entry.kind === kind);
    return link ? book.get(link.to)?.name.toLowerCase() : undefined;
  };
  const [flat, sharp] = [way("flat"), way("sharp")];
  return [flat ? `Easier: ${flat}.` : "", sharp ? `Harder: ${sharp}.` : ""].filter(Boolean).join(" ");
}

/** Everything to say, in the order of the class. The document must be valid. */
export function callSheet(
  doc: ClassDoc,
  library: MoveBook,
  options: CallSheetOptions = {},
): readonly SpokenLine[] {
  const { wordsPerSecond = THRESHOLDS.wordsPerSecond, parts = [] } = options;
  const book = bookFor(doc, library);
  const segments = expand(doc, library);
  const lines: SpokenLine[] = [];
  const put = (
    kind: LineKind,
    at: Seconds,
    room: Seconds,
    sentences: readonly string[],
    segment: Segment,
    own = false,
  ) => {
    const text = within(
      sentences.filter((sentence) => sentence !== ""),
      Math.floor(room * wordsPerSecond + 1e-9),
    );
    if (text === "") return;
    const takes = Math.round((wordsIn(text) / wordsPerSecond) * 10) / 10;
    lines.push({ kind, at, room, takes, text, block: segment.block, slot: segment.slot, own });
  };
  const shown = new Set<string>();
  const announced = new Set<string>();
  let gapStart = 0;
  let last: Segment | null = null;
  segments.forEach((segment) => {
    const length = segment.end - segment.start;
    const block = doc.blocks.find((entry) => entry.id === segment.block);
    const slot = segment.slot === null ? undefined : findSlot(doc, segment.slot)?.slot;
    const move = slot && resolveMove(slot.move, book);
    if (segment.kind === "brief") {
      put(
        "talk",
        segment.start,
        length,
        [block?.title ? `${block.title}.` : "", kitOf(block, parts)],
        segment,
      );
      gapStart = segment.end;
    } else if (segment.kind === "demo" && move) {
      const cautions = move.cautions ?? [];
      put("show", segment.start, length, [`${move.name}.`, ...(move.cues ?? []), ...cautions], segment);
      shown.add(segment.slot ?? "");
      gapStart = segment.end;
    } else if (segment.kind === "work" && slot && move) {
      const turned = last !== null && last.slot === segment.slot && last.round === segment.round;
      const room = Math.max(0, segment.start - gapStart - COUNT_IN);
      if (turned) {
        put(
          "side",
          gapStart,
          Math.max(1, segment.start - gapStart),
          [`Other side: ${segment.side}.`],
          segment,
        );
      } else if (ownWords(slot, "call")) {
        put("next", gapStart, segment.start - gapStart, [ownWords(slot, "call")], segment, true);
      } else {
        const first = !announced.has(slot.id);
        const side = segment.side ? `, ${segment.side} side` : "";
        const dose = first ? `, ${doseText(doseAt(slot, 0)).replace(" s", " seconds")}` : "";
        const caution = first && !shown.has(slot.id) ? (move.cautions?.[0] ?? "") : "";
        put(
          "next",
          gapStart,
          room,
          [
            `Next: ${move.name.toLowerCase()}${side}${dose}.`,
            fetchText(parts, last?.slot ?? null, slot.id),
            first ? levelsText(slot, book) : "",
            caution,
          ],
          segment,
        );
      }
      announced.add(slot.id);
      const own = ownWords(slot, "cue");
      const cue = own || move.cues?.[((segment.round ?? 1) - 1) % Math.max(1, move.cues.length)] || "";
      const half = length >= HALF_WAY_FROM ? Math.floor(length / 2) : length;
      if (cue) put("cue", segment.start + 2, Math.max(0, half - 3), [cue], segment, own !== "");
      if (length >= HALF_WAY_FROM) put("half-way", segment.start + half, 3, ["Half-way."], segment);
      if (length >= LAST_TEN_FROM) put("last-ten", segment.end - 10, 3, ["Last ten."], segment);
      last = segment;
      gapStart = segment.end;
    } else if (segment.kind === "after" && length >= 15) {
      put("rest", segment.start, 5, [`Water, ${length} seconds.`], segment);
      gapStart = Math.min(segment.end, segment.start + 5);
    }
  });
  return lines;
}

/** What a block needs over everybody, for its briefing. */
function kitOf(block: ClassDoc["blocks"][number] | undefined, parts: readonly Part[]): string {
  const slots = new Set((block?.slots ?? []).map((slot) => slot.id));
  const types = new Set<string>();
  for (const part of parts) {
    for (const own of part.slots) {
      if (!slots.has(own.slot)) continue;
      for (const use of own.uses) {
        const type = part.kinds[use.kit];
        if (type && use.as !== "filling") types.add(kitName(type));
      }
    }
  }
  const names = [...types].slice(0, 5);
  return names.length > 0 ? `Have ready what you have of: ${names.join(", ")}.` : "";
}

/** The line to be said at a second: the last that has begun and whose room isn't over; null where there is none. */
export function lineAt(lines: readonly SpokenLine[], t: Seconds): SpokenLine | null {
  let found: SpokenLine | null = null;
  for (const line of lines) {
    if (line.at > t) break;
    if (t < line.at + Math.max(line.room, line.takes)) found = line;
  }
  return found;
}
