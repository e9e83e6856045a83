/**
 * An earlier log of one person as a table: `date, move, kg, reps, seconds, rir`, a line a set. Moves by id or by any name
 * that the library knows them by. Every fault by line; what is sound is given all the same.
 */
import Papa from "papaparse";
import type { WorkingSet } from "../homes/home";
import type { MoveBook } from "../moves/book";
import { exactMove, findMoves } from "../moves/find";
import { unguarded } from "./csv-cells";

export const SET_COLUMNS = ["date", "move", "kg", "reps", "seconds", "rir"] as const;
type Column = (typeof SET_COLUMNS)[number];
type Line = Partial<Record<Column, string>>;

export type SetFaultCode =
  | "no-column"
  | "unknown-column"
  | "no-date"
  | "no-move"
  | "no-number"
  | "reps-or-seconds"
  | "too-many"
  | "table";

export interface SetFault {
  readonly line: number;
  readonly column: string;
  readonly code: SetFaultCode;
  /** What stood there, and for a move the nearest names. */
  readonly text: string;
  readonly near: readonly string[];
}

export interface SetsTable {
  readonly sets: readonly WorkingSet[];
  readonly faults: readonly SetFault[];
}

/** Lines of one table; a year of every day. */
const MOST_LINES = 5000;
const LIMITS: Readonly<Record<"kg" | "reps" | "seconds" | "rir", readonly [number, number]>> = {
  kg: [0, 500],
  reps: [1, 1000],
  seconds: [1, 7200],
  rir: [0, 10],
};
const OTHER_NAMES: Readonly<Record<string, Column>> = {
  day: "date",
  exercise: "move",
  weight: "kg",
  "weight kg": "kg",
  "kg each": "kg",
  rep: "reps",
  s: "seconds",
  left: "rir",
};

const columnOf = (heading: string) => {
  const name = heading.trim().toLowerCase().replace(/_/g, " ");
  return OTHER_NAMES[name] ?? name;
};

/** `2026-11-02` and `2.11.2026` alike; null where the calendar has no such day. */
export function dayIn(text: string): string | null {
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(text);
  const dotted = /^(\d{1,2})\.(\d{1,2})\.(\d{4})$/.exec(text);
  const [year, month, day] = iso ? iso.slice(1) : dotted ? [dotted[3], dotted[2], dotted[1]] : [];
  if (year === undefined) return null;
  const made = `${year}-${month?.padStart(2, "0")}-${day?.padStart(2, "0")}`;
  const at = new Date(`${made}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === made ? made : null;
}

/** Reads one line; null where something of it is wrong. */
function setOf(line: Line, n: number, book: MoveBook, faults: SetFault[]): WorkingSet | null {
  const before = faults.length;
  const cell = (column: Column) => unguarded(line[column] ?? "").trim();
  const fault = (column: Column, code: SetFaultCode, near: readonly string[] = []) =>
    faults.push({ line: n, column, code, text: cell(column), near });
  const date = dayIn(cell("date"));
  if (date === null) fault("date", "no-date");
  const move = book.get(cell("move")) ?? exactMove(cell("move"), book);
  if (!move?.id)
    fault(
      "move",
      "no-move",
      findMoves(cell("move"), book)
        .slice(0, 3)
        .map((found) => found.move.name),
    );
  const number = (column: keyof typeof LIMITS): number | undefined => {
    const text = cell(column).replace(",", ".");
    if (text === "") return undefined;
    const value = Number(text);
    const [least, most] = LIMITS[column];
    const whole = column === "reps" || column === "seconds";
    if (Number.isFinite(value) && value >= least && value <= most && (!whole || Number.isInteger(value)))
      return value;
    fault(column, "no-number");
    return undefined;
  };
  const [kg, reps, seconds, rir] = [number("kg"), number("reps"), number("seconds"), number("rir")];
  const isOne = (reps === undefined) !== (seconds === undefined);
  if (!isOne && faults.length === before) fault("reps", "reps-or-seconds");
  if (faults.length > before || date === null || !move?.id) return null;
  return {
    move: move.id,
    ...(kg === undefined || kg === 0 ? {} : { kg }),
    ...(reps === undefined ? { seconds: seconds as number } : { reps }),
    ...(rir === undefined ? {} : { rir }),
    date,
  };
}

/** Reads a table of sets. */
export function readSetsCsv(text: string, book: MoveBook): SetsTable {
  const parsed = Papa.parse<Line>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: columnOf,
  });
  const none = { near: [], text: "" };
  const headings = parsed.meta.fields ?? [];
  const faults: SetFault[] = (["date", "move"] as const)
    .filter((column) => !headings.includes(column))
    .map((column) => ({ line: 1, column, code: "no-column", ...none }));
  for (const heading of headings)
    if (!(SET_COLUMNS as readonly string[]).includes(heading))
      faults.push({ line: 1, column: heading, code: "unknown-column", ...none });
  if (faults.some(({ code }) => code === "no-column")) return { sets: [], faults };
  if (parsed.data.length > MOST_LINES)
    return { sets: [], faults: [{ line: MOST_LINES + 2, column: "", code: "too-many", ...none }] };
  const sets = parsed.data.flatMap((line, i) => setOf(line, i + 2, book, faults) ?? []);
  return { sets, faults: faults.sort((a, b) => a.line - b.line) };
}

/** Sets that aren't known yet, and known ones with them, by day: the same table again adds nothing. */
export function withSets(
  known: readonly WorkingSet[],
  read: readonly WorkingSet[],
  most: number,
): { readonly sets: readonly WorkingSet[]; readonly added: number } {
  const key = (set: WorkingSet) => JSON.stringify(Object.entries(set).sort());
  const there = new Set(known.map(key));
  const fresh = read.filter((set) => !there.has(key(set)) && there.add(key(set)));
  const all = [...known, ...fresh].sort((a, b) =>
    (a.date ?? "") < (b.date ?? "") ? -1 : (a.date ?? "") > (b.date ?? "") ? 1 : 0,
  );
  // Where there are too many the oldest go: of a move only the latest teach.
  return { sets: all.slice(Math.max(0, all.length - most)), added: fresh.length };
}
