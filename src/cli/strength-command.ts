/** `brontle strength`: what is believed of everybody's strength, a line a person and move. */
import type { Person } from "../core/homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../core/moves/library";
import type { Move } from "../core/moves/move";
import { Strengths } from "../core/strength/belief";
import { consequenceLines } from "../core/strength/consequences";
import { loadMoved } from "../core/strength/load";
import { maximumRange, type Range, repsRange, wantedKg } from "../core/strength/predict";
import { scaledMove } from "../core/strength/scaled";
import { isDay } from "../core/units";

import type { Doors } from "./commands";
import { readRoster } from "./files";

const USAGE = "brontle strength --roster R [--on DATE] [--move ID]… [--kg N] [--reps N] [--rir N]";
const FLAGS = ["--roster", "--on", "--move", "--kg", "--reps", "--rir"];

/** Every flag with its values, or what is wrong with the arguments. */
function flagsOf(args: readonly string[]): ReadonlyMap<string, readonly string[]> | string {
  const flags = new Map<string, string[]>();
  const rest = args.values();
  for (const flag of rest) {
    if (!FLAGS.includes(flag)) return `doesn't know ${flag}`;
    const { value } = rest.next();
    if (value === undefined) return `${flag} wants a value`;
    if (flag !== "--move" && flags.has(flag)) return `${flag} stands there twice`;
    flags.set(flag, [...(flags.get(flag) ?? []), value]);
  }
  return flags;
}

interface Asked {
  readonly on: string;
  readonly moves: readonly Move[];
  readonly kg?: number;
  readonly reps?: number;
  readonly rir: number;
}

const NUMBER = /^\d{1,4}(\.\d{1,4})?$/;

/** A flag's number, undefined where it isn't given; a sentence where it is none. */
function numberOf(
  flags: ReadonlyMap<string, readonly string[]>,
  flag: string,
  most: number,
): number | undefined | string {
  const text = flags.get(flag)?.[0];
  if (text === undefined) return undefined;
  const n = Number(text);
  const fine = NUMBER.test(text) && n <= most && (flag !== "--reps" || (Number.isInteger(n) && n >= 1));
  return fine
    ? n
    : `${flag} wants a ${flag === "--reps" ? "whole number from 1" : "number from 0"} to ${most}`;
}

function movesOf(ids: readonly string[] | undefined): readonly Move[] | string {
  if (!ids) return LIBRARY.filter((move) => move.strength);
  const moves = ids.map((id) => LIBRARY.find((move) => move.id === id) ?? id);
  const unknown = moves.find((move) => typeof move === "string");
  if (unknown !== undefined) return `there is no move ${unknown}`;
  const off = (moves as readonly Move[]).find((move) => !move.strength);
  return off ? `${off.id} isn't done against a load` : (moves as readonly Move[]);
}

/** What is asked for, or what is wrong. `today`: the day where none is given. */
function askedOf(flags: ReadonlyMap<string, readonly string[]>, today: string): Asked | string {
  const on = flags.get("--on")?.[0] ?? today;
  if (!isDay(on)) return "--on wants a day, as in 2026-11-26";
  const moves = movesOf(flags.get("--move"));
  if (typeof moves === "string") return moves;
  const kg = numberOf(flags, "--kg", 500);
  const reps = numberOf(flags, "--reps", 1000);
  const rir = numberOf(flags, "--rir", 10);
  for (const value of [kg, reps, rir]) if (typeof value === "string") return value;
  return { on, moves, kg, reps, rir: rir ?? 0 } as Asked;
}

const rounded = (n: number) => Math.round(n * 100) / 100;
const roundedRange = ({ low, median, high }: Range): Range => ({
  low: rounded(low),
  median: rounded(median),
  high: rounded(high),
});

function line(person: Person, move: Move, strengths: Strengths, { kg, reps, rir }: Asked): object | null {
  const belief = strengths.of(move);
  const scaled = scaledMove(move);
  if (!belief || !scaled) return null;
  const { strength, region } = scaled;
  const wanted = reps === undefined ? null : wantedKg(belief, strength, person.bodyKg, reps, rir);
  return {
    person: person.id,
    move: move.id,
    region,
    sets: belief.sets,
    maximumKg: roundedRange(maximumRange(belief)),
    ...(kg === undefined ? {} : { reps: repsRange(belief, loadMoved(strength, person.bodyKg, kg), rir) }),
    ...(reps === undefined ? {} : { wantedKg: wanted === null ? null : rounded(wanted) }),
  };
}

/**
 * `brontle strength --roster R [--on DATE] [--move ID]… [--kg N] [--reps N] [--rir N]`: a JSON line a
 * person and move, on today where no day is given. `--table` alone: what the table of strengths says that people do.
 */
export function strengthCommand(args: readonly string[], doors: Doors): number {
  if (args.length === 1 && args[0] === "--table") {
    for (const row of consequenceLines(LIBRARY, LIBRARY_BOOK)) doors.out(row);
    return 0;
  }
  const flags = flagsOf(args);
  const asked = typeof flags === "string" ? flags : askedOf(flags, doors.today);
  const file = typeof flags === "string" ? undefined : flags.get("--roster")?.[0];
  if (typeof asked === "string" || file === undefined) {
    doors.err(`brontle strength: ${typeof asked === "string" ? `${asked}; ` : ""}use it as ${USAGE}.`);
    return 1;
  }
  const roster = readRoster(file);
  if (!roster.ok) {
    roster.error.forEach(doors.err);
    return 1;
  }
  for (const person of roster.value.people) {
    const strengths = new Strengths(person, LIBRARY_BOOK, asked.on);
    for (const move of asked.moves) doors.out(JSON.stringify(line(person, move, strengths, asked)));
  }
  return 0;
}
