/** What Teach says of the present and the next: words for the clock's state, worked out once. */
import { type ClassDoc, doseAt, findSlot, ownWords, type Slot, slotsOf } from "../class/document";
import { amountText, stopText } from "../class/dose-text";
import type { Segment } from "../class/expand";
import { MARK_GLYPH } from "../homes/home";
import { needText } from "../homes/need-words";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Part } from "../parts/part";
import { appearanceOf } from "../score/resolve";
import { lineAt, type SpokenLine } from "../shape/call-sheet";
import { spanTriple } from "../values/span";
import { tempoWords } from "../values/tempo";
import type { RunState } from "./fold";
import { positionOf } from "./position";
import type { RunScore } from "./run-score";

export interface NowNext {
  readonly segment: Segment | null;
  /** The piece that is worked, or the next one while resting. */
  readonly shown: Segment | null;
  readonly working: boolean;
  readonly blockTitle: string;
  readonly roundText: string;
  /** Large line: the move, or what is going on. */
  readonly headline: string;
  readonly cue: string;
  /** What is counted and how slowly; empty where only time is. */
  readonly amount: string;
  readonly tempo: string;
  /** The side that follows within this turn, or nothing. */
  readonly otherSide: string;
  readonly next: string;
  readonly fetch: string;
  readonly slotId: string | null;
}

const GAP_WORDS: Record<Segment["kind"], string> = {
  brief: "Talk",
  demo: "Show",
  prepare: "Get ready",
  work: "Work",
  "side-change": "Change sides",
  rest: "Rest",
  "long-rest": "Rest",
  after: "Water",
};

/** What the clock's bar says inside it while nobody works. */
export function gapWord(segment: Segment): string {
  return GAP_WORDS[segment.kind];
}

function moveOf(
  doc: ClassDoc,
  book: MoveBook,
  segment: Segment | null,
): { slot: Slot; move: KnownMove } | null {
  const found = segment?.slot ? findSlot(doc, segment.slot) : null;
  return found && { slot: found.slot, move: resolveMove(found.slot.move, book) };
}

function pieceName(doc: ClassDoc, book: MoveBook, segment: Segment | null): string {
  if (!segment) return "";
  const found = moveOf(doc, book, segment);
  if (found) return found.move.name;
  const block = doc.blocks.find((entry) => entry.id === segment.block);
  const names = block ? slotsOf(block).map((slot) => resolveMove(slot.move, book).name) : [];
  return `As many rounds as possible: ${names.join(", ")}`;
}

const FLOOR = ["kneeling", "all-fours", "plank", "prone", "supine", "side-lying"];

/** How to get from one move to the next: up or down, and the kit of the way as set. */
function fetchText(from: KnownMove | null, to: KnownMove | null): string {
  if (!to) return "";
  const was = from?.position && FLOOR.includes(from.position);
  const will = to.position && FLOOR.includes(to.position);
  const turn = will && !was ? "down to the floor" : was && !will ? "stand up" : "";
  const had = JSON.stringify(from?.needs?.[0] ?? []);
  const needs = to.needs?.[0] ?? [];
  const kit =
    needs.length > 0 && JSON.stringify(needs) !== had
      ? `fetch ${needs.map((need) => needText(need).replace(/,.*| of .*/, "")).join(" and ")}`
      : "";
  return [turn, kit].filter(Boolean).join(", ");
}

function roundText(doc: ClassDoc, score: RunScore, state: RunState, segment: Segment | null): string {
  const block = doc.blocks.find((entry) => entry.id === segment?.block);
  if (!block || !segment?.round || block.cap !== undefined) return "";
  if (spanTriple(block.rounds, 1).plan < 2) return "";
  // Rounds that were dropped no longer count.
  const rounds = score.segments.reduce((most, other, i) => {
    const counts = other.block === block.id && other.kind === "work" && (state.lengths[i] ?? 0) > 0;
    return counts ? Math.max(most, other.round ?? 0) : most;
  }, 0);
  return `${block.loop === "station" ? "set" : "round"} ${segment.round} of ${rounds}`;
}

function amountOf(score: RunScore, shown: Segment | null, slot: Slot | undefined) {
  if (!shown || !slot) return { amount: "", tempo: "" };
  const dose = doseAt(slot, appearanceOf(score.segments, shown));
  return { amount: amountText(dose, shown.reps ?? null), tempo: tempoWords(dose.tempo) };
}

/** Words for a state. Pure: the same state says the same on every screen. */
export function nowNext(doc: ClassDoc, score: RunScore, state: RunState, book: MoveBook): NowNext {
  const { segment, working, shown, otherSide, next } = positionOf(score, state);
  const here = moveOf(doc, book, shown);
  const block = doc.blocks.find((entry) => entry.id === (segment ?? shown)?.block);
  const before = working ? here?.move : moveOf(doc, book, lastPiece(score.segments, state.index))?.move;
  const target = working ? moveOf(doc, book, next)?.move : here?.move;
  const demonstrated = segment?.kind === "demo" ? pieceName(doc, book, segment) : "";
  const said = (key: "call" | "cue") => (here ? ownWords(here.slot, key) : "");
  const call = working ? "" : said("call");
  return {
    segment,
    shown,
    working,
    blockTitle: block?.title ?? "",
    roundText: roundText(doc, score, state, working ? segment : (shown ?? segment)),
    headline:
      demonstrated || pieceName(doc, book, shown) || (segment ? gapWord(segment) : "The class is over"),
    ...amountOf(score, shown, here?.slot),
    cue: call || said("cue") || here?.move.cues?.[0] || "",
    otherSide: otherSide?.side ?? "",
    next: pieceName(doc, book, next),
    fetch: fetchText(before ?? null, target ?? null),
    slotId: shown?.slot ?? null,
  };
}

function lastPiece(segments: readonly Segment[], index: number): Segment | null {
  for (let i = index - 1; i >= 0; i -= 1) if (segments[i]?.kind === "work") return segments[i] ?? null;
  return null;
}

/** The words of a state with what the call sheet says at its second; while it says nothing the cue stays. */
export function spokenNow(words: NowNext, lines: readonly SpokenLine[], state: RunState): NowNext {
  const { segment } = words;
  if (!segment || state.phase === "count-in") return words;
  const into = Math.min(Math.floor(state.intoMs / 1000), segment.end - segment.start - 1);
  const line = lineAt(lines, segment.start + Math.max(0, into));
  return line ? { ...words, cue: line.text } : words;
}

/** People in groups to call: how many do what, where it isn't what was set. */
export function callGroups(
  parts: readonly Part[],
  slotId: string | null,
): { readonly groups: readonly string[]; readonly asSet: number } {
  const groups = new Map<string, number>();
  let asSet = 0;
  for (const part of parts) {
    const slot = part.slots.find((entry) => entry.slot === slotId);
    if (!slot) continue;
    if (slot.status === "as-set" && slot.mark === "natural") {
      asSet += 1;
      continue;
    }
    const mark = slot.mark === "natural" ? "" : `${MARK_GLYPH[slot.mark]} `;
    const way = slot.status === "unmet" ? "no way: rest or choose" : (slot.note ?? slot.name);
    const sides = slot.shares ? ", half a side" : "";
    const stop = stopText(slot.seconds);
    const text = `${mark}${way.charAt(0).toLowerCase()}${way.slice(1)}${sides}${stop && `, ${stop}`}`;
    groups.set(text, (groups.get(text) ?? 0) + 1);
  }
  const sorted = [...groups].sort((a, b) => b[1] - a[1] || (a[0] < b[0] ? -1 : 1));
  return { groups: sorted.map(([text, count]) => `${count} ${text}`), asSet };
}
