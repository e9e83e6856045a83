/**
 * Finding moves by what people type: names and aliases first, then muscles, pattern, position and kit; word order,
 * plurals, short forms and slips of the finger don't matter. Exact before part.
 */
import { distance } from "fastest-levenshtein";
import type { KnownMove, MoveBook } from "./book";

/** A move with how well it fits, 0 to 100; at 100 the words are one of its names. */
export interface FoundMove {
  readonly move: KnownMove;
  readonly score: number;
}

/** Short forms and spellings that mean the same, word for word. */
const SAME: ReadonlyMap<string, string> = new Map(
  Object.entries({
    pushup: "push up",
    pressup: "push up",
    press: "press",
    situp: "sit up",
    chinup: "chin up",
    pullup: "pull up",
    stepup: "step up",
    deadbug: "dead bug",
    pulldown: "pull down",
    kickback: "kick back",
    db: "dumbbell",
    dbs: "dumbbell",
    kb: "kettlebell",
    kbs: "kettlebell",
    bb: "barbell",
    bw: "bodyweight",
    sl: "single leg",
    sa: "single arm",
    oh: "overhead",
    ohp: "overhead press",
    alt: "alternating",
    tricep: "triceps",
    bicep: "biceps",
    "1": "one",
    hamstrings: "hamstring",
    glutes: "glute",
  }),
);

/** Words that say nothing of which move it is, in any language that moves have names in. */
const EMPTY: ReadonlySet<string> = new Set(
  [
    "a an the with on of in at and to your each",
    "el la los las un una de del con en al",
    "der die das dem den ein eine einem einer mit auf am im an und",
    "le les un une de du des au aux avec sur et",
    "os um uma do da com em no na num numa",
  ].flatMap((words) => words.split(" ")),
);

/** Words as they are compared: no accents, signs or capitals, in the singular, short forms written out. */
export function wordsOf(text: string): readonly string[] {
  return wordsIn(plainText(text), true);
}

function plainText(text: string): string {
  return text
    .normalize("NFKD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase()
    .replaceAll("ß", "ss")
    .replaceAll("œ", "oe")
    .replace(/['’]s\b/g, "")
    .replace(/[^a-z0-9.]+/g, " ")
    .trim();
}

/** `spelt`: a press-up is a push-up. */
function wordsIn(plain: string, spelt: boolean): readonly string[] {
  const text = spelt ? ` ${plain} `.replaceAll(" press up", " push up") : plain;
  return text
    .trim()
    .split(/\s+/)
    .flatMap((word) => (SAME.get(word) ?? SAME.get(singular(word)) ?? singular(word)).split(" "))
    .filter((word) => word !== "" && !EMPTY.has(word));
}

function singular(word: string): string {
  if (
    word.length < 3 ||
    word.endsWith("ss") ||
    word.endsWith("us") ||
    word === "triceps" ||
    word === "biceps"
  )
    return word;
  if (word.endsWith("ies")) return `${word.slice(0, -3)}y`;
  if (/(ch|sh|x|ss)es$/.test(word)) return word.slice(0, -2);
  return word.endsWith("s") ? word.slice(0, -1) : word;
}

/** Slips that are forgiven in a word so long. */
function slips(length: number): number {
  return length >= 8 ? 2 : length >= 4 ? 1 : 0;
}

/** Two letters that stand side by side in each other's place: one slip, not two. */
function isTwisted(typed: string, word: string): boolean {
  if (typed.length !== word.length) return false;
  let i = 0;
  while (typed[i] === word[i] && i < typed.length) i += 1;
  return typed[i] === word[i + 1] && typed[i + 1] === word[i] && typed.slice(i + 2) === word.slice(i + 2);
}

/** How well a typed word fits another, 0 to 1: the same, its beginning, or with a slip. */
function closeness(typed: string, word: string, isLast: boolean): number {
  if (word === typed) return 1;
  if (word.startsWith(typed) && (isLast || typed.length >= 4)) return 0.9;
  const forgiven = slips(Math.min(typed.length, word.length));
  if (forgiven === 0 || Math.abs(word.length - typed.length) > forgiven) return 0;
  const far = isTwisted(typed, word) ? 1 : distance(typed, word);
  return far <= forgiven ? 0.8 - 0.05 * far : 0;
}

interface Entry {
  readonly move: KnownMove;
  /** The own name as it is typed, from its beginning. */
  readonly plain: string;
  /** Its names as places in the vocabulary, the own one first. */
  readonly names: readonly (readonly number[])[];
  /** All words of its names and of what it is, each once. */
  readonly all: readonly number[];
}

/** Every word that stands anywhere, once: what is typed is compared with each of them only one time. */
interface Index {
  readonly words: readonly string[];
  readonly entries: readonly Entry[];
  /** Moves by the words of a whole name, own names and others apart. */
  readonly exact: ReadonlyMap<string, ExactNames>;
  /** How well the words fit that were typed before: a page says the same ones over and over. */
  readonly fits: Map<string, Float64Array>;
}

interface ExactNames {
  readonly own: Set<KnownMove>;
  readonly others: Set<KnownMove>;
}

/** A name whatever the order of its words. */
const keyOf = (words: readonly string[]) => [...words].sort().join(" ");

function exactNames(book: MoveBook): ReadonlyMap<string, ExactNames> {
  const exact = new Map<string, ExactNames>();
  const put = (name: string, kind: keyof ExactNames, move: KnownMove) => {
    const key = keyOf(wordsOf(name));
    const there = exact.get(key) ?? { own: new Set(), others: new Set() };
    there[kind].add(move);
    exact.set(key, there);
  };
  for (const move of book.moves) {
    put(move.name, "own", move);
    for (const alias of move.aliases ?? []) put(alias, "others", move);
  }
  return exact;
}

/** Of an entry's names the first so many are the move's own. */
const OWN_NAMES = 2;

const indexes = new WeakMap<MoveBook, Index>();

function indexOf(book: MoveBook): Index {
  const there = indexes.get(book);
  if (there) return there;
  const places = new Map<string, number>();
  const placeOf = (word: string): number => {
    const place = places.get(word) ?? places.size;
    places.set(word, place);
    return place;
  };
  const entries = book.moves.map((move): Entry => {
    const plain = plainText(move.name);
    // As it is written too, for whoever has typed only its beginning.
    const names = [wordsOf(move.name), plain.split(" "), ...(move.aliases ?? []).map(wordsOf)].map((name) =>
      name.map(placeOf),
    );
    const { pattern = "", position = "", muscles, needs = [], id = "" } = move;
    const kit = needs.flatMap((list) => list.map(({ as }) => as));
    const about = wordsOf([pattern, position, ...(muscles?.primary ?? []), ...kit, id].join(" ")).map(
      placeOf,
    );
    return { move, plain, names, all: [...new Set([...names.flat(), ...about])] };
  });
  const made = { words: [...places.keys()], entries, exact: exactNames(book), fits: new Map() };
  indexes.set(book, made);
  return made;
}

/** For each typed word how well every word of the vocabulary fits it. */
type Fits = readonly Float64Array[];

/** Typed words that are remembered; then all are forgotten. */
const MOST_FITS = 400;

function fitsOf(typed: readonly string[], { words, fits }: Index): Fits {
  return typed.map((word, i) => {
    const isLast = i === typed.length - 1;
    const key = `${word}${isLast ? " " : ""}`;
    const there = fits.get(key);
    if (there) return there;
    if (fits.size >= MOST_FITS) fits.clear();
    const made = Float64Array.from(words, (known) => closeness(word, known, isLast));
    fits.set(key, made);
    return made;
  });
}

/**
 * The move that has just these words for a name, its own name before what others call it; null where none has, or
 * more than one: then `findMoves` tells them apart. It is the first that `findMoves` would give.
 */
export function exactMove(text: string, book: MoveBook): KnownMove | null {
  const names = indexOf(book).exact.get(keyOf(wordsOf(text)));
  const [first, second] = names && names.own.size > 0 ? names.own : (names?.others ?? []);
  return first && !second ? first : null;
}

function best(fit: Float64Array, name: readonly number[]): number {
  let most = 0;
  for (const place of name) most = Math.max(most, fit[place] as number);
  return most;
}

/** How well typed words are one name: all of both is 100; words that are left over on either side count against it. */
function nameScore(fits: Fits, name: readonly number[]): number {
  let met = 0;
  let words = 0;
  for (const fit of fits) {
    const one = best(fit, name);
    met += one;
    words += one > 0 ? 1 : 0;
  }
  if (met === 0) return 0;
  const missed = fits.length - met;
  const over = Math.max(0, name.length - words);
  return Math.max(0, 100 * (met / fits.length) - 14 * missed - 4 * over);
}

function scoreOf(fits: Fits, { names, all }: Entry): number {
  let most = 0;
  for (const [i, name] of names.entries()) {
    // The own name comes before an alias that fits as well.
    most = Math.max(most, nameScore(fits, name) - (i < OWN_NAMES ? 0 : 0.5));
  }
  let sum = 0;
  for (const fit of fits) {
    const one = best(fit, all);
    if (one === 0) return most;
    sum += one;
  }
  return Math.max(most, (50 * sum) / fits.length);
}

/** What a name gets that begins just as was typed: behind a name that is wholly typed, before all that fits in part. */
const BEGINS = 95;

/** Below this nothing in common is left. */
const LEAST = 35;

/**
 * The moves that fit, best first. `can` says how many people of the room can do a move: of two that fit alike the
 * one that more can do comes first; a way of the gym comes after one for at home.
 */
export function findMoves(
  text: string,
  book: MoveBook,
  can: (move: KnownMove) => number = () => 0,
): readonly FoundMove[] {
  const typed = wordsOf(text);
  if (typed.length === 0) return [];
  // A short form may also be the beginning of a word that isn't finished yet.
  const plain = plainText(text);
  const asIs = plain.split(" ");
  const index = indexOf(book);
  const { entries } = index;
  const readings = [typed, ...(asIs.join() === typed.join() ? [] : [asIs])].map((one) => fitsOf(one, index));
  const found = entries.flatMap((entry) => {
    const begins = plain.length > 2 && entry.plain.startsWith(plain) ? BEGINS : 0;
    const score = Math.max(begins, ...readings.map((fits) => scoreOf(fits, entry)));
    return score >= LEAST ? [{ move: entry.move, score: Math.round(score * 10) / 10 }] : [];
  });
  const home = ({ gym }: KnownMove) => (gym ? 1 : 0);
  const idOf = ({ id, name }: KnownMove) => id ?? name;
  return found.sort(
    (a, b) =>
      Math.round(b.score) - Math.round(a.score) ||
      home(a.move) - home(b.move) ||
      can(b.move) - can(a.move) ||
      a.move.name.length - b.move.name.length ||
      (idOf(a.move) < idOf(b.move) ? -1 : 1),
  );
}
