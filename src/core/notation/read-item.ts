/** A move of a plan as it is typed: how much of it, how, and who does something else. */
import type { Alternative, Load, MoveRef, Slot, Way } from "../class/document";
import type { KnownMove, MoveBook } from "../moves/book";
import type { Span } from "../values/span";
import { secondsIn } from "../values/typed-number";
import { TIME, takeLoad, takeTempo } from "./amounts";
import {
  type Afterwards,
  type BlockDose,
  doseOf,
  sidesOf,
  takeAfterwards,
  takeAmount,
  takeSides,
} from "./item-amount";
import { movesFor, surelyFor } from "./known-words";
import { type Less, takeDoses, takeLess, takeWeights } from "./lists";
import type { Note } from "./note";
import type { Pencil, Place } from "./pencil";

/** Fit of words with a move from which it is taken for it; at `SURE` without a word. */
const LIKELY = 70;
const SURE = 95;
/** Moves that are offered for words that no move has. */
const OFFERED = 3;

/** What a line says of its own sets. */
export interface ReadItem {
  readonly slot: Omit<Slot, "id">;
  /** Sets of this move alone: `3x10 squat`. */
  readonly sets: Span | null;
  readonly notes: readonly Note[];
  /** By how much later sets are lighter. */
  readonly less?: Less | null;
  /** Where the words of its move stand. */
  readonly place?: Place;
  /** Some of it stands in braces, which have the last word: it may be anything. */
  readonly braced?: boolean;
}

interface Named {
  readonly ref: MoveRef;
  readonly move: KnownMove | null;
  readonly note: Note | null;
}

/** By so much less a one-sided move is taken before a two-sided one, where sides are told. */
const SIDED = 12;

/** The move that some words mean; as typed where none is like them. `each`: sides are told. */
export function moveNamed(text: string, place: Place, book: MoveBook, each = false): Named {
  // Of what is told for each side another move may be meant than the one of that name.
  const found = each ? movesFor(text, book) : surelyFor(text, book);
  const [first] = found;
  const sided = found.find(
    ({ move, score }) => move.sides === "inTurn" && score >= (first?.score ?? 0) - SIDED,
  );
  const best = (each && sided) || first;
  const others = found.filter((other) => other !== best);
  if (best?.move.id && best.score >= LIKELY) {
    const near = others.slice(0, OFFERED).flatMap(({ move }) => move.id ?? []);
    const isSure = best === first && best.score >= SURE;
    const note: Note | null = isSure ? null : { code: "read-as", place, text, move: best.move.id, near };
    return { ref: best.move.id, move: best.move, note };
  }
  const near = [first, ...others].slice(0, OFFERED).flatMap((one) => one?.move.id ?? []);
  return { ref: { name: text }, move: null, note: { code: "unknown-move", place, text, near } };
}

/** `easier: …`, `harder: …`, `no band: …`, each to the end of the line or the next of them. */
const WAYS =
  /(?:^|[;,(]\s*|\s)(easier|harder|no\s+[\p{L} ]{2,20}|if\s+[\p{L} ]{2,30}|instead)\s*:\s*([^;()]+)/iu;

interface Ways {
  marks: { flat?: Way; sharp?: Way };
  alternatives: Alternative[];
  notes: Note[];
}

const wordsOf = (text: string) => text.toLowerCase().match(/[\p{L}]{3,}/gu) ?? [];

/** A level's way: a move that is called so, or one of those that lead away from what is set; else a note. */
function wayOf(text: string, base: KnownMove | null, book: MoveBook): Way {
  const words = wordsOf(text).map((word) => word.replace(/s$/, ""));
  const linked = (base?.links ?? []).flatMap(({ to }) => book.get(to) ?? []);
  const near = linked.find(
    ({ name }) => words.length > 0 && words.every((word) => name.toLowerCase().includes(word)),
  );
  if (near?.id) return { move: near.id };
  const [best] = surelyFor(text, book);
  return best?.move.id && best.score >= 100 ? { move: best.move.id } : { note: text };
}

interface Said {
  readonly kind: string;
  readonly text: string;
  readonly place: Place;
}

/** What is said for who does something else, word for word; struck out before the move itself is read. */
function takeSaid(pencil: Pencil): readonly Said[] {
  const said: Said[] = [];
  for (let struck = pencil.take(WAYS); struck; struck = pencil.take(WAYS)) {
    const [, kind = "", text = ""] = struck.match;
    if (text.trim() !== "") said.push({ kind: kind.toLowerCase(), text: text.trim(), place: struck.place });
  }
  return said;
}

/** Somebody else's way, as an alternative of the slot. */
function alternativeOf(
  { kind, text, place }: Said,
  book: MoveBook,
): { readonly own: Alternative | null; readonly note: Note | null } {
  const { ref, note } = moveNamed(text, place, book);
  if (typeof ref !== "string") return { own: null, note };
  return { own: { move: ref, ...(kind === "instead" ? {} : { note: kind }) }, note };
}

function waysOf(said: readonly Said[], base: KnownMove | null, book: MoveBook): Ways {
  const ways: Ways = { marks: {}, alternatives: [], notes: [] };
  for (const one of said) {
    if (one.kind === "easier") ways.marks.flat = wayOf(one.text, base, book);
    else if (one.kind === "harder") ways.marks.sharp = wayOf(one.text, base, book);
    else {
      const { own, note } = alternativeOf(one, book);
      if (own) ways.alternatives.push(own);
      if (note) ways.notes.push(note);
    }
  }
  return ways;
}

/** Whether a line says nothing but who does something else: it belongs to the move above it. */
export function isWaysAlone(text: string): boolean {
  return /^\s*\(?\s*(?:easier|harder|no\s+[\p{L} ]{2,20}|if\s+[\p{L} ]{2,30}|instead)\s*:/iu.test(text);
}

/** An item with the ways that a line of their own says of it. */
export function withWays(item: ReadItem, pencil: Pencil, book: MoveBook): ReadItem {
  const { slot } = item;
  const base = typeof slot.move === "string" ? (book.get(slot.move) ?? null) : null;
  const ways = waysOf(takeSaid(pencil), base, book);
  const marks = { ...slot.marks, ...ways.marks };
  const alternatives = [...(slot.alternatives ?? []), ...ways.alternatives];
  return {
    ...item,
    slot: {
      ...slot,
      ...(Object.keys(marks).length > 0 ? { marks } : {}),
      ...(alternatives.length > 0 ? { alternatives } : {}),
    },
    notes: ways.notes,
  };
}

/** A dose with what comes after its last rep: after reps alone, in a window there is no time for it; else it is noted. */
function withAfterwards(
  dose: Slot["dose"],
  afterwards: Afterwards | null,
): { readonly dose: Slot["dose"]; readonly note: Note | null } {
  if (!afterwards) return { dose, note: null };
  const { then, text, place } = afterwards;
  if ("reps" in dose && dose.reps !== undefined && dose.within === undefined)
    return { dose: { ...dose, then }, note: null };
  return { dose, note: { code: "not-read", place, text } };
}

/** A move with all that its line says. Words that are no amount are its name: nothing is lost. */
export function readItem(pencil: Pencil, book: MoveBook, block: BlockDose): ReadItem | null {
  const said = takeSaid(pencil);
  const cue = pencil.take(/\(([^()]*\p{L}[^()]*)\)/u)?.match[1]?.trim();
  const less = takeLess(pencil);
  const load: Load | readonly Load[] | null = takeWeights(pencil) ?? takeLoad(pencil);
  const doses = takeDoses(pencil);
  const tempo = takeTempo(pencil);
  const rest = pencil.take(new RegExp(String.raw`\brest\s*:?\s*(${TIME}|\d{1,3})\b`, "i"));
  const sides = takeSides(pencil);
  const afterwards = takeAfterwards(pencil);
  const amount = takeAmount(pencil);
  const words = pencil.rest();
  if (!words) return null;
  const name = words.text.replace(/^[\s\-–—:,.()@/]+|[\s\-–—:,.;()@/]+$/g, "");
  if (!/\p{L}/u.test(name)) return null;
  const named = moveNamed(name, words.place, book, sides.each);
  const ways = waysOf(said, named.move, book);
  const dosed =
    doses ?? amount.reps ?? amount.seconds ?? amount.toLimit ?? amount.ladder ?? block.work ?? null;
  const notes: Note[] = [...(named.note ? [named.note] : []), ...ways.notes];
  if (dosed === null) notes.push({ code: "no-dose", place: words.place, text: name });
  const dose = doses
    ? doses.map((one) => doseOf(one.amount, named.move, block, one.tempo ?? tempo))
    : doseOf(amount, named.move, block, tempo);
  const whole = withAfterwards(dose, afterwards);
  if (whole.note) notes.push(whole.note);
  const slot: Omit<Slot, "id"> = {
    move: named.ref,
    dose: whole.dose,
    ...sidesOf(named.move, sides),
    ...(rest ? { rest: secondsIn(rest.match[1] ?? "") ?? 0 } : {}),
    ...(load ? { load } : {}),
    ...(Object.keys(ways.marks).length > 0 ? { marks: ways.marks } : {}),
    ...(ways.alternatives.length > 0 ? { alternatives: ways.alternatives } : {}),
    ...(cue ? { cue } : {}),
  };
  return { slot, sets: amount.sets, notes, less, place: words.place };
}
