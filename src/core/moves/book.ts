import { distance } from "fastest-levenshtein";
import type { Link, Move, MoveFacts, MoveRef, NamedMove } from "./move";

/** A move as far as it is known: library moves know everything, others what was given. */
export interface KnownMove extends Partial<MoveFacts> {
  /** null for a move that is given by name only. */
  readonly id: string | null;
  readonly name: string;
  readonly repSeconds: number;
  /** Of a sequence its moves, in turn: a limit that excludes one excludes the whole. */
  readonly parts?: readonly KnownMove[];
  /** What else people call it. */
  readonly aliases?: readonly string[];
  /** Of a move by name: the id of the one it is like. */
  readonly like?: string;
}

/** Seconds of a rep of a move given by name without its own. */
export const DEFAULT_REP_SECONDS = 3;

/** The moves that a document may name: the library, with the class's own before it. */
export interface MoveBook {
  readonly moves: readonly KnownMove[];
  get(id: string): KnownMove | undefined;
}

/** A book of these moves; a later move with an id that is taken replaces the earlier one. */
export function makeBook(moves: readonly (KnownMove & { readonly id: string })[]): MoveBook {
  const byId = new Map(moves.map((move) => [move.id, move]));
  return { moves: [...byId.values()], get: (id) => byId.get(id) };
}

/** The moves that a session keeps, by their ids; those that only the class itself names have none. */
export function bookOf(moves: readonly KnownMove[]): MoveBook {
  return makeBook(moves.flatMap((move) => (move.id === null ? [] : [{ ...move, id: move.id }])));
}

const INVERSE = { easier: "harder", harder: "easier", swap: "swap" } as const;

/** The same moves with every link also in the other direction: what is harder one way is easier the other. */
function linkedBack(moves: readonly (KnownMove & { readonly id: string })[], own: ReadonlySet<string>) {
  const back = new Map<string, Link[]>();
  for (const move of moves) {
    if (!own.has(move.id)) continue;
    for (const link of move.links ?? []) {
      const kind = INVERSE[link.kind];
      const list = back.get(link.to) ?? [];
      list.push({ to: move.id, kind, how: link.how });
      back.set(link.to, list);
    }
  }
  return moves.map((move) => {
    const more = (back.get(move.id) ?? []).filter(
      (link) => !(move.links ?? []).some((known) => known.to === link.to),
    );
    return more.length > 0 ? { ...move, links: [...(move.links ?? []), ...more] } : move;
  });
}

/** The book with own moves added, linked both ways. Gives the same book where there are none. */
export function bookWith(
  book: MoveBook,
  own: readonly (Partial<Move> & { id: string; name: string })[] | undefined,
): MoveBook {
  if (!own || own.length === 0) return book;
  const added = own.map((move) => ({ ...move, repSeconds: move.repSeconds ?? DEFAULT_REP_SECONDS }));
  const ids = new Set(own.map((move) => move.id));
  const others = (book.moves as (KnownMove & { id: string })[]).filter((move) => !ids.has(move.id));
  return makeBook(linkedBack([...others, ...added], ids));
}

/** What carries moves of its own: a class. */
interface WithMoves {
  readonly moves?: readonly Move[];
}

const books = new WeakMap<WithMoves, WeakMap<MoveBook, MoveBook>>();

/** The library with a class's own moves; the same book for the same document, so that what hangs on it stays known. */
export function bookFor(doc: WithMoves, library: MoveBook): MoveBook {
  if (!doc.moves || doc.moves.length === 0) return library;
  const there = books.get(doc) ?? new WeakMap<MoveBook, MoveBook>();
  books.set(doc, there);
  const book = there.get(library) ?? bookWith(library, doc.moves);
  there.set(library, book);
  return book;
}

/** The move that a slot names. An id that the book doesn't have gives a move known by that name only. */
export function resolveMove(ref: MoveRef, book: MoveBook): KnownMove {
  if (typeof ref === "string") {
    return book.get(ref) ?? { id: null, name: ref, repSeconds: DEFAULT_REP_SECONDS };
  }
  const there = namedMoves.get(ref) ?? new WeakMap<MoveBook, KnownMove>();
  namedMoves.set(ref, there);
  const move = there.get(book) ?? named(ref, book);
  there.set(book, move);
  return move;
}

/** Moves by name with all that they take over; the same for the same name in a document, so that it is told as one. */
const namedMoves = new WeakMap<NamedMove, WeakMap<MoveBook, KnownMove>>();

/** What a move by name states, over what the one it is like has; that one is a swap of it. */
function named(ref: NamedMove, book: MoveBook): KnownMove {
  const like = ref.like === undefined ? undefined : book.get(ref.like);
  const repSeconds = ref.repSeconds ?? like?.repSeconds ?? DEFAULT_REP_SECONDS;
  if (!like) return { ...ref, id: null, repSeconds };
  const swap: Link = { to: like.id as string, kind: "swap", how: "kit" };
  return {
    ...withoutStale(ref, like),
    ...ref,
    links: ref.links ?? [swap, ...(like.links ?? [])],
    id: null,
    repSeconds,
  };
}

/** Facts of the other move, but for what hangs on words or on a position that the name states otherwise. */
function withoutStale({ position, loads }: NamedMove, like: KnownMove): KnownMove {
  if (position === undefined && loads === undefined) return like;
  const { body: _body, ...rest } = like;
  return rest;
}

/** The ids nearest to a misspelt one, best first: at most three, none that has little in common. */
export function nearestIds(id: string, book: MoveBook): string[] {
  const wanted = id.toLowerCase().slice(0, 60);
  return book.moves
    .flatMap((move) => (move.id === null ? [] : [{ id: move.id, far: nearness(wanted, move.id) }]))
    .filter((entry) => entry.far <= Math.max(2, wanted.length / 2))
    .sort((a, b) => a.far - b.far || (a.id < b.id ? -1 : 1))
    .slice(0, 3)
    .map((entry) => entry.id);
}

/** Edit distance, less where one contains the other ("row" finds "band-row"). */
function nearness(wanted: string, id: string): number {
  const far = distance(wanted, id);
  return wanted.length >= 3 && id.includes(wanted) ? Math.min(far, 1) : far;
}
