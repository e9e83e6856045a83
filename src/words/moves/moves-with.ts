/**
 * Moves, and what is made of them, with the texts of a language. Only what the library itself says is put into another:
 * what an instructor wrote stays as it was written.
 */
import type { SessionContent } from "../../core/live/session";
import { type KnownMove, type MoveBook, makeBook } from "../../core/moves/book";
import { LIBRARY_BOOK } from "../../core/moves/library";
import type { Part, PartSlot } from "../../core/parts/part";
import type { CallReason } from "../../core/reasons/call-reasons";
import type { MoveName } from "../../core/reasons/value";
import type { CallLine } from "../../core/shape/call-sheet";
import { replaced } from "../replaced";

/** What the library's moves are called and say in one language. */
export interface MoveTexts {
  /** By move id. */
  readonly names: Readonly<Record<string, string>>;
  /** What else people call it, by move id; found as the English names are. */
  readonly aliases: Readonly<Record<string, readonly string[]>>;
  /** Cues, cautions, steps and, in a whole language, faults, by the English sentence: the same one stands in many moves. */
  readonly sentences: Readonly<Record<string, string>>;
}

/** A library move's name; the one that is given for a move that isn't the library's or was named anew. */
export function nameWith(id: string | null, name: string, { names }: MoveTexts): string {
  if (id === null || LIBRARY_BOOK.get(id)?.name !== name) return name;
  return names[id] ?? name;
}

const LISTS = ["cues", "faults", "cautions", "steps"] as const;

/** A move with its name, cues, cautions and steps; found by its English names too. */
export function moveWith(move: KnownMove, texts: MoveTexts): KnownMove {
  const name = nameWith(move.id, move.name, texts);
  const lists = LISTS.flatMap((list) => {
    const said = move[list];
    return said ? [[list, said.map((text) => texts.sentences[text] ?? text)] as const] : [];
  });
  const own = move.id === null ? [] : (texts.aliases[move.id] ?? []);
  const aliases = [...own, ...(name === move.name ? [] : [move.name]), ...(move.aliases ?? [])];
  return {
    ...move,
    name,
    ...Object.fromEntries(lists),
    ...(aliases.length > 0 ? { aliases } : {}),
    ...(move.parts ? { parts: move.parts.map((part) => moveWith(part, texts)) } : {}),
  };
}

const books = new WeakMap<MoveBook, WeakMap<MoveTexts, MoveBook>>();

/** A book with its moves' texts; the same one each time. */
export function bookWithTexts(book: MoveBook, texts: MoveTexts): MoveBook {
  const made = books.get(book) ?? new WeakMap<MoveTexts, MoveBook>();
  books.set(book, made);
  const there =
    made.get(texts) ??
    makeBook(book.moves.map((move) => ({ ...moveWith(move, texts), id: move.id as string })));
  made.set(texts, there);
  return there;
}

const isMoveName = (value: object): value is MoveName =>
  "id" in value && "name" in value && typeof value.name === "string" && Object.keys(value).length === 2;

/** A reason, or anything that holds reasons, with the moves that it tells of, however deep they stand. */
export const reasonWith = <R>(reason: R, texts: MoveTexts): R =>
  replaced(reason, (value) =>
    isMoveName(value) ? { ...value, name: nameWith(value.id, value.name, texts) } : null,
  );

function slotWith(own: PartSlot, texts: MoveTexts): PartSlot {
  return {
    ...own,
    name: nameWith(own.move, own.name, texts),
    why: reasonWith(own.why, texts),
    loadReason: reasonWith(own.loadReason, texts),
    adjust: reasonWith(own.adjust, texts),
    instead: own.instead.map((way) => ({ ...way, name: nameWith(way.move, way.name, texts) })),
    ...(own.choices ? { choices: own.choices.map((way) => slotWith(way, texts)) } : {}),
  };
}

/** What is said in a class, with what the library says of its moves. */
export function callsWith(lines: readonly CallLine[], texts: MoveTexts): readonly CallLine[] {
  const said = (reason: CallReason): CallReason =>
    reason.code === "cue"
      ? { ...reason, text: texts.sentences[reason.text] ?? reason.text }
      : reasonWith(reason, texts);
  return lines.map((line) => ({ ...line, says: line.says.map(said) }));
}

/** Makes something of a thing and some texts once: what stays the same thing stays so with its texts. */
export function onceEach<T extends object>(
  make: (thing: T, texts: MoveTexts) => T,
): (thing: T, texts: MoveTexts) => T {
  const known = new WeakMap<MoveTexts, WeakMap<T, T>>();
  return (thing, texts) => {
    const own = known.get(texts) ?? new WeakMap<T, T>();
    known.set(texts, own);
    const made = own.get(thing) ?? make(thing, texts);
    own.set(thing, made);
    return made;
  };
}

/** A part with the moves' names; the same for the same part. */
export const partWith = onceEach(
  (part: Part, texts): Part => ({ ...part, slots: part.slots.map((own) => slotWith(own, texts)) }),
);

/** What a session is taught from, its moves with their texts. */
export function contentWith<C extends SessionContent>(content: C, texts: MoveTexts): C {
  const partsWith = (parts: readonly Part[]) => parts.map((part) => partWith(part, texts));
  const { flat, natural, sharp } = content.partsByMark;
  return {
    ...content,
    moves: content.moves.map((move) => moveWith(move, texts)),
    parts: partsWith(content.parts),
    partsByMark: { flat: partsWith(flat), natural: partsWith(natural), sharp: partsWith(sharp) },
  };
}
