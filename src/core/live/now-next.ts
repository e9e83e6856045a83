/** What Teach says of the present and the next, as data: the clock's state, worked out once. */
import {
  appearanceIndex,
  type ClassDoc,
  type Dose,
  doseAt,
  findSlot,
  type Load,
  loadAt,
  ownWords,
  type Slot,
  slotsOf,
} from "../class/document";
import type { Segment, SegmentKind } from "../class/expand";
import type { Mark } from "../homes/home";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import type { Need } from "../moves/move";
import { levelNote, type Part } from "../parts/part";
import { nameOf } from "../reasons/named";
import type { MoveName } from "../reasons/value";
import { appearanceOf } from "../score/resolve";
import { lineAt } from "../shape/call-sheet";
import type { Seconds, Side, Triple } from "../units";
import { spanTriple } from "../values/span";
import type { ClockState } from "./fold";
import { type LiveScore, nextLivePiece } from "./live-score";
import { ownSets } from "./own-pace";
import { positionOf } from "./position";
import { isOwnPaced, type OwnRun, runTime } from "./runs";
import { type SinceLast, sinceLast } from "./since-last";
import { stepNow, stepText } from "./steps";

/** A piece by its move, or by all moves of a block that is done as often as possible. */
export type PieceSaid =
  | { readonly move: MoveName }
  | { readonly asManyRoundsOf: readonly MoveName[] }
  /** The moves of a block that everybody does at their own pace; none while it is done. */
  | { readonly ownPaceOf: readonly MoveName[] };

/** What is large: a piece, what is going on between pieces, or that it is over. */
export type Headline = PieceSaid | { readonly segment: SegmentKind } | "over";

export interface NowNext {
  readonly segment: Segment | null;
  /** The piece that is worked, or the next one while resting. */
  readonly shown: Segment | null;
  readonly working: boolean;
  readonly blockTitle: string;
  readonly round: { readonly unit: "set" | "round"; readonly n: number; readonly of: number } | null;
  readonly headline: Headline;
  readonly cue: string;
  /** The dose of what is shown, with the reps that the score has counted; its row says what of it is told. */
  readonly dose: { readonly dose: Dose; readonly reps: Triple | null; readonly load: Load | null } | null;
  /** The side that follows within this turn. */
  readonly otherSide: Side | null;
  readonly next: PieceSaid | null;
  readonly fetch: Fetch;
  /** What is different from the last set of the slot that is shown. */
  readonly since: SinceLast | null;
  readonly slotId: string | null;
  /** Where everybody goes at their own pace now, what there is to do; null where the clock leads. */
  readonly ownPace: readonly OwnLine[] | null;
}

/** A move of a block at one's own pace: how many sets of what, and the rest after each. */
export interface OwnLine {
  readonly move: MoveName;
  readonly sets: number;
  readonly dose: Dose;
  readonly reps: Triple | null;
  readonly load: Load | null;
  readonly restSeconds: Seconds;
}

/** How to get from one move to the next: up or down, and the kit of the way as set. */
export interface Fetch {
  readonly turn: "down" | "up" | null;
  readonly needs: readonly Need[];
}

function moveOf(
  doc: ClassDoc,
  book: MoveBook,
  segment: Segment | null,
): { slot: Slot; move: KnownMove } | null {
  const found = segment?.slot ? findSlot(doc, segment.slot) : null;
  return found && { slot: found.slot, move: resolveMove(found.slot.move, book) };
}

function pieceSaid(doc: ClassDoc, book: MoveBook, segment: Segment | null): PieceSaid | null {
  if (!segment) return null;
  const block = doc.blocks.find((entry) => entry.id === segment.block);
  const all = () => (block ? slotsOf(block) : []).map((slot) => nameOf(resolveMove(slot.move, book)));
  if (block && segment.kind === "work" && isOwnPaced(block)) return { ownPaceOf: all() };
  const found = moveOf(doc, book, segment);
  return found ? { move: nameOf(found.move) } : { asManyRoundsOf: all() };
}

const FLOOR = ["kneeling", "all-fours", "plank", "prone", "supine", "side-lying"];

function fetchOf(from: KnownMove | null, to: KnownMove | null): Fetch {
  if (!to) return { turn: null, needs: [] };
  const was = from?.position && FLOOR.includes(from.position);
  const will = to.position && FLOOR.includes(to.position);
  const had = JSON.stringify(from?.needs?.[0] ?? []);
  const needs = to.needs?.[0] ?? [];
  return {
    turn: will && !was ? "down" : was && !will ? "up" : null,
    needs: JSON.stringify(needs) === had ? [] : needs,
  };
}

function roundOf(
  doc: ClassDoc,
  score: LiveScore,
  state: ClockState,
  segment: Segment | null,
): NowNext["round"] {
  const block = doc.blocks.find((entry) => entry.id === segment?.block);
  if (!block || !segment?.round || block.cap !== undefined) return null;
  if (spanTriple(block.rounds, 1).plan < 2) return null;
  // Rounds that were dropped no longer count.
  const rounds = score.segments.reduce((most, other, i) => {
    const counts = other.block === block.id && other.kind === "work" && (state.lengths[i] ?? 0) > 0;
    return counts ? Math.max(most, other.round ?? 0) : most;
  }, 0);
  return { unit: block.loop === "station" ? "set" : "round", n: segment.round, of: rounds };
}

/** What of this appearance is counted, and against which load. */
function doseOf(score: LiveScore, slot: Slot, shown: Segment): NowNext["dose"] {
  const index = appearanceOf(score.segments, shown);
  return { dose: doseAt(slot, index), reps: shown.reps ?? null, load: loadAt(slot, index) ?? null };
}

/** What is written large: what is shown or worked on, else what kind of time it is. */
function headlineOf(
  doc: ClassDoc,
  book: MoveBook,
  segment: Segment | null,
  shown: Segment | null,
): NowNext["headline"] {
  const demo = segment?.kind === "demo" ? pieceSaid(doc, book, segment) : null;
  return demo ?? pieceSaid(doc, book, shown) ?? (segment ? { segment: segment.kind } : "over");
}

/** What to say: before a piece its call, else its cue, else the move's first. */
function cueOf(
  { slot, move }: NonNullable<ReturnType<typeof moveOf>>,
  round: number | null,
  working: boolean,
): string {
  const index = appearanceIndex(slot, round);
  const call = working ? "" : ownWords(slot, "call", index);
  return call || ownWords(slot, "cue", index) || move.cues?.[0] || "";
}

/** While it is worked the step that is on, where the move has steps; else what is to be said. */
function saidNow(
  here: NonNullable<ReturnType<typeof moveOf>>,
  shown: Segment | null,
  { intoMs, lengthMs }: ClockState,
  working: boolean,
  book: MoveBook,
): string {
  const step = working && shown ? stepNow(here.slot, here.move, shown, intoMs, lengthMs, book) : null;
  return step ? stepText(step) : cueOf(here, shown?.round ?? null, working);
}

/** What a run holds, move by move; rounds that were dropped no longer count. */
function ownLines(
  doc: ClassDoc,
  score: LiveScore,
  state: ClockState,
  book: MoveBook,
  run: OwnRun,
): readonly OwnLine[] {
  const sets = ownSets(score, run, state.lengths, null);
  return [...new Set(sets.map(({ slot }) => slot))].flatMap((id): OwnLine[] => {
    const slot = findSlot(doc, id)?.slot;
    const own = sets.filter((set) => set.slot === id);
    const [first] = own;
    const piece = first && score.segments[first.index];
    if (!slot || !piece) return [];
    const said = doseOf(score, slot, piece);
    const move = nameOf(resolveMove(slot.move, book));
    return said ? [{ move, sets: own.length, ...said, restSeconds: Math.round(first.restMs / 1000) }] : [];
  });
}

/** In a block at one's own pace: its moves, and what comes after it. */
function inRun(doc: ClassDoc, score: LiveScore, state: ClockState, book: MoveBook, run: OwnRun): NowNext {
  const piece = score.segments[run.from] ?? null;
  const segment = piece && { ...piece, side: null };
  const next = nextLivePiece(score, state.lengths, run.to);
  const first = moveOf(doc, book, next)?.move ?? null;
  const last = moveOf(doc, book, score.segments[run.to] ?? null)?.move ?? null;
  return {
    segment,
    shown: segment,
    working: true,
    blockTitle: doc.blocks.find(({ id }) => id === run.block)?.title ?? "",
    round: null,
    headline: { ownPaceOf: [] },
    dose: null,
    cue: "",
    otherSide: null,
    next: pieceSaid(doc, book, next),
    since: null,
    fetch: next ? fetchOf(last, first) : { turn: null, needs: [] },
    slotId: null,
    ownPace: ownLines(doc, score, state, book, run),
  };
}

/** The present and the next of a state. Pure: the same state gives the same on every screen. */
export function nowNext(doc: ClassDoc, score: LiveScore, state: ClockState, book: MoveBook): NowNext {
  const time = runTime(score.runs, state);
  if (time) return inRun(doc, score, state, book, time.run);
  const { segment, working, shown, otherSide, next } = positionOf(score, state);
  const here = moveOf(doc, book, shown);
  const block = doc.blocks.find((entry) => entry.id === (segment ?? shown)?.block);
  const before = working ? here?.move : moveOf(doc, book, lastPiece(score.segments, state.index))?.move;
  const target = working ? moveOf(doc, book, next)?.move : here?.move;
  return {
    segment,
    shown,
    working,
    blockTitle: block?.title ?? "",
    round: roundOf(doc, score, state, working ? segment : (shown ?? segment)),
    headline: headlineOf(doc, book, segment, shown),
    dose: shown && here ? doseOf(score, here.slot, shown) : null,
    cue: here ? saidNow(here, shown, state, working, book) : "",
    otherSide: otherSide?.side ?? null,
    next: pieceSaid(doc, book, next),
    since: sinceLast(doc, score.segments, shown, book),
    fetch: fetchOf(before ?? null, target ?? null),
    slotId: shown?.slot ?? null,
    ownPace: null,
  };
}

function lastPiece(segments: readonly Segment[], index: number): Segment | null {
  for (let i = index - 1; i >= 0; i -= 1) if (segments[i]?.kind === "work") return segments[i] ?? null;
  return null;
}

/** What the call sheet says at a state's second; null where it says nothing. */
export function lineNow<L extends { readonly at: Seconds; readonly room: Seconds; readonly takes: Seconds }>(
  { segment, ownPace }: Pick<NowNext, "segment" | "ownPace">,
  lines: readonly L[],
  state: ClockState,
): L | null {
  if (!segment || ownPace || state.phase === "count-in") return null;
  const into = Math.min(Math.floor(state.intoMs / 1000), segment.end - segment.start - 1);
  return lineAt(lines, segment.start + Math.max(0, into));
}

/** People who do the same in a slot, where it isn't what was set. */
export interface CallGroup {
  readonly people: number;
  readonly mark: Mark;
  readonly way: "none" | { readonly note: string } | { readonly move: MoveName };
  /** The sides share the piece. */
  readonly halves: boolean;
  readonly stopSeconds: Seconds | null;
}

/** People in groups to call, and how many do what was set: what the instructor named herself first, then the largest. */
export function callGroups(
  parts: readonly Part[],
  slotId: string | null,
): { readonly groups: readonly CallGroup[]; readonly asSet: number } {
  const groups = new Map<string, CallGroup>();
  const named = new Set<string>();
  let asSet = 0;
  for (const part of parts) {
    const slot = part.slots.find((entry) => entry.slot === slotId);
    if (!slot) continue;
    if (slot.status === "as-set" && slot.mark === "natural") {
      asSet += 1;
      continue;
    }
    const note = levelNote(slot);
    const way =
      slot.status === "unmet"
        ? ("none" as const)
        : note === null
          ? { move: { id: slot.move, name: slot.name } }
          : { note };
    const same = { mark: slot.mark, way, halves: slot.shares !== null, stopSeconds: slot.seconds };
    const key = JSON.stringify(same);
    groups.set(key, { people: (groups.get(key)?.people ?? 0) + 1, ...same });
    if (slot.own) named.add(key);
  }
  const rank = (key: string) => (named.has(key) ? 0 : 1);
  const sorted = [...groups].sort(
    ([a, x], [b, y]) => rank(a) - rank(b) || y.people - x.people || (a < b ? -1 : 1),
  );
  return { groups: sorted.map(([, group]) => group), asSet };
}
