/** What kind of line it is: a heading, a whole block, several moves. */
import type { MoveBook } from "../moves/book";
import { exactMove } from "../moves/find";
import { AFTERWARDS } from "./item-amount";
import { surelyFor } from "./known-words";
import { Pencil } from "./pencil";
import { saysStructure, takeHeader } from "./read-header";
import { readItem } from "./read-item";

/** What divides the moves of one line. */
export const BETWEEN = new RegExp(String.raw`\s*[,;+]\s*|\s+(?!${AFTERWARDS})then\s+`, "giu");
/** A line of words alone that looks like a move is one from this fit on. */
const A_MOVE = 80;

/** Words before a colon are a heading, unless they are a move with its dose behind. */
export function isHead(head: Pencil, book: MoveBook): boolean {
  const trial = new Pencil(head.left, head.line, head.column);
  const header = takeHeader(trial, true);
  if (saysStructure(header) || header.role !== null) return true;
  return !isMove(head.left, book);
}

function isMove(text: string, book: MoveBook): boolean {
  const [best] = surelyFor(text, book);
  return best !== undefined && best.score >= A_MOVE;
}

/** A line without moves: a role, a structure alone, or words that no move is like, before moves. */
export function isHeadingAlone(pencil: Pencil, afterBlank: boolean, book: MoveBook): boolean {
  const trial = new Pencil(pencil.left, pencil.line, pencil.column);
  const header = takeHeader(trial, true);
  const rest = trial.rest();
  if (header.role !== null) return rest === null || !/[,;+]/.test(rest.text);
  if (rest === null) return saysStructure(header);
  // Words alone behind a blank line that no move is like.
  if (afterBlank && !/[\d,;+]/.test(pencil.left) && !isMove(pencil.left, book)) return true;
  return saysStructure(header) && !/[\d,;+]/.test(rest.text) && !isMove(rest.text, book);
}

/** A whole block in one line: `4x 8-12 floor press + bent row, 75 s`, `8x 20/10 fast feet`. */
export function isWholeBlock(pencil: Pencil): boolean {
  const trial = new Pencil(pencil.left, pencil.line, pencil.column);
  const header = takeHeader(trial, true);
  const many = /[,;+]/.test(pencil.left);
  const clock = header.work !== null || header.every !== null || header.capped;
  return clock || (many && header.rounds !== null);
}

/** Whether a line under a heading is several moves: no move is called as all of it, and its pieces are moves. */
export function hasSeveral(pencil: Pencil, book: MoveBook): boolean {
  const trial = () => new Pencil(pencil.left, pencil.line, pencil.column);
  const pieces = trial()
    .split(BETWEEN)
    .filter(({ left }) => /\p{L}/u.test(left));
  if (pieces.length < 2) return false;
  const dose = { work: null, within: null, usual: 1 };
  const known = (piece: Pencil) => readItem(piece, book, dose);
  const isKnown = (piece: Pencil) => typeof known(piece)?.slot.move === "string";
  // Words without a number count only as a whole name: "slow" is how, and no slow curl.
  const isSure = (piece: Pencil) =>
    /\d/.test(piece.left)
      ? known(piece)?.notes.every(({ code }) => code === "no-dose") === true
      : exactMove(piece.left, book) !== null;
  if (isKnown(trial())) return false;
  // Words alone are moves as they are listed; with numbers among them two must be.
  return !/\d/.test(pencil.left) || pieces.filter(isSure).length >= 2;
}
