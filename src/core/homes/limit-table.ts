/** Every limit against every move, as lines that a coach can read through. */

import { bodyOf } from "../moves/body";
import type { KnownMove } from "../moves/book";
import { PATTERNS, type Pattern } from "../moves/move";
import { isEffortHold } from "./care";
import { EXAMPLE_KITS, homeWith } from "./example-kits";
import { fillingsOf } from "./fillings";
import { homeIndex } from "./home-index";
import { excludes, LIMITS, type Limit } from "./limits";

/** excluded; less: its dose or load is held down; open: nothing changes. */
export type Verdict = "excluded" | "less" | "open";

const GLYPH: Record<Verdict, string> = { excluded: "x", less: "d", open: "." };

/** What a limit does to a move, for whoever does it. */
export function verdictOf(limit: Limit, move: KnownMove): Verdict {
  if (excludes(limit, move)) return "excluded";
  const less =
    (limit === "no-long-holds" && isEffortHold(move)) ||
    (limit === "no-straining" && (isEffortHold(move) || move.strength !== undefined)) ||
    (limit === "no-gripping" && bodyOf(move)?.grip === "light");
  return less ? "less" : "open";
}

/** A line a move under its pattern, a column a limit; what the columns are stands above. */
export function limitLines(moves: readonly KnownMove[]): readonly string[] {
  const width = Math.max(...moves.map(({ id }) => (id ?? "").length));
  const heads = LIMITS.map((_, i) => `${i + 1}`.padStart(2));
  return [
    ...LIMITS.map((limit, i) => `${`${i + 1}`.padStart(2)} ${limit}`),
    "x excluded, d with less of a dose or a lighter thing, . as it is",
    ...PATTERNS.flatMap((pattern) => [
      "",
      `${pattern.padEnd(width)} ${heads.join(" ")}`,
      ...moves
        .filter((move) => move.pattern === pattern)
        .map((move) => {
          const cells = LIMITS.map((limit) => ` ${GLYPH[verdictOf(limit, move)]}`);
          return `${(move.id ?? "").padEnd(width)} ${cells.join(" ")}`;
        }),
    ]),
  ];
}

/** Patterns in which a limit leaves no way to a home with one kind of kit. */
export function patternsMissing(
  limit: Limit,
  kind: (typeof EXAMPLE_KITS)[number],
  moves: readonly KnownMove[],
): readonly Pattern[] {
  const home = homeIndex(homeWith(kind, { limits: [limit] }));
  const open = moves.filter((move) => !move.gym && !excludes(limit, move));
  return PATTERNS.filter(
    (pattern) =>
      !open.some((move) => move.pattern === pattern && fillingsOf(move.needs, home).list.length > 0),
  );
}

/** The same for all limits and kinds of kit, as the rows of a table for the documentation. */
export function missingLines(moves: readonly KnownMove[]): readonly string[] {
  const cell = (missing: readonly Pattern[]) => (missing.length === 0 ? "all" : `no ${missing.join(", ")}`);
  return [
    `| limit | ${EXAMPLE_KITS.join(" | ")} |`,
    `| --- | ${EXAMPLE_KITS.map(() => "---").join(" | ")} |`,
    ...LIMITS.map(
      (limit) =>
        `| ${limit} | ${EXAMPLE_KITS.map((kind) => cell(patternsMissing(limit, kind, moves))).join(" | ")} |`,
    ),
  ];
}
