/** What is typed as the dose of a slot: whatever a plan may say of how much, read against what the slot has. */
import { setSlot, together } from "../class/commands";
import { type Dose, dosesOf, type Load, type Slot } from "../class/document";
import { DOSES, doseKind, withSpan } from "../class/dose-kinds";
import { parseDose } from "../class/dose-text";
import type { Edit } from "../class/edits";
import { slotSides } from "../class/expand";
import { type KnownMove, type MoveBook, resolveMove } from "../moves/book";
import { parseSpan, type Span } from "../values/span";
import { parseTempo } from "../values/tempo";
import { typedSeconds } from "../values/typed-number";
import { takeLoad, takeTempo } from "./amounts";
import { doseOf, takeAmount, takeSides } from "./item-amount";
import { Pencil } from "./pencil";

/**
 * What was typed, or why it can't be taken: `empty`; `words` that nothing was made of, with the words;
 * `sets`, which are the block's rounds and no dose.
 */
export type TypedDose =
  | {
      readonly ok: true;
      readonly dose: Dose | readonly Dose[];
      /** Said: each side by itself, or both together; null where nothing is said. */
      readonly counted: "each" | "total" | null;
      readonly load: Load | null;
    }
  | { readonly ok: false; readonly why: "empty" | "words" | "sets"; readonly text: string };

const refused = (why: "empty" | "words" | "sets", text = ""): TypedDose => ({ ok: false, why, text });

/** A number or a time alone, as `8–12`, `0:40`, `1 min`. */
function spanAlone(text: string, now: Dose): Span | null {
  return parseSpan(text) ?? (DOSES[doseKind(now)].reps ? null : typedSeconds(text));
}

function paced(dose: Dose, tempo: string | null): Dose {
  if (tempo === null || !DOSES[doseKind(dose)].paced) return dose;
  const { repSeconds: _own, ...rest } = dose;
  return { ...rest, tempo } as Dose;
}

/** A dose of a list, and the tempo that was said with it without "at": behind the last it is that of all. */
interface Read {
  readonly dose: Dose;
  readonly tempo: string | null;
}

/** So much of what the slot counts; of what has no single number, reps, or seconds for several moves in turn. */
function soMuch(now: Dose, span: Span): Dose {
  if (now.sequence !== undefined) return { ...now, seconds: span };
  return doseKind(now) === "ladder" ? { reps: span } : withSpan(now, () => span);
}

/** As `doseText` writes it; a time of what is held still is held, whether that is said or not. */
function exactly(text: string, now: Dose, move: KnownMove): Dose | null {
  if (/^[\d\s–-]*$/.test(text)) return null;
  const dose = parseDose(text);
  const isHeld = move.isometric === true && now.hold !== undefined && dose?.seconds !== undefined;
  return isHeld && dose.sequence === undefined ? { hold: dose.seconds } : dose;
}

/** By its words, as in a plan. */
function inWords(pencil: Pencil, tempo: string | null, now: Dose, move: KnownMove): Read | TypedDose {
  const text = pencil.left.trim();
  const amount = takeAmount(pencil);
  if (amount.sets !== null) return refused("sets", text);
  const words = pencil.rest();
  if (words) return refused("words", words.text);
  if ((amount.reps ?? amount.seconds ?? amount.toLimit ?? amount.ladder) === null)
    return text === "" ? refused("empty") : refused("words", text);
  const block = { work: null, within: now.within ?? null, usual: 40 };
  return { dose: doseOf(amount, move, block, tempo), tempo };
}

/** One dose of a list; `now` is what stands there. */
function readOne(text: string, now: Dose, move: KnownMove): Read | TypedDose {
  const bare = text.trim();
  const exact = exactly(bare, now, move);
  if (exact) return { dose: exact, tempo: null };
  if (/^\d{4}$/.test(bare) && parseTempo(bare) !== null) return { dose: paced(now, bare), tempo: bare };
  const pencil = new Pencil(` ${text} `, 1, 0);
  const tempo = takeTempo(pencil);
  const left = pencil.left.trim();
  if (left === "" && tempo !== null) return { dose: paced(now, tempo), tempo };
  const span = spanAlone(left, now);
  return span === null ? inWords(pencil, tempo, now, move) : { dose: paced(soMuch(now, span), tempo), tempo };
}

/**
 * Reads `12`, `8–12 reps 3110`, `10 e/s`, `0:40`, `hold 20 s heavy`, `12/10/8`, and all that `doseText` writes.
 * A number alone keeps what the slot counts; a tempo, a side or a load alone changes that alone. Of a list a
 * tempo that stands last is that of all.
 */
export function typedDose(text: string, slot: Slot, book: MoveBook): TypedDose {
  const pencil = new Pencil(` ${text} `, 1, 0);
  const sides = takeSides(pencil);
  const load = takeLoad(pencil);
  const counted = sides.total ? "total" : sides.each ? "each" : null;
  const move = resolveMove(slot.move, book);
  const now = dosesOf(slot);
  const left = pencil.left.trim();
  if (left === "") return counted || load ? { ok: true, dose: slot.dose, counted, load } : refused("empty");
  const read: Read[] = [];
  for (const [i, part] of left.split("/").entries()) {
    const one = readOne(part, now[i] ?? now[0] ?? { seconds: 40 }, move);
    if ("ok" in one) return one;
    read.push(one);
  }
  const last = read.at(-1)?.tempo ?? null;
  const isOfAll = read.slice(0, -1).every(({ tempo }) => tempo === null) && !/\bat\b|@/.test(left);
  const doses = read.map(({ dose }) => (isOfAll ? paced(dose, last) : dose));
  return { ok: true, dose: doses.length === 1 ? (doses[0] as Dose) : doses, counted, load };
}

/** The edit of a slot to what was typed, as one step. */
export function typedDoseEdit(
  slot: Slot,
  { dose, counted, load }: Extract<TypedDose, { ok: true }>,
  book: MoveBook,
): Edit {
  const edits = [setSlot(slot, "dose", dose)];
  if (counted === "each" && slotSides(slot, book) === "both") edits.push(setSlot(slot, "sides", "inTurn"));
  if (counted !== null && (slot.count ?? "each") !== counted)
    edits.push(setSlot(slot, "count", counted === "total" ? "total" : undefined));
  if (load !== null) edits.push(setSlot(slot, "load", load));
  return together(edits);
}
