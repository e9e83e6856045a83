/** A session's log as files: JSON with everything (format `brontle.log`, version 1), CSV with a line a person and slot. */

import type { ClassDoc } from "../class/document";
import { csvText } from "../formats/csv-cells";
import type { Part, PartSlot } from "../parts/part";
import { inEach, type KeptLog, type SlotDone } from "./entries";
import type { ClassRecord } from "./record";

export interface LoggedPerson {
  readonly person: string;
  readonly name: string;
  readonly present: boolean;
  readonly kept: KeptLog;
  /** What the part and the clock say was done, where the person said nothing. */
  readonly prefilled: ReadonlyMap<string, SlotDone>;
  readonly part: Part | null;
}

export interface SessionLog {
  readonly title: string;
  /** ISO 8601, UTC. */
  readonly startsAt: string;
  readonly timeZone: string;
  readonly doc: ClassDoc;
  readonly record: ClassRecord;
  readonly people: readonly LoggedPerson[];
}

/** What was done in a slot: what was said, else what was prefilled. */
export function doneIn(person: LoggedPerson, slot: string): SlotDone | null {
  const said = person.kept[`slot:${slot}`]?.value ?? person.prefilled.get(slot) ?? null;
  const own = person.part?.slots.find((entry) => entry.slot === slot);
  return said && own ? inEach(said, own) : said;
}

/** The whole log as an object for JSON. Corrections come with what stood there before. */
export function logJson(log: SessionLog): unknown {
  return {
    format: "brontle.log",
    version: 1,
    title: log.title,
    startsAt: log.startsAt,
    timeZone: log.timeZone,
    planSeconds: log.record.planSeconds,
    tookSeconds: log.record.tookSeconds,
    segments: log.record.segments,
    notes: log.record.notes,
    people: log.people.map((person) => ({
      id: person.person,
      name: person.name,
      present: person.present,
      attendance: log.record.people.find((entry) => entry.person === person.person) ?? null,
      entries: person.kept,
      done: Object.fromEntries(
        (person.part?.slots ?? []).flatMap(({ slot }) => {
          const done = doneIn(person, slot);
          return done ? [[slot, done]] : [];
        }),
      ),
    })),
  };
}

const COLUMNS = [
  "date",
  "class",
  "person",
  "name",
  "present",
  "late_seconds",
  "pain",
  "slot",
  "move",
  "level",
  "sets",
  "reps",
  "seconds",
  "kg_each",
  "more",
  "said",
  "effort",
  "note",
] as const;

/** A line for each person and slot; who did nothing has one line. Cells that look like formulas are made harmless. */
export function logCsv(log: SessionLog): string {
  const rows = log.people.flatMap((person) => {
    const common = personCells(log, person);
    const done = person.present ? (person.part?.slots ?? []).map((slot) => slotCells(person, slot)) : [];
    const lines = done.flatMap((cells) => (cells ? [{ ...common, ...cells }] : []));
    return lines.length > 0 ? lines : [common];
  });
  return csvText(COLUMNS, rows);
}

type LogPerson = SessionLog["people"][number];

/** What each line of a person says. */
function personCells(log: SessionLog, person: LogPerson) {
  const attendance = log.record.people.find((entry) => entry.person === person.person);
  return {
    date: log.startsAt,
    class: log.title,
    person: person.person,
    name: person.name,
    present: person.present ? "yes" : "no",
    late_seconds: attendance?.lateMs ? Math.round(attendance.lateMs / 1000) : "",
    pain: (attendance?.hurt.length ?? 0) > 0 ? "yes" : "",
    effort: person.kept.effort?.value ?? "",
    note: person.kept.note?.value ?? "",
  };
}

/** What a line says of one slot; null where nothing was done. */
function slotCells(person: LogPerson, { slot, move, name, mark }: PartSlot) {
  const what = doneIn(person, slot);
  if (!what) return null;
  return {
    slot,
    move: move ?? name,
    level: what.mark ?? mark,
    sets: what.sets ?? "",
    reps: what.reps ?? "",
    seconds: what.seconds ?? "",
    kg_each: what.eachKg ?? "",
    more: what.more ?? "",
    said: saidBy(person, slot),
  };
}

/** Whose word it is: who kept an entry for a slot, or nobody's but the part's. */
function saidBy({ kept }: LogPerson, slot: string): string {
  const said = kept[`slot:${slot}`];
  if (!said) return "from the part";
  return said.by === "self" ? "person" : "instructor";
}
