/** The check of a whole class document: every fault at once, each with its path. */

import { KIT_TYPES } from "../homes/kit";
import { bookWith, type KnownMove, type MoveBook, makeBook } from "../moves/book";
import { checkOwnMove, LINKS } from "../moves/check-move";
import { LINK_KINDS } from "../moves/move";
import { err, ok, type Result } from "../result";
import {
  checkBoolean,
  checkKey,
  checkList,
  checkObject,
  checkOneOf,
  checkSpan,
  checkText,
  checkWhole,
  Faults,
  isObject,
  type Json,
  type ListBounds,
  TIME,
} from "../values/check-values";
import { at, type Fault } from "../values/faults";
import { DOCUMENT, unsound } from "../values/sound";
import { type Span, spanTriple } from "../values/span";
import { checkMoveRef, checkSlot, type SlotRounds } from "./check-slot";
import {
  type Block,
  type ClassDoc,
  FOCUSES,
  isPause,
  MOST_ROUNDS,
  ROLES,
  STANCES,
  slotsOf,
} from "./document";
import { measureUpTo } from "./expanded-block";

/** More segments than this, at max, is a fault: 20,000 is a day of five-second pieces. */
export const MOST_SEGMENTS = 20_000;
/** Longer than this at max is a fault too. */
const MOST_HOURS = 24;
const ROUNDS = { least: 1, most: MOST_ROUNDS };

/** Bounds of a class's lists. */
const BLOCKS: ListBounds = { least: 1, most: 60, what: "blocks" };
const SLOTS: ListBounds = { least: 1, most: 40, what: "slots" };
const OWN_MOVES: ListBounds = { least: 0, most: 200, what: "moves" };
const ACKNOWLEDGED: ListBounds = { least: 0, most: 1000, what: "findings" };
const OVERRULED: ListBounds = { least: 0, most: 2000, what: "choices" };
const FOCUS_LIST: ListBounds = { least: 0, most: FOCUSES.length, what: "focuses" };
const KIT_LIST: ListBounds = { least: 0, most: KIT_TYPES.length, what: "kinds of kit" };
const LOCKS: ListBounds = { least: 0, most: 50, what: "keys" };

/**
 * Checks a parsed JSON value. The value itself is given back as the document: nothing is
 * filled in, reordered or dropped, so unknown keys survive.
 *
 * @param input any value; never throws
 * @param library the moves that ids may name; the document's own are added to it
 * @param known blocks that stood in a valid class before: of these only the ids are looked at. For documents that are
 *   never changed in place
 */
export function checkClass(
  input: unknown,
  library: MoveBook,
  known?: SoundBlocks,
): Result<ClassDoc, readonly Fault[]> {
  const faults = new Faults();
  const wrong = unsound(input, DOCUMENT);
  if (wrong) return err([wrong]);
  if (!isObject(input)) {
    faults.add("$", { code: "kind", expected: "an object" });
    return err(faults.list);
  }
  const key = (name: string, check: (path: string, value: unknown) => unknown, required = false) =>
    checkKey(faults, "$", input, name, check, required);
  key("format", (p, v) => checkOneOf(faults, p, v, ["brontle.class"]), true);
  key("version", (p, v) => v === 1 || faults.add(p, { code: "kind", expected: "1" }), true);
  key("title", (p, v) => checkText(faults, p, v, { least: 1, most: 120 }), true);
  key("stance", (p, v) => checkOneOf(faults, p, v, STANCES), true);
  key("promise", (p, v) => checkPromise(faults, p, v));
  key("acknowledged", (p, v) =>
    checkList(faults, p, v, ACKNOWLEDGED, (q, w) => checkAcknowledged(faults, q, w)),
  );
  key("overruled", (p, v) => checkList(faults, p, v, OVERRULED, (q, w) => checkOverruled(faults, q, w)));
  key("moves", (p, v) => checkOwnMoves(faults, p, v));
  const book = bookWith(library, soundMoves(input.moves));
  const sound = book === library ? known?.of(library) : undefined;
  const seen: Seen = { blocks: new Map(), slots: new Map() };
  key(
    "blocks",
    (p, v) => checkList(faults, p, v, BLOCKS, (q, w) => checkBlock(faults, q, w, book, seen, sound)),
    true,
  );
  if (faults.any) return err(faults.list);
  const doc = input as unknown as ClassDoc;
  const { segments, seconds } = measureUpTo(doc, book, MOST_SEGMENTS);
  if (segments > MOST_SEGMENTS)
    return err([{ path: "blocks", code: "too-many-segments", most: MOST_SEGMENTS }]);
  if (seconds > MOST_HOURS * 3600)
    return err([{ path: "blocks", code: "lasts-too-long", hours: MOST_HOURS }]);
  for (const block of doc.blocks) sound?.add(block);
  return ok(doc);
}

/** Blocks that were found valid, for as long as they are held by somebody; of one library each. */
export class SoundBlocks {
  readonly #byLibrary = new WeakMap<MoveBook, WeakSet<object>>();

  of(library: MoveBook): WeakSet<object> {
    const there = this.#byLibrary.get(library) ?? new WeakSet();
    this.#byLibrary.set(library, there);
    return there;
  }
}

/** An empty book, for documents whose moves are all given by name. */
export const EMPTY_BOOK: MoveBook = makeBook([]);

/** Own moves whose id and name can be used, so that one bad move doesn't make every slot a fault too. */
function soundMoves(value: unknown): (KnownMove & { id: string })[] {
  if (!Array.isArray(value)) return [];
  return value
    .slice(0, OWN_MOVES.most)
    .filter((move) => isObject(move) && typeof move.id === "string" && typeof move.name === "string")
    .map((move) => {
      const links = Array.isArray(move.links) ? move.links.slice(0, LINKS.most).filter(isSoundLink) : [];
      return { ...move, links };
    });
}

function isSoundLink(link: unknown): boolean {
  return isObject(link) && typeof link.to === "string" && LINK_KINDS.some((kind) => kind === link.kind);
}

function checkPromise(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  checkKey(faults, path, value, "minutes", (p, v) => checkWhole(faults, p, v, { least: 1, most: 600 }));
  checkKey(faults, path, value, "moves", (p, v) => checkWhole(faults, p, v, { least: 0, most: 1000 }));
  checkKey(faults, path, value, "focus", (p, v) =>
    checkList(faults, p, v, FOCUS_LIST, (q, w) => checkOneOf(faults, q, w, FOCUSES)),
  );
  checkKey(faults, path, value, "kit", (p, v) =>
    checkList(faults, p, v, KIT_LIST, (q, w) => checkOneOf(faults, q, w, KIT_TYPES)),
  );
}

function checkOverruled(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  for (const name of ["slot", "person", "move"]) {
    checkKey(faults, path, value, name, (p, v) => checkText(faults, p, v, { least: 1, most: 100 }), true);
  }
}

function checkAcknowledged(faults: Faults, path: string, value: unknown): void {
  if (!checkObject(faults, path, value)) return;
  for (const name of ["code", "reason", "of"]) {
    checkKey(faults, path, value, name, (p, v) => checkText(faults, p, v), true);
  }
  checkKey(faults, path, value, "where", (p, v) => checkObject(faults, p, v), true);
}

function checkOwnMoves(faults: Faults, path: string, value: unknown): void {
  const first = new Map<unknown, string>();
  checkList(faults, path, value, OWN_MOVES, (p, v) => {
    checkOwnMove(faults, p, v);
    if (isObject(v)) checkUnique(faults, at(p, "id"), v.id, p, first, "moves");
  });
}

interface Seen {
  readonly blocks: Map<unknown, string>;
  readonly slots: Map<unknown, string>;
}

function checkUnique(
  faults: Faults,
  path: string,
  id: unknown,
  owner: string,
  seen: Map<unknown, string>,
  what: string,
): void {
  if (typeof id !== "string" || id === "") return;
  const first = seen.get(id);
  if (first !== undefined) faults.add(path, { code: "not-unique", what, first });
  else seen.set(id, owner);
}

function checkBlock(
  faults: Faults,
  path: string,
  value: unknown,
  book: MoveBook,
  seen: Seen,
  sound?: WeakSet<object>,
): void {
  if (!checkObject(faults, path, value)) return;
  if (sound?.has(value)) {
    checkUnique(faults, at(path, "id"), value.id, path, seen.blocks, "blocks");
    for (const [i, slot] of slotsOf(value as unknown as Block).entries())
      checkUnique(faults, `${path}.slots[${i}].id`, slot.id, `${path}.slots[${i}]`, seen.slots, "slots");
    return;
  }
  const key = (name: string, check: (path: string, value: unknown) => unknown, required = false) =>
    checkKey(faults, path, value, name, check, required);
  key("id", (p, v) => checkText(faults, p, v, { least: 1, most: 200 }), true);
  checkUnique(faults, at(path, "id"), value.id, path, seen.blocks, "blocks");
  key("title", (p, v) => checkText(faults, p, v, { least: 0, most: 120 }), true);
  key("role", (p, v) => checkOneOf(faults, p, v, ROLES));
  key("demoAt", (p, v) => checkOneOf(faults, p, v, ["block", "slot"]));
  key("loop", (p, v) => checkOneOf(faults, p, v, ["lap", "station"]));
  key("atEnd", (p, v) => checkOneOf(faults, p, v, ["run", "wait"]));
  key("pace", (p, v) => checkOneOf(faults, p, v, ["clock", "own"]));
  key("stacked", (p, v) => checkBoolean(faults, p, v));
  for (const name of ["brief", "demo", "prepare", "after"])
    key(name, (p, v) => checkWhole(faults, p, v, TIME));
  for (const name of ["rest", "longRest"]) key(name, (p, v) => checkSpan(faults, p, v, TIME));
  for (const name of ["restMove", "longRestMove"]) key(name, (p, v) => checkMoveRef(faults, p, v, book));
  key("cap", (p, v) => checkWhole(faults, p, v, { ...TIME, least: 1 }));
  key("locked", (p, v) =>
    checkList(faults, p, v, LOCKS, (q, w) => checkText(faults, q, w, { least: 1, most: 100 })),
  );
  key("heart", (p, v) => checkBoolean(faults, p, v));
  key("least", (p, v) => {
    if (checkObject(faults, p, v))
      checkKey(faults, p, v, "rounds", (q, w) => checkWhole(faults, q, w, ROUNDS));
  });
  let roundsFine = true;
  key("rounds", (p, v) => {
    roundsFine = checkSpan(faults, p, v, ROUNDS);
  });
  const capped = value.cap !== undefined;
  if (capped && value.loop === "station") faults.add(at(path, "loop"), { code: "not-with-cap" });
  const roundsMax = roundsFine && !capped ? spanTriple(value.rounds as Span | undefined, 1).max : null;
  checkSlots(faults, path, value, book, seen, capped, roundsMax);
}

function checkSlots(
  faults: Faults,
  path: string,
  block: Json,
  book: MoveBook,
  seen: Seen,
  capped: boolean,
  roundsMax: number | null,
): void {
  const where = at(path, "slots");
  const quiet = isPause(block);
  if (block.slots === undefined) {
    if (!quiet) faults.add(where, { code: "missing" });
    return;
  }
  const slots = Array.isArray(block.slots) ? block.slots : [];
  const context = {
    book,
    capped,
    roundsMax,
    blockSlotIds: slots.map((slot) => (isObject(slot) ? slot.id : undefined)),
  };
  const appearing: SlotRounds[] = [];
  const bounds = quiet ? { ...SLOTS, least: 0 } : SLOTS;
  checkList(faults, where, block.slots, bounds, (p, v) => {
    appearing.push(checkSlot(faults, p, v, context));
    if (isObject(v)) checkUnique(faults, at(p, "id"), v.id, p, seen.slots, "slots");
  });
  if (block.loop !== "station" && roundsMax !== null && appearing.length > 0) {
    const empty = emptyRound(appearing, roundsMax);
    if (empty !== null) faults.add(at(path, "rounds"), { code: "empty-round", round: empty });
  }
}

/** The first round in which no slot appears, or null. Unknown lists count as every round. */
function emptyRound(appearing: readonly SlotRounds[], roundsMax: number): number | null {
  if (appearing.some((rounds) => typeof rounds === "string")) return null;
  const filled = new Set(appearing.flat());
  for (let round = 1; round <= roundsMax; round += 1) if (!filled.has(round)) return round;
  return null;
}
