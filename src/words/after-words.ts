/** What is proposed to be written after a class to those who were there. */
import type { ClassDoc } from "../core/class/document";
import type { ClassRecord } from "../core/log/record";
import { whatWasDone } from "../core/log/what-was-done";
import type { MoveBook } from "../core/moves/book";
import { blockName } from "./block-words";
import type { Words } from "./words";

/** Thanks, what was done block by block, and where to say how it was; of nobody in particular. */
export function afterText(doc: ClassDoc, record: ClassRecord, book: MoveBook, words: Words): string {
  const blocks = whatWasDone(doc, record, book).flatMap(({ block: id, rounds, moves }) => {
    const block = doc.blocks.find((entry) => entry.id === id);
    const named = words.and(moves.map(({ name }) => words.inside(name)));
    return block
      ? [words.phrase("mail", "afterBlock", { name: blockName(block, book, words), rounds, moves: named })]
      : [];
  });
  const minutes = Math.max(1, Math.round(record.tookSeconds / 60));
  return [
    ...(blocks.length > 0
      ? [words.phrase("mail", "afterThanks", { title: doc.title, minutes }), blocks.join("\n")]
      : [words.phrase("mail", "afterNothing", { title: doc.title })]),
    words.phrase("mail", "afterSay"),
  ].join("\n\n");
}
