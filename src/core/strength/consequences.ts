/** What the table of strengths says that people do: what a coach looks at, line by line. */
import { MARKS, type Mark, type Person } from "../homes/home";
import { type MoveBook, makeBook } from "../moves/book";
import type { Move } from "../moves/move";
import { maximumAt, Strengths } from "./belief";
import { loadMoved, repsAt } from "./load";
import { MOST_TOLD, wantedKg } from "./predict";
import { type ScaledMove, scaledMove } from "./scaled";

export const CONSEQUENCE_KG = [55, 72, 95] as const;
export const CONSEQUENCE_REPS = 10;
export const CONSEQUENCE_RESERVE = 2;

/** Kilograms of each thing for 10 reps with 2 left; where nothing is held, or nothing is wanted, reps of the body alone. */
export type Consequence = { readonly kg: number } | { readonly reps: number };

export interface ConsequenceRow {
  readonly move: Move;
  /** By level, by mass in the order of `CONSEQUENCE_KG`. */
  readonly by: Readonly<Record<Mark, readonly Consequence[]>>;
}

function consequence(
  strengths: Strengths,
  move: Move,
  { strength }: ScaledMove,
  bodyKg: number,
): Consequence {
  const belief = strengths.of(move);
  if (!belief) throw new RangeError(`${move.id} isn't on the scale`);
  const kg = wantedKg(belief, strength, bodyKg, CONSEQUENCE_REPS, CONSEQUENCE_RESERVE);
  if (kg !== null && kg > 0) return { kg };
  const reps = repsAt(maximumAt(belief, 0), loadMoved(strength, bodyKg, 0), CONSEQUENCE_RESERVE);
  return { reps: reps ?? 0 };
}

/** A row for every move of a book that stands on the scale, in its order, for people without known sets. */
export function consequences(
  moves: readonly Move[],
  book: MoveBook = makeBook(moves),
): readonly ConsequenceRow[] {
  const people = MARKS.map(
    (mark) =>
      [
        mark,
        CONSEQUENCE_KG.map((bodyKg) => {
          const person: Person = { id: "p", name: "Somebody", mark, bodyKg };
          return { bodyKg, strengths: new Strengths(person, book, "2000-01-01") };
        }),
      ] as const,
  );
  return moves.flatMap((move) => {
    const scaled = scaledMove(move);
    if (!scaled) return [];
    const by = people.map(([mark, ones]) => [
      mark,
      ones.map(({ bodyKg, strengths }) => consequence(strengths, move, scaled, bodyKg)),
    ]);
    return [{ move, by: Object.fromEntries(by) as ConsequenceRow["by"] }];
  });
}

function told(one: Consequence): string {
  if ("kg" in one) return `${one.kg.toFixed(1)} kg`;
  return one.reps > MOST_TOLD ? `${MOST_TOLD}+` : `${one.reps} reps`;
}

/** The table as Markdown, a line a move: what is held, and by level what people of 55, 72 and 95 kg do. */
export function consequenceLines(moves: readonly Move[], book?: MoveBook): readonly string[] {
  const lines = consequences(moves, book).map(({ move, by }) => {
    const cells = MARKS.map((mark) => by[mark].map(told).join(" · "));
    return `| ${move.name} | ${move.strength?.held ?? 0} | ${cells.join(" | ")} |`;
  });
  return ["| move | held | flat | natural | sharp |", "| --- | --- | --- | --- | --- |", ...lines];
}
