/** Fit, order and the call sheet in words. */
import { type Block, type ClassDoc, findSlot, slotsOf } from "../core/class/document";
import { expandedSeconds } from "../core/class/expand";
import { bookFor, type MoveBook, resolveMove } from "../core/moves/book";
import type { CallLine } from "../core/shape/call-sheet";
import type { FitOption, Locked, Unlocked } from "../core/shape/fit";
import { type FitChange, isRemoval } from "../core/shape/fit-change";
import { lossOf } from "../core/shape/fit-loss";
import type { Proposal } from "../core/shape/fit-proposals";
import type { OrderResult } from "../core/shape/order";
import { ORDER_CAUSES, type OrderCause } from "../core/shape/order-costs";
import { clockText, type Seconds } from "../core/units";
import { spanText } from "../core/values/span";
import type { fitNumber } from "./english/phrases";
import type { Words } from "./words";

const BLOCK_KEYS: readonly string[] = [
  "rounds",
  "rest",
  "longRest",
  "brief",
  "demo",
  "prepare",
  "after",
  "cap",
] satisfies readonly (keyof typeof fitNumber)[];

function moveName(doc: ClassDoc, slotId: string, library: MoveBook, words: Words): string {
  const slot = findSlot(doc, slotId)?.slot;
  return slot ? words.inside(resolveMove(slot.move, bookFor(doc, library)).name) : "";
}

const blockArgs = (doc: ClassDoc, id: string) => {
  const block = doc.blocks.find((entry) => entry.id === id)?.title ?? "";
  return { block, blockAny: block === "" ? "no" : "yes" };
};

function keyOfNumber(key: string): keyof typeof fitNumber {
  if (key.endsWith("reps")) return "reps";
  return (BLOCK_KEYS.includes(key) ? key : "work") as keyof typeof fitNumber;
}

/** What a class loses or gets by it in one line: `12 sets instead of 15, 18:20 of work instead of 20:10`. */
export function lossText(before: ClassDoc, after: ClassDoc, library: MoveBook, words: Words): string {
  const each = lossOf(before, after, library).map(({ of, was, now }) => {
    const told = (n: number) => (of === "sets" ? n : clockText(n));
    return words.phrase("fitLoss", of, { was: told(was), now: told(now) });
  });
  return each.length === 0 ? words.phrase("fit", "nothingLost") : each.join(", ");
}

/** A change: `15 s rest instead of 20 in Quay circuit`. */
export function changeText(change: FitChange, doc: ClassDoc, library: MoveBook, words: Words): string {
  if (isRemoval(change)) {
    const move = moveName(doc, change.slot, library, words);
    return words.phrase("fit", "leftOut", { move, ...blockArgs(doc, change.block) });
  }
  const key = keyOfNumber(change.key);
  const text = words.phrase("fitNumber", key, { to: spanText(change.to), from: spanText(change.from) });
  if (change.slot === null) {
    return words.phrase("fit", "inBlock", { change: text, ...blockArgs(doc, change.block) });
  }
  return words.phrase("fit", change.key === "rest" ? "afterMove" : "inMove", {
    change: text,
    move: moveName(doc, change.slot, library, words),
  });
}

/** The changes of an option in one line, without their total. */
export function changesText(option: FitOption, doc: ClassDoc, library: MoveBook, words: Words): string {
  const text = option.changes.map((change) => changeText(change, doc, library, words)).join("; ");
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** An option as a sentence: its changes, and to what length they lead. */
export function optionText(option: FitOption, doc: ClassDoc, library: MoveBook, words: Words): string {
  const total = clockText(option.total);
  return option.changes.length === 0
    ? words.phrase("fit", "asItStands", { total })
    : words.phrase("fit", "ways", { changes: changesText(option, doc, library, words), total });
}

/** What a class that is too short could have more of: `a warm-up first, 5:00`. */
export function proposalText({ kind, block }: Proposal, library: MoveBook, words: Words): string {
  const { length, moves } = proposalParts(block, library, words);
  return words.phrase("fit", kind, { length: clockText(length), moves: words.and(moves) });
}

function proposalParts(block: Block, library: MoveBook, words: Words) {
  const doc: ClassDoc = { format: "brontle.class", version: 1, title: "", stance: "form", blocks: [block] };
  return {
    length: expandedSeconds(doc, library, "plan"),
    moves: slotsOf(block).map((slot) => moveName(doc, slot.id, library, words)),
  };
}

/** How far it gets with a block unlocked. */
export function unlockText({ block, nearest }: Unlocked, doc: ClassDoc, words: Words): string {
  return words.phrase("fit", "unlock", { ...blockArgs(doc, block), total: clockText(nearest) });
}

/** What may not be changed: `rest of Quay circuit`, or a move. */
export function lockedText(locked: Locked, doc: ClassDoc, library: MoveBook, words: Words): string {
  return "slot" in locked
    ? moveName(doc, locked.slot, library, words)
    : words.phrase("fit", "lockedKey", { key: locked.key, ...blockArgs(doc, locked.block) });
}

/** Why an order is better, a line a cause, and then in what it is worse. */
export function orderTexts(
  { causes, better, withParts }: Pick<OrderResult, "causes" | "better" | "withParts">,
  words: Words,
): readonly string[] {
  if (!better) return [words.phrase("order", "noBetter")];
  const textOf = (cause: OrderCause) =>
    words.phrase("orderCause", cause, { now: causes[cause].now, was: causes[cause].was });
  const lines = [
    ...ORDER_CAUSES.filter((cause) => causes[cause].now < causes[cause].was).map(textOf),
    ...ORDER_CAUSES.filter((cause) => causes[cause].now > causes[cause].was).map((cause) =>
      words.phrase("order", "worse", { cause: textOf(cause) }),
    ),
  ];
  return withParts ? [...lines, words.phrase("order", "presentWays")] : lines;
}

/** A line of the call sheet as it is said. */
export interface SpokenLine extends Omit<CallLine, "says"> {
  readonly text: string;
  /** Seconds that it takes. */
  readonly takes: Seconds;
}

const wordsOf = (text: string) => text.split(/\s+/).filter(Boolean);

/** As many whole sentences, first to last, as fit; the first is cut at a word if even it doesn't. */
function within(sentences: readonly string[], most: number): string {
  let text = "";
  let left = most;
  for (const sentence of sentences) {
    const count = wordsOf(sentence).length;
    if (count > left) break;
    text = text === "" ? sentence : `${text} ${sentence}`;
    left -= count;
  }
  if (text !== "" || !sentences[0]) return text;
  const cut = wordsOf(sentences[0]).slice(0, most).join(" ");
  return cut === "" ? "" : `${cut.replace(/[.,;:]$/, "")}.`;
}

/** What is said of each line: never longer than the gap it is said in; what has no room at all is left out. */
export function spokenLines(
  lines: readonly CallLine[],
  words: Words,
  wordsPerSecond: number,
): readonly SpokenLine[] {
  return lines.flatMap(({ says, ...line }) => {
    const sentences = says.map((reason) => words.say("call", reason));
    // Of 2.3 words a second 10 s hold 23: the sum must not fall short of it by its last digit.
    const text = within(sentences, Math.floor(line.room * wordsPerSecond + 1e-9));
    if (text === "") return [];
    const takes = Math.round((wordsOf(text).length / wordsPerSecond) * 10) / 10;
    return [{ ...line, text, takes }];
  });
}

/** A line of which not all can be said in the room that there is. */
export interface CutLine extends Omit<CallLine, "says"> {
  /** Seconds that all of it would take. */
  readonly needs: Seconds;
  /** The sentences that are left out. */
  readonly lost: string;
}

/** The lines that lose something to the gap they are said in. */
export function cutLines(
  lines: readonly CallLine[],
  words: Words,
  wordsPerSecond: number,
): readonly CutLine[] {
  return lines.flatMap(({ says, ...line }) => {
    const sentences = says.map((reason) => words.say("call", reason)).filter(Boolean);
    const text = within(sentences, Math.floor(line.room * wordsPerSecond + 1e-9));
    const lost = sentences.filter((sentence) => !text.includes(sentence)).join(" ");
    const needs = Math.ceil(wordsOf(sentences.join(" ")).length / wordsPerSecond);
    return lost === "" ? [] : [{ ...line, needs, lost }];
  });
}
