/** The three ways of every slot in words, for a screen that everybody sees: as set, an easier and a harder one. */
import { type ClassDoc, type Slot, slotsOf, type Way, wayAt } from "../class/document";
import { stopText } from "../class/dose-text";
import { type MoveBook, resolveMove } from "../moves/book";
import { tempoWords } from "../values/tempo";

export interface ThreeWays {
  readonly flat: string;
  readonly natural: string;
  readonly sharp: string;
}

function wayText(way: Way | null, slot: Slot, kind: "easier" | "harder", book: MoveBook): string {
  if (way?.note) return way.note;
  if (way?.move !== undefined) return resolveMove(way.move, book).name;
  if (way?.seconds !== undefined) return stopText(way.seconds);
  if (way?.tempo !== undefined) return tempoWords(way.tempo);
  const move = resolveMove(slot.move, book);
  const link = (book.get(move.id ?? "") ?? move).links?.find((entry) => entry.kind === kind);
  return (link && book.get(link.to)?.name) ?? (kind === "easier" ? "slower, smaller" : "");
}

/** By slot id. What the class itself says comes first, then the library's nearest way; no person is in it. */
export function threeWays(doc: ClassDoc, book: MoveBook): Readonly<Record<string, ThreeWays>> {
  return Object.fromEntries(
    doc.blocks.flatMap((block) =>
      slotsOf(block).map((slot) => [
        slot.id,
        {
          flat: wayText(wayAt(slot, "flat"), slot, "easier", book),
          natural: resolveMove(slot.move, book).name,
          sharp: wayText(wayAt(slot, "sharp"), slot, "harder", book),
        },
      ]),
    ),
  );
}
