/**
 * A roster as a table of text: a line a person, for spreadsheets. The roster file (JSON) holds
 * everything; the table holds what people type: kit as words (`kit-words.ts`), limits and marks by
 * name, working sets as `goblet-squat 12 kg x10 rir 2 on 2026-11-02`.
 */
import Papa from "papaparse";
import type { Person, WorkingSet } from "../homes/home";
import { checkPerson } from "../homes/roster";
import { type Fault, faultLine } from "../values/faults";
import { csvText, unguarded } from "./csv-cells";
import { kitWords, readKit } from "./kit-words";

export const COLUMNS = [
  "id",
  "name",
  "level",
  "levels by pattern",
  "limits",
  "units",
  "time zone",
  "language",
  "floor",
  "length m",
  "ceiling cm",
  "jumping",
  "kit",
  "working sets",
  "body kg",
  "e-mail",
  "wall",
  "quiet",
  "country",
] as const;
type Column = (typeof COLUMNS)[number];
type Line = Partial<Record<Column, string>>;

function setWords(set: WorkingSet): string {
  const rir = set.rir === undefined ? "" : ` rir ${set.rir}`;
  const strands = set.strands === undefined ? "" : ` x${set.strands} strands`;
  const band = set.tension ? ` ${set.tension} band${strands}` : "";
  const held = set.kg === undefined ? band : ` ${set.kg} kg`;
  const done = set.seconds === undefined ? `x${set.reps}` : `${set.seconds} s`;
  return `${set.move}${held} ${done}${rir}${set.date ? ` on ${set.date}` : ""}`;
}

const yesNo = (is: boolean | undefined) => (is === undefined ? "" : is ? "yes" : "no");

function lineOf(person: Person): Line {
  const { space } = person;
  const text = (value: string | number | undefined) => (value === undefined ? "" : String(value));
  return {
    id: person.id,
    name: person.name,
    level: text(person.mark),
    "levels by pattern": Object.entries(person.marks ?? {})
      .map(([pattern, mark]) => `${pattern} ${mark}`)
      .join("; "),
    limits: (person.limits ?? []).join("; "),
    units: text(person.units),
    "time zone": text(person.timeZone),
    language: text(person.language),
    "e-mail": text(person.email),
    floor: text(space?.floor),
    "length m": text(space?.lengthM),
    "ceiling cm": text(space?.ceilingCm),
    jumping: yesNo(space?.jumping),
    wall: yesNo(space?.wall),
    quiet: person.quiet ? `${person.quiet.from}-${person.quiet.to}` : "",
    country: text(person.country),
    kit: kitWords(person.kit),
    "working sets": (person.workingSets ?? []).map(setWords).join("; "),
    "body kg": text(person.bodyKg),
  };
}

/** The table as CSV, a heading first; cells that a spreadsheet would take for a formula are escaped. */
export function rosterCsv(people: readonly Person[]): string {
  return `${csvText(COLUMNS, people.map(lineOf))}\n`;
}

export interface CsvFault {
  /** Line of the file, the heading being 1. */
  readonly line: number;
  readonly column: string;
  readonly sentence: string;
}

export interface CsvRoster {
  readonly people: readonly Person[];
  readonly faults: readonly CsvFault[];
}

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
type AddFault = (column: Column, sentence: string) => void;

/** Those entries of a record that say something: an empty cell leaves its field out. */
function filled(record: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const says = (value: unknown) =>
    value !== undefined &&
    value !== "" &&
    !(typeof value === "object" && value !== null && Object.keys(value).length === 0);
  return Object.fromEntries(Object.entries(record).filter(([, value]) => says(value)));
}

const number = (text: string) => (text === "" ? undefined : numeral(text));

function marksOf(cell: Cell, fault: AddFault): Record<string, string> {
  const marks: Record<string, string> = {};
  for (const piece of pieces(cell("levels by pattern"))) {
    const [pattern, mark, ...rest] = piece.split(/\s+/);
    if (!pattern || !mark || rest.length > 0) fault("levels by pattern", `can't read "${piece}"`);
    else marks[pattern] = mark;
  }
  return marks;
}

function setsOf(cell: Cell, fault: AddFault): Record<string, unknown>[] {
  return cell("working sets")
    .split(";")
    .map((piece) => piece.trim())
    .filter(Boolean)
    .flatMap((piece) => {
      const set = readSet(piece);
      if (!set) fault("working sets", `can't read "${piece}"`);
      return set ? [set] : [];
    });
}

function isYes(column: Column, cell: Cell, fault: AddFault): boolean | undefined {
  const said = cell(column).toLowerCase();
  if (said === "yes" || said === "no") return said === "yes";
  if (said !== "") fault(column, "must be yes, no or empty");
  return undefined;
}

function spaceOf(cell: Cell, fault: AddFault): Record<string, unknown> {
  return filled({
    floor: cell("floor"),
    lengthM: number(cell("length m")),
    ceilingCm: number(cell("ceiling cm")),
    jumping: isYes("jumping", cell, fault),
    wall: isYes("wall", cell, fault),
  });
}

/** `21:00-07:00`; what isn't so is left as it is, so that the check names it. */
function quietOf(cell: Cell): Person["quiet"] | undefined {
  const said = cell("quiet");
  if (said === "") return undefined;
  const [from = "", to = ""] = said.split(/\s*[-–]\s*/);
  return { from, to };
}

function personOf(line: Line, n: number, faults: CsvFault[]): Person | null {
  const cell: Cell = (name) => plain(line[name] ?? "");
  const before = faults.length;
  const fault: AddFault = (column, sentence) => faults.push({ line: n, column, sentence });
  const kit = readKit(cell("kit"));
  if (!kit.ok) for (const sentence of kit.error) fault("kit", sentence);
  const made = {
    id: cell("id") || idFromName(cell("name")),
    name: cell("name"),
    ...filled({
      mark: cell("level"),
      marks: marksOf(cell, fault),
      limits: pieces(cell("limits")),
      units: cell("units"),
      timeZone: cell("time zone"),
      language: cell("language"),
      email: cell("e-mail"),
      workingSets: setsOf(cell, fault),
      space: spaceOf(cell, fault),
      bodyKg: number(cell("body kg")),
      quiet: quietOf(cell),
      country: cell("country"),
    }),
    // A home in which there is nothing says so: an empty list isn't an empty cell.
    ...(kit.ok && kit.value !== undefined ? { kit: kit.value } : {}),
  };
  const checked = checkPerson(made);
  if (!checked.ok) {
    for (const own of checked.error) {
      faults.push({ line: n, column: columnOf(own), sentence: faultLine(own).replace(/^[^:]*: /, "") });
    }
  }
  return faults.length === before && checked.ok ? checked.value : null;
}

/** Reads a table. Every fault at once, by line; people on lines without a fault are given all the same. */
export function readRosterCsv(text: string): CsvRoster {
  const parsed = Papa.parse<Line>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: (heading) => heading.trim().toLowerCase(),
  });
  const faults: CsvFault[] = parsed.errors
    .filter((error) => error.code !== "UndetectableDelimiter")
    .map((error) => ({ line: (error.row ?? 0) + 2, column: "", sentence: error.message }));
  const headings = parsed.meta.fields ?? [];
  if (!headings.includes("name")) {
    faults.push({ line: 1, column: "name", sentence: "the column is missing" });
  }
  for (const heading of headings) {
    if (!(COLUMNS as readonly string[]).includes(heading)) {
      faults.push({ line: 1, column: heading, sentence: "is no column of a roster" });
    }
  }
  if (faults.some((fault) => fault.line === 1)) return { people: [], faults };
  const people: Person[] = [];
  const lines = new Map<string, number>();
  parsed.data.forEach((line, i) => {
    const n = i + 2;
    const person = personOf(line, n, faults);
    if (!person) return;
    const first = lines.get(person.id);
    if (first !== undefined) {
      faults.push({ line: n, column: "id", sentence: `is the same as on line ${first}` });
      return;
    }
    lines.set(person.id, n);
    people.push(person);
  });
  return { people, faults: faults.sort((a, b) => a.line - b.line) };
}
