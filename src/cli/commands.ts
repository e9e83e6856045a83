/** The commands over the core. Each gives an exit code and writes through the doors it is handed. */

import { limitLines } from "../core/homes/limit-table";
import { findMoves } from "../core/moves/find";
import { LIBRARY, LIBRARY_BOOK } from "../core/moves/library";
import { MUSCLES, NEED_ROLES, PATTERNS, POSITIONS } from "../core/moves/move";
import { CHANGE_OVER } from "../core/parts/change-over";
import { COSTS } from "../core/parts/costs";
import { partFor } from "../core/parts/parts";
import { scoreJson, scoreOf } from "../core/score/score";
import { isDay } from "../core/units";
import { LANGUAGES, wordsIn } from "../words/languages";
import { bookIn } from "../words/moves/moves-in";
import { movesPage } from "../words/moves-page";
import { partJson } from "../words/part-words";
import { splitArgs } from "./args";
import { readClass, readRoster } from "./files";

/** The command line speaks English. */
const words = wordsIn("en");

/** Where a command writes: a line at a time. */
export interface Doors {
  readonly out: (line: string) => void;
  /** A part of a line that is too long to be one text. */
  readonly piece: (text: string) => void;
  readonly err: (line: string) => void;
  /** The day of today, `YYYY-MM-DD`. */
  readonly today: string;
}

/** `brontle time FILE…`: one JSON object a line and file; faults on standard error; 1 if any file is at fault. */
export function timeCommand(files: readonly string[], doors: Doors): number {
  if (files.length === 0) {
    doors.err("brontle time: name at least one class file.");
    return 1;
  }
  let code = 0;
  for (const file of files) {
    const doc = readClass(file);
    if (doc.ok) doors.out(JSON.stringify(scoreJson(scoreOf(doc.value, LIBRARY_BOOK))));
    else {
      code = 1;
      for (const line of doc.error) doors.err(line);
    }
  }
  return code;
}

const MOVE_TABLES = ["--costs", "--change-over", "--limits", "--page"];

/**
 * `brontle moves --find WORDS [--language CODE]`: the moves that fit, best first, by their names in a language, one
 * JSON object a line; 1 where none does.
 */
function findCommand(asked: readonly string[], doors: Doors): number {
  const at = asked.indexOf("--language");
  const [flag, ...rest] = at < 0 ? [] : asked.slice(at);
  const language = LANGUAGES.find((code) => code === rest[0]);
  if (flag !== undefined && (language === undefined || rest.length > 1)) {
    doors.err(`brontle moves: --language wants one of ${LANGUAGES.join(", ")}, after the words.`);
    return 1;
  }
  const words = (at < 0 ? asked : asked.slice(0, at)).join(" ");
  const found = findMoves(words, bookIn(LIBRARY_BOOK, language ?? "en"));
  for (const { move, score } of found) doors.out(JSON.stringify({ id: move.id, name: move.name, score }));
  if (found.length === 0) doors.err(`brontle moves: nothing is called anything like "${words}".`);
  return found.length === 0 ? 1 : 0;
}

/**
 * `brontle moves [--costs | --change-over | --limits | --page | --find WORDS [--language CODE]]`: the library with its
 * closed lists as JSON, one of the tables, the whole as a page for coaches, or what fits some words.
 */
export function movesCommand(args: readonly string[], doors: Doors): number {
  const [first, ...rest] = args;
  if (first === "--find" && rest.length > 0) return findCommand(rest, doors);
  const unknown = args.find((arg) => !MOVE_TABLES.includes(arg));
  if (unknown !== undefined) {
    doors.err(
      `brontle moves: doesn't know ${unknown}; it takes --costs, --change-over, --limits, --page, --find WORDS, with --language CODE after them, or nothing.`,
    );
    return 1;
  }
  if (args.includes("--limits")) limitLines(LIBRARY).forEach(doors.out);
  else if (args.includes("--page")) movesPage(LIBRARY, LIBRARY_BOOK, words).forEach(doors.out);
  else if (args.includes("--costs")) doors.out(JSON.stringify(COSTS, null, 2));
  else if (args.length > 0) doors.out(JSON.stringify(CHANGE_OVER, null, 2));
  else {
    const lists = { patterns: PATTERNS, muscles: MUSCLES, positions: POSITIONS, roles: NEED_ROLES };
    doors.out(JSON.stringify({ ...lists, moves: LIBRARY }, null, 2));
  }
  return 0;
}

/** `brontle parts CLASS --roster ROSTER [--on DATE]`: one JSON object a line and person. */
export function partsCommand(args: readonly string[], doors: Doors): number {
  const split = splitArgs(args, ["--roster", "--on"]);
  const usage = "use it as brontle parts CLASS --roster ROSTER [--on DATE].";
  const rosterFile = typeof split === "string" ? undefined : split.flags.get("--roster");
  if (typeof split === "string" || rosterFile === undefined) {
    doors.err(`brontle parts: ${typeof split === "string" ? split : ""}${usage}`);
    return 1;
  }
  const on = split.flags.get("--on") ?? doors.today;
  if (!isDay(on)) {
    doors.err("brontle parts: --on wants a day, as in 2026-11-26.");
    return 1;
  }
  const doc = readClass(split.file);
  const roster = readRoster(rosterFile);
  for (const result of [doc, roster]) if (!result.ok) result.error.forEach(doors.err);
  if (!doc.ok || !roster.ok) return 1;
  for (const person of roster.value.people) {
    const part = partFor(doc.value, person, LIBRARY_BOOK, { instead: true, on });
    doors.out(JSON.stringify(partJson(part, words)));
  }
  return 0;
}
