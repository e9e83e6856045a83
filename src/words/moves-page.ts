/**
 * The whole library as one page that a coach reads through: what there is for every pattern with every kind of home,
 * and each pattern from the easiest to the hardest.
 */
import { EXAMPLE_KITS, homeWith } from "../core/homes/example-kits";
import { fillingsOf } from "../core/homes/fillings";
import { MARKS } from "../core/homes/home";
import { homeIndex } from "../core/homes/home-index";
import type { MoveBook } from "../core/moves/book";
import { type Move, PATTERNS, type Pattern } from "../core/moves/move";
import {
  CONSEQUENCE_KG,
  type Consequence,
  type ConsequenceRow,
  consequences,
} from "../core/strength/consequences";
import { HOLD } from "../core/strength/judge";
import { MOST_TOLD } from "../core/strength/predict";
import { needsText } from "./need-words";
import type { Words } from "./words";

/** Ways of a pattern that a home can do, and the longest ladder among them. */
export interface Coverage {
  readonly ways: number;
  readonly steps: number;
}

/** The longest chain of harder links within these moves, counted in moves; 0 where there are none. */
function longestLadder(moves: readonly Move[]): number {
  const among = new Map(moves.map((move) => [move.id, move]));
  const known = new Map<string, number>();
  const above = (move: Move): number => {
    const there = known.get(move.id);
    if (there !== undefined) return there;
    const next = move.links.flatMap(({ kind, to }) => (kind === "harder" ? (among.get(to) ?? []) : []));
    const steps = 1 + Math.max(0, ...next.map(above));
    known.set(move.id, steps);
    return steps;
  };
  return Math.max(0, ...moves.map(above));
}

/** What every kind of home can do in a pattern, in the order of `EXAMPLE_KITS`; ways of the gym aside. */
export function coverageOf(pattern: Pattern, moves: readonly Move[]): readonly Coverage[] {
  const own = moves.filter((move) => move.pattern === pattern && !move.gym);
  return EXAMPLE_KITS.map((kind) => {
    const home = homeIndex(homeWith(kind));
    const can = own.filter(({ needs }) => fillingsOf(needs, home).list.length > 0);
    return { ways: can.length, steps: longestLadder(can) };
  });
}

/** How far up its ladders a move stands within its pattern: 0 has nothing easier. */
function rungs(moves: readonly Move[]): ReadonlyMap<string, number> {
  const among = new Map(moves.map((move) => [move.id, move]));
  const known = new Map<string, number>();
  const rung = (move: Move): number => {
    const there = known.get(move.id);
    if (there !== undefined) return there;
    const below = move.links.flatMap(({ kind, to }) => (kind === "easier" ? (among.get(to) ?? []) : []));
    const own = below.length === 0 ? 0 : 1 + Math.max(...below.map(rung));
    known.set(move.id, own);
    return own;
  };
  for (const move of moves) rung(move);
  return known;
}

const MIDDLE = CONSEQUENCE_KG.indexOf(72);

function told(one: Consequence | undefined): string {
  if (!one) return "";
  if ("kg" in one) return `${one.kg.toFixed(0)} kg`;
  return one.reps > MOST_TOLD ? `${MOST_TOLD}+` : `${Math.floor(one.reps)}`;
}

function doneBy(move: Move, row: ConsequenceRow | undefined): string {
  if (row) return MARKS.map((mark) => told(row.by[mark][MIDDLE])).join(" · ");
  const { holdSeconds } = move;
  if (holdSeconds === undefined) return "–";
  return MARKS.map((mark) => `${Math.round(holdSeconds * HOLD[mark])} s`).join(" · ");
}

function linksText(move: Move, kind: "easier" | "harder", book: MoveBook, words: Words): string {
  return move.links
    .filter((link) => link.kind === kind)
    .map(({ to, how }) => `${book.get(to)?.name ?? to} (${words.name("how", how)})`)
    .join(", ");
}

function patternLines(
  pattern: Pattern,
  moves: readonly Move[],
  doses: ReadonlyMap<string, ConsequenceRow>,
  book: MoveBook,
  words: Words,
): readonly string[] {
  const own = moves.filter((move) => move.pattern === pattern);
  const rung = rungs(own);
  const sorted = [...own].sort((a, b) => (rung.get(a.id) ?? 0) - (rung.get(b.id) ?? 0));
  const muscles = (list: Move["muscles"]["primary"]) =>
    list.map((one) => words.name("muscle", one)).join(", ");
  return [
    `## ${words.name("pattern", pattern)}`,
    "",
    "| step | move | with | works | easier | harder | skill | shown in | flat · as set · sharp |",
    "| --- | --- | --- | --- | --- | --- | --- | --- | --- |",
    ...sorted.map((move) => {
      const cells = [
        `${(rung.get(move.id) ?? 0) + 1}`,
        `${move.name}${move.gym ? " (gym)" : ""}`,
        needsText(move.needs, words),
        muscles(move.muscles.primary) || muscles(move.muscles.secondary),
        linksText(move, "easier", book, words),
        linksText(move, "harder", book, words),
        `${move.skill ?? ""}`,
        `${move.demoSeconds} s`,
        doneBy(move, doses.get(move.id)),
      ];
      return `| ${cells.join(" | ")} |`;
    }),
    "",
  ];
}

/** The page, a line each. */
export function movesPage(moves: readonly Move[], book: MoveBook, words: Words): readonly string[] {
  const doses = new Map(consequences(moves, book).map((row) => [row.move.id, row]));
  const cover = (pattern: Pattern) =>
    coverageOf(pattern, moves).map(({ ways, steps }) => (ways === 0 ? "none" : `${ways}, ${steps}`));
  return [
    "# The library",
    "",
    `${moves.length} moves, from \`./brontle moves --page\`. A step is one above the highest of what is easier in the same pattern. What people of 72 kg do: kilograms of each thing for ten reps with two left, else reps of the body alone with two left, else seconds held at the limit; – where nothing tells it.`,
    "",
    "## What there is",
    "",
    "Ways of a pattern, and moves in its longest ladder, for a home with nothing but a floor and a wall, with what every household has, and with one kind of kit. The gym's ways aside. What a limit leaves is in [limits](limits.md).",
    "",
    `| pattern | ${EXAMPLE_KITS.join(" | ")} |`,
    `| --- |${" --- |".repeat(EXAMPLE_KITS.length)}`,
    ...PATTERNS.map((pattern) => `| ${words.name("pattern", pattern)} | ${cover(pattern).join(" | ")} |`),
    "",
    ...PATTERNS.flatMap((pattern) => patternLines(pattern, moves, doses, book, words)),
  ];
}
