/** What a reader of a plan isn't sure of, in words. */
import { type MoveBook, resolveMove } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Note } from "../core/notation/note";
import type { Words } from "./words";

/** A note as a sentence, without its place. `library`: by which moves are named. */
export function noteText(note: Note, words: Words, library: MoveBook = LIBRARY_BOOK): string {
  const nameOf = (id: string) => resolveMove(id, library).name;
  const { code, text } = note;
  const near = "near" in note && note.near.length > 0 ? words.or(note.near.map(nameOf)) : "";
  const args = {
    text,
    near,
    nearAny: near === "" ? "no" : "yes",
    move: "move" in note ? nameOf(note.move) : "",
    ...(code === "list-length"
      ? { count: Number(text), sets: note.sets, more: Number(text) > note.sets ? "yes" : "no" }
      : {}),
  };
  return words.phrase("planNote", code, args);
}

/** Where it stands: `line 3, 3–16`. */
export function noteWhere({ place }: Note, words: Words): string {
  return words.phrase("plan", "where", {
    line: place.line,
    from: place.from,
    to: Math.max(place.from, place.to - 1),
  });
}
