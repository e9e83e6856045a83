/**
 * A roster as a table of text: a line a person, for spreadsheets. The roster file (JSON) holds
 * everything; the table holds what people type: kit as words (`kit-words.ts`), limits and marks by
 * name, working sets as `goblet-squat 12 kg x10 rir 2 on 2026-11-02`.
 */
import Papa from "papaparse";
import type { Mark, Person, WorkingSet } from "../homes/home";
import type { Pattern } from "../moves/move";
import { csvText } from "./csv-cells";
import { kitWords } from "./kit-words";
import { personOf } from "./roster-cells";
import { type CellFault, COLUMNS, type CsvFault, type Line } from "./roster-columns";
import { CODE_TERMS, columnFor, type RosterTerms, termBooks } from "./roster-terms";

function setWords(set: WorkingSet): string {
  const rir = set.rir === undefined ? "" : ` rir ${set.rir}`;
  const strands = set.strands === undefined ? "" : ` x${set.strands} strands`;
  const band = set.tension ? ` ${set.tension} band${strands}` : "";
  const held = set.kg === undefined ? band : ` ${set.kg} kg`;
  const done = set.seconds === undefined ? `x${set.reps}` : `${set.seconds} s`;
  return `${set.move}${held} ${done}${rir}${set.date ? ` on ${set.date}` : ""}`;
}

const yesNo = (is: boolean | undefined) => (is === undefined ? "" : is ? "yes" : "no");

function lineOf(person: Person, terms: RosterTerms): Line {
  const { space } = person;
  const text = (value: string | number | undefined) => (value === undefined ? "" : String(value));
  return {
    id: person.id,
    name: person.name,
    level: person.mark ? terms.mark(person.mark) : "",
    "levels by pattern": (Object.entries(person.marks ?? {}) as [Pattern, Mark][])
      .map(([pattern, mark]) => `${terms.pattern(pattern)} ${terms.mark(mark)}`)
      .join("; "),
    limits: (person.limits ?? []).map(terms.limit).join("; "),
    units: text(person.units),
    "time zone": text(person.timeZone),
    language: text(person.language),
    "e-mail": text(person.email),
    floor: space?.floor ? terms.floor(space.floor) : "",
    "length m": text(space?.lengthM),
    "ceiling cm": text(space?.ceilingCm),
    jumping: yesNo(space?.jumping),
    wall: yesNo(space?.wall),
    quiet: person.quiet ? `${person.quiet.from}-${person.quiet.to}` : "",
    country: text(person.country),
    kit: kitWords(person.kit, terms),
    "working sets": (person.workingSets ?? []).map(setWords).join("; "),
    "body kg": text(person.bodyKg),
  };
}

/** The table as CSV, a heading first; cells that a spreadsheet would take for a formula are escaped. */
export function rosterCsv(people: readonly Person[], terms: RosterTerms = CODE_TERMS): string {
  return `${csvText(
    COLUMNS,
    people.map((person) => lineOf(person, terms)),
  )}\n`;
}

/** What Papa Parse finds of a table itself; a delimiter it guesses isn't a fault. */
const TABLE_FAULTS: Readonly<Record<Exclude<Papa.ParseError["code"], "UndetectableDelimiter">, CellFault>> = {
  MissingQuotes: { code: "quotes" },
  InvalidQuotes: { code: "quotes" },
  TooManyFields: { code: "cells", than: "more" },
  TooFewFields: { code: "cells", than: "fewer" },
};

export interface CsvRoster {
  readonly people: readonly Person[];
  readonly faults: readonly CsvFault[];
}

/**
 * Reads a table, in codes or in the words of `terms`. Every fault at once, by line; people on lines without a fault
 * are given all the same.
 */
export function readRosterCsv(text: string, terms: RosterTerms = CODE_TERMS): CsvRoster {
  const books = termBooks(terms);
  const parsed = Papa.parse<Line>(text.replace(/^\uFEFF/, ""), {
    header: true,
    skipEmptyLines: "greedy",
    transformHeader: columnFor,
  });
  const faults: CsvFault[] = parsed.errors.flatMap(({ code, row }) =>
    code === "UndetectableDelimiter" ? [] : [{ line: (row ?? 0) + 2, column: "", ...TABLE_FAULTS[code] }],
  );
  const headings = parsed.meta.fields ?? [];
  if (!headings.includes("name")) {
    faults.push({ line: 1, column: "name", code: "no-column" });
  }
  for (const heading of headings) {
    if (!(COLUMNS as readonly string[]).includes(heading)) {
      faults.push({ line: 1, column: heading, code: "not-a-column" });
    }
  }
  if (faults.some((fault) => fault.line === 1)) return { people: [], faults };
  const people: Person[] = [];
  const lines = new Map<string, number>();
  parsed.data.forEach((line, i) => {
    const n = i + 2;
    const person = personOf(line, n, faults, books);
    if (!person) return;
    const first = lines.get(person.id);
    if (first !== undefined) {
      faults.push({ line: n, column: "id", code: "same-as", other: first });
      return;
    }
    lines.set(person.id, n);
    people.push(person);
  });
  return { people, faults: faults.sort((a, b) => a.line - b.line) };
}
