/** An easier or harder way, and the instructor's alternatives, as she reads them: at the Desk and on paper. */
import { type Alternative, alternativesOf, type Load, type Slot, type Way } from "../core/class/document";
import { type MoveBook, resolveMove } from "../core/moves/book";
import { spanText } from "../core/values/span";
import { stopText } from "./dose-words";
import type { Words } from "./words";

/** A load as it is written: `light`, `8 kg`, `2 in reserve`. */
export function loadText({ target, kg, rir, rpe }: Load, words: Words): string {
  if (target !== undefined) return words.phrase("way", "target", { target });
  if (kg !== undefined) return words.phrase("way", "kg", { kg: words.number(kg) });
  return rir === undefined
    ? words.phrase("way", "rpe", { rpe: words.number(rpe ?? 0) })
    : words.phrase("way", "rir", { rir: words.number(rir) });
}

/** All of a way, what is done first: `Knee press-up · 6–8 reps · at 3-0-1-0 · first 2 rounds`; empty where there is nothing. */
export function levelText(way: Way | undefined, book: MoveBook, words: Words): string {
  if (!way) return "";
  const { move, reps, seconds, tempo, load, rounds, note } = way;
  return [
    move === undefined ? "" : resolveMove(move, book).name,
    reps === undefined ? "" : words.phrase("way", "reps", { span: spanText(reps) }),
    stopText(seconds, words),
    tempo === undefined ? "" : words.phrase("way", "tempo", { tempo }),
    load === undefined ? "" : loadText(load, words),
    rounds === undefined ? "" : words.phrase("way", "rounds", { rounds }),
    note ?? "",
  ]
    .filter(Boolean)
    .join(" · ");
}

function alternativeText({ move, note }: Alternative, book: MoveBook): string {
  const { name } = resolveMove(move, book);
  return note ? `${name} (${note})` : name;
}

/** What the instructor says to who can't, or leaves to choose: `who can’t: Slow climber, else Toe touch`; empty where nothing is. */
export function alternativesText(slot: Slot, book: MoveBook, words: Words): string {
  const ways = alternativesOf(slot).map((alternative) => alternativeText(alternative, book));
  const [first, ...others] = ways;
  if (first === undefined) return "";
  const code = slot.choice ? "choice" : "else";
  const all = others.reduce((said, way) => words.phrase("way", `${code}Or`, { said, way }), first);
  return words.phrase("way", slot.choice ? "choice" : "whoCant", { ways: all });
}
