/** The cells of a line of a roster's table as a person. */
import type { Person } from "../homes/home";
import { checkPerson } from "../homes/roster";
import type { Fault } from "../values/faults";
import { unguarded } from "./csv-cells";
import { readKit } from "./kit-words";
import { type CellFault, COLUMNS, type Column, type CsvFault, type Line } from "./roster-columns";
import { codeOf, isTerm, type TermBooks } from "./roster-terms";

const pieces = (text: string) =>
  text
    .split(/[;,]/)
    .map((piece) => piece.trim())
    .filter(Boolean);

/** A spreadsheet's guards before formula signs are taken off again. */
const plain = (cell: string) => unguarded(cell).trim();

/** A number as typed, or the text itself so that the check names it. */
function numeral(text: string): number | string {
  const value = Number(text.replace(",", "."));
  return Number.isFinite(value) ? value : text;
}

/** `goblet-squat 12 kg x10 rir 2 on 2026-11-02`, `band-row medium band x2 strands x12`, `plank 45 s`. */
const SET =
  /^(?<move>[a-z0-9-]+)(?: (?<kg>\d+(?:\.\d+)?) ?kg| (?<tension>light|medium|heavy) band(?: x(?<strands>\d+) strands)?)? ?(?:x ?(?<reps>\d+)|(?<seconds>\d+) ?s)(?: rir (?<rir>\d+(?:\.\d+)?))?(?: on (?<date>\d{4}-\d{2}-\d{2}))?$/i;

function readSet(text: string): Record<string, unknown> | null {
  const found = SET.exec(text)?.groups;
  if (!found) return null;
  const numbers = ["kg", "strands", "reps", "seconds", "rir"].map((key) => [key, number(found[key] ?? "")]);
  const { move, tension, date } = found;
  return { move, ...filled({ ...Object.fromEntries(numbers), tension: tension?.toLowerCase(), date }) };
}

/** Where in the table a fault of a person's document stands. */
function columnOf(fault: Fault): string {
  const path = fault.path.replace(/^\$\.?/, "");
  const names: Readonly<Record<string, string>> = {
    mark: "level",
    marks: "levels by pattern",
    timeZone: "time zone",
    "space.floor": "floor",
    "space.lengthM": "length m",
    "space.ceilingCm": "ceiling cm",
    "space.jumping": "jumping",
    "space.wall": "wall",
    workingSets: "working sets",
    bodyKg: "body kg",
    email: "e-mail",
  };
  const top = path.startsWith("space.") ? path : (path.split(/[.[]/)[0] ?? path);
  return names[top] ?? top;
}

/** An id for somebody who has none yet: the same name gives the same id, so a second import updates. */
export function idFromName(name: string): string {
  return name
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, "-")
    .replace(/^-|-$/g, "");
}

type Cell = (name: Column) => string;
type AddFault = (column: Column, fault: CellFault) => void;

/** A line's cells, its faults, and what their words may be. */
interface Reading {
  readonly cell: Cell;
  readonly fault: AddFault;
  readonly books: TermBooks;
}

/** Those entries of a record that say something: an empty cell leaves its field out. */
function filled(record: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const says = (value: unknown) =>
    value !== undefined &&
    value !== "" &&
    !(typeof value === "object" && value !== null && Object.keys(value).length === 0);
  return Object.fromEntries(Object.entries(record).filter(([, value]) => says(value)));
}

const number = (text: string) => (text === "" ? undefined : numeral(text));

/** `squat easier; push horizontal harder`: the level is what a piece ends with. */
function marksOf({ cell, fault, books }: Reading): Record<string, string> {
  const marks: Record<string, string> = {};
  for (const piece of pieces(cell("levels by pattern"))) {
    const words = piece.split(/[\s:]+/);
    const ends = words.map((_, i) => [words.slice(0, i).join(" "), words.slice(i).join(" ")] as const);
    const [pattern, mark] = ends.find(([, end]) => isTerm(books.mark, end)) ?? [];
    if (!pattern || !mark || !isTerm(books.pattern, pattern))
      fault("levels by pattern", { code: "unread", text: piece });
    else marks[codeOf(books.pattern, pattern)] = codeOf(books.mark, mark);
  }
  return marks;
}

/** Limits, with semicolons or commas between; a limit may have a comma of its own. */
function limitsOf({ cell, fault, books }: Reading): readonly string[] {
  const limits = cell("limits")
    .split(";")
    .flatMap((piece) => (isTerm(books.limit, piece) ? [piece] : pieces(piece)));
  for (const limit of limits)
    if (!isTerm(books.limit, limit)) fault("limits", { code: "unknown", text: limit });
  return limits.filter((limit) => isTerm(books.limit, limit)).map((limit) => codeOf(books.limit, limit));
}

function setsOf({ cell, fault }: Reading): Record<string, unknown>[] {
  return cell("working sets")
    .split(";")
    .map((piece) => piece.trim())
    .filter(Boolean)
    .flatMap((piece) => {
      const set = readSet(piece);
      if (!set) fault("working sets", { code: "unread", text: piece });
      return set ? [set] : [];
    });
}

function isYes(column: Column, { cell, fault }: Reading): boolean | undefined {
  const said = cell(column).toLowerCase();
  if (said === "yes" || said === "no") return said === "yes";
  if (said !== "") fault(column, { code: "yes-or-no", text: cell(column) });
  return undefined;
}

function spaceOf(reading: Reading): Record<string, unknown> {
  const { cell, books } = reading;
  return filled({
    floor: codeOf(books.floor, cell("floor")),
    lengthM: number(cell("length m")),
    ceilingCm: number(cell("ceiling cm")),
    jumping: isYes("jumping", reading),
    wall: isYes("wall", reading),
  });
}

/** `21:00-07:00`; what isn't so is left as it is, so that the check names it. */
function quietOf(cell: Cell): Person["quiet"] | undefined {
  const said = cell("quiet");
  if (said === "") return undefined;
  const [from = "", to = ""] = said.split(/\s*[-–]\s*/);
  return { from, to };
}

/** The person of a line, or null where it has a fault; every fault names what was typed. */
export function personOf(line: Line, n: number, faults: CsvFault[], books: TermBooks): Person | null {
  const cell: Cell = (name) => plain(line[name] ?? "");
  const before = faults.length;
  const fault: AddFault = (column, own) => faults.push({ line: n, column, ...own });
  const reading = { cell, fault, books };
  const kit = readKit(cell("kit"), books.kit);
  if (!kit.ok) for (const own of kit.error) fault("kit", own);
  const made = {
    id: cell("id") || idFromName(cell("name")),
    name: cell("name"),
    ...filled({
      mark: codeOf(books.mark, cell("level")),
      marks: marksOf(reading),
      limits: limitsOf(reading),
      units: cell("units"),
      timeZone: cell("time zone"),
      language: cell("language"),
      email: cell("e-mail"),
      workingSets: setsOf(reading),
      space: spaceOf(reading),
      bodyKg: number(cell("body kg")),
      quiet: quietOf(cell),
      country: cell("country"),
    }),
    // A home in which there is nothing says so: an empty list isn't an empty cell.
    ...(kit.ok && kit.value !== undefined ? { kit: kit.value } : {}),
  };
  const checked = checkPerson(made);
  if (checked.ok) return faults.length === before ? checked.value : null;
  faults.push(...checked.error.map((own) => quoted(own, n, cell)));
  return null;
}

/** A fault of a person's document at its place in the table, with what was typed there. */
function quoted(fault: Fault, line: number, cell: Cell): CsvFault {
  const column = columnOf(fault);
  const typed = COLUMNS.find((name) => name === column);
  const { path: _path, ...rule } = fault;
  return { line, column, code: "rule", rule, text: typed ? cell(typed) : "", part: "" };
}
