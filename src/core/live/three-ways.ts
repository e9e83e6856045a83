/** The three ways of every slot, for a screen that everybody sees: as set, an easier and a harder one. */
import { alternativesOf, type ClassDoc, type Slot, slotsOf, type Way, wayAt } from "../class/document";
import { type MoveBook, resolveMove } from "../moves/book";
import { nameOf } from "../reasons/named";
import type { MoveName } from "../reasons/value";
import type { Seconds } from "../units";
import type { Span } from "../values/span";

/** How a way is told: in the instructor's words, by its move, by when to stop, by its tempo, reps or rounds, or as nothing but less. */
export type WaySaid =
  | { readonly note: string }
  | { readonly move: MoveName }
  | { readonly stopSeconds: Seconds }
  | { readonly tempo: string }
  | { readonly reps: Span }
  | { readonly rounds: number }
  | "slower";

export interface ThreeWays {
  readonly flat: WaySaid;
  readonly natural: MoveName;
  /** What may be done in place of it as one likes; left out where nothing may. */
  readonly equals?: readonly MoveName[];
  readonly sharp: WaySaid | null;
}

function waySaid(way: Way | null, slot: Slot, kind: "easier" | "harder", book: MoveBook): WaySaid | null {
  if (way?.note) return { note: way.note };
  if (way?.move !== undefined) return { move: nameOf(resolveMove(way.move, book)) };
  if (way?.seconds !== undefined) return { stopSeconds: way.seconds };
  if (way?.reps !== undefined) return { reps: way.reps };
  if (way?.tempo !== undefined) return { tempo: way.tempo };
  if (way?.rounds !== undefined) return { rounds: way.rounds };
  const move = resolveMove(slot.move, book);
  const link = (book.get(move.id ?? "") ?? move).links?.find((entry) => entry.kind === kind);
  const linked = link && book.get(link.to);
  return linked ? { move: nameOf(linked) } : null;
}

/** By slot id. What the class itself says comes first, then the library's nearest way; no person is in it. */
export function threeWays(doc: ClassDoc, book: MoveBook): Readonly<Record<string, ThreeWays>> {
  return Object.fromEntries(
    doc.blocks.flatMap((block) =>
      slotsOf(block).map((slot) => [
        slot.id,
        {
          flat: waySaid(wayAt(slot, "flat"), slot, "easier", book) ?? "slower",
          natural: nameOf(resolveMove(slot.move, book)),
          ...(slot.choice
            ? { equals: alternativesOf(slot).map(({ move }) => nameOf(resolveMove(move, book))) }
            : {}),
          sharp: waySaid(wayAt(slot, "sharp"), slot, "harder", book),
        },
      ]),
    ),
  );
}
