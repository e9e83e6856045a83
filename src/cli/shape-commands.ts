/** The commands that judge and shape a class: `check`, `fit`, `order`, `shape`. */

import type { ClassDoc } from "../core/class/document";
import { applyEdit } from "../core/class/edits";
import { THRESHOLDS } from "../core/effort/thresholds";
import type { Person } from "../core/homes/home";
import { LIBRARY_BOOK } from "../core/moves/library";
import { partsFor } from "../core/parts/everyone";
import type { Part } from "../core/parts/part";
import { readLines } from "../core/review/read-through";
import { triedLine } from "../core/review/tried";
import { fitClass } from "../core/shape/fit";
import { fitEdit } from "../core/shape/fit-change";
import { orderStations } from "../core/shape/order";
import { orderBlocks } from "../core/shape/order-blocks";
import { shapePieces } from "../core/shape/shape-json";
import { clockText } from "../core/units";
import { englishSentence, lineJson } from "../words/finding-words";
import { wordsIn } from "../words/languages";
import { upperFirst } from "../words/letters";
import { lockedText, lossText, optionText, orderTexts, proposalText, unlockText } from "../words/shape-words";
import { splitArgs } from "./args";
import type { Doors } from "./commands";
import { readClass, readRoster, readSeasonFile } from "./files";

/** The command line speaks English. */
const words = wordsIn("en");

interface Asked {
  readonly doc: ClassDoc;
  readonly people: readonly Person[];
  readonly parts: readonly Part[];
  readonly flags: ReadonlyMap<string, string>;
}

/** Reads `CLASS --flag value …`; null with a sentence on standard error where it can't be read. */
function ask(
  name: string,
  args: readonly string[],
  allowed: readonly string[],
  usage: string,
  doors: Doors,
): Asked | null {
  const split = splitArgs(args, allowed);
  if (typeof split === "string") {
    doors.err(`brontle ${name}: ${split}use it as ${usage}.`);
    return null;
  }
  const { file, flags } = split;
  const doc = readClass(file);
  const rosterFile = flags.get("--roster");
  const roster = rosterFile === undefined ? null : readRoster(rosterFile);
  for (const result of [doc, roster]) if (result && !result.ok) result.error.forEach(doors.err);
  if (!doc.ok || (roster && !roster.ok)) return null;
  const people = roster?.ok ? roster.value.people : [];
  return {
    doc: doc.value,
    people,
    parts: partsFor(doc.value, people, LIBRARY_BOOK, { on: doors.today }),
    flags,
  };
}

/** A whole number of a flag, or null with a sentence. */
function whole(name: string, flag: string, text: string | undefined, doors: Doors): number | null {
  const value = Number(text);
  if (text !== undefined && /^\d{1,5}$/.test(text)) return value;
  doors.err(`brontle ${name}: ${flag} wants a whole number.`);
  return null;
}

/** `brontle check CLASS [--roster ROSTER] [--season SEASON]`: a line of the read-through a line, the gravest first; 2 where any is a stop. */
export function checkCommand(args: readonly string[], doors: Doors): number {
  const usage = "brontle check CLASS [--roster ROSTER] [--season SEASON]";
  const asked = ask("check", args, ["--roster", "--season"], usage, doors);
  if (!asked) return 1;
  const seasonFile = asked.flags.get("--season");
  const season = seasonFile === undefined ? null : readSeasonFile(seasonFile);
  if (season && !season.ok) {
    season.error.forEach(doors.err);
    return 1;
  }
  const input = {
    doc: asked.doc,
    library: LIBRARY_BOOK,
    people: asked.people,
    parts: asked.parts,
    season: season?.ok ? season.value : null,
    sentence: englishSentence,
  };
  const partsOf = (doc: ClassDoc) => partsFor(doc, asked.people, LIBRARY_BOOK, { on: doors.today });
  const lines = readLines(input).map((line) => triedLine(line, input, partsOf));
  for (const line of lines) doors.out(JSON.stringify(lineJson(line, words)));
  return lines.some((line) => line.severity === "stop" && line.acknowledged === null) ? 2 : 0;
}

/** `brontle fit CLASS --minutes N [--within SECONDS] [--roster ROSTER]`: up to five options, one a line. */
export function fitCommand(args: readonly string[], doors: Doors): number {
  const usage = "brontle fit CLASS --minutes N [--within SECONDS] [--roster ROSTER]";
  const asked = ask("fit", args, ["--minutes", "--within", "--roster"], usage, doors);
  if (!asked) return 1;
  const minutes = whole("fit", "--minutes", asked.flags.get("--minutes"), doors);
  const within = asked.flags.has("--within")
    ? whole("fit", "--within", asked.flags.get("--within"), doors)
    : 30;
  if (minutes === null || within === null) return 1;
  const { doc, parts, people } = asked;
  const result = fitClass({ doc, library: LIBRARY_BOOK, seconds: minutes * 60, within, parts, people });
  for (const option of result.options) {
    const why = optionText(option, doc, LIBRARY_BOOK, words);
    const next = applyEdit(doc, fitEdit(doc, option.changes));
    const loses = next.ok ? lossText(doc, next.value, LIBRARY_BOOK, words) : "";
    doors.out(JSON.stringify({ ...option, why, loses }));
  }
  for (const proposal of result.proposals)
    doors.err(`brontle fit: or ${proposalText(proposal, LIBRARY_BOOK, words)}.`);
  if (result.options.length > 0) return 0;
  const near = result.nearest === null ? "nothing" : clockText(result.nearest);
  const far = result.unlock.map((entry) => ` ${upperFirst(unlockText(entry, doc, words))}.`).join("");
  const locked = result.locked.map((entry) => lockedText(entry, doc, LIBRARY_BOOK, words)).join(", ");
  const unlock = far || (locked === "" ? "" : ` Unlock ${locked} to get nearer.`);
  doors.err(`brontle fit: ${minutes} minutes are out of reach; the nearest is ${near}.${unlock}`);
  return 1;
}

const REFUSALS = {
  "too-few": "has fewer than two stations",
  impossible: "can't be ordered: its pins and pairs contradict each other",
} as const;

/**
 * `brontle order CLASS --block ID [--roster ROSTER]`: the best order of a block's stations; `--block all`: of the
 * main blocks themselves.
 */
export function orderCommand(args: readonly string[], doors: Doors): number {
  const usage = "brontle order CLASS --block ID [--roster ROSTER]";
  const asked = ask("order", args, ["--block", "--roster"], usage, doors);
  if (!asked) return 1;
  const block = asked.flags.get("--block");
  if (block === "all" && !asked.doc.blocks.some(({ id }) => id === "all")) return orderAll(asked, doors);
  if (block === undefined || !asked.doc.blocks.some((entry) => entry.id === block)) {
    const ids = asked.doc.blocks.map((entry) => entry.id).join(", ");
    doors.err(`brontle order: --block wants one of ${ids}.`);
    return 1;
  }
  const result = orderStations({ doc: asked.doc, library: LIBRARY_BOOK, block, parts: asked.parts });
  if (typeof result === "string") {
    doors.err(`brontle order: ${block} ${REFUSALS[result]}.`);
    return 1;
  }
  const { order, cost, was, exact, pairs, closing, before } = result;
  const why = orderTexts(result, words);
  doors.out(JSON.stringify({ order, cost, was, exact, pairs, closing, before, why }));
  return 0;
}

function orderAll({ doc, parts }: Asked, doors: Doors): number {
  const result = orderBlocks(doc, LIBRARY_BOOK, parts);
  if (!result) {
    doors.err("brontle order: the class has no two main blocks in a row.");
    return 1;
  }
  const { order, cost, was } = result;
  doors.out(JSON.stringify({ order, cost, was, why: orderTexts(result, words) }));
  return 0;
}

/** `brontle shape CLASS [--roster ROSTER]`: effort, local fatigue and balance, as set and for each person. */
export function shapeCommand(args: readonly string[], doors: Doors): number {
  const asked = ask("shape", args, ["--roster"], "brontle shape CLASS [--roster ROSTER]", doors);
  if (!asked) return 1;
  for (const piece of shapePieces(asked.doc, LIBRARY_BOOK, asked.parts, THRESHOLDS)) doors.piece(piece);
  doors.out("");
  return 0;
}
