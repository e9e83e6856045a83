/** `brontle export`: any file that can be made of a class, without a database. */
import { closeSync, openSync, readFileSync, writeFileSync, writeSync } from "node:fs";
import { resolve } from "node:path";
import { fileURLToPath } from "node:url";
import type { ClassDoc } from "../core/class/document";
import { THRESHOLDS } from "../core/effort/thresholds";
import { instantIn } from "../core/live/when";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Ms } from "../core/units";
import { isDay } from "../core/units";
import { makeOptions, OFFSET_SECONDS, VOICE_WORDS } from "../files/ask";
import { FORMAT_NAMES, type FormatName, factsOfFormat, fileName, isFormat } from "../files/formats";
import { type ClassSource, type MakeOptions, makeFile } from "../files/make";
import { PAPER_SIZES } from "../files/paper/sizes";
import { INKINGS, PICTURE, PICTURE_MINUTES } from "../files/picture/score-svg";
import { TRACK_RATE, trackOf, trackSamples } from "../files/sound/track";
import { samplesOf, wavHead } from "../files/sound/wav";
import { LANGUAGES } from "../words/languages";
import { splitArgs } from "./args";
import type { Doors } from "./commands";
import { readClass, readRoster } from "./files";

const ROOT = fileURLToPath(new URL("../../", import.meta.url));
const RECORDING = "public/sounds/counts-en.wav";

const FLAGS = [
  "--as",
  "--out",
  "--roster",
  "--studio",
  "--paper",
  "--language",
  "--speed",
  "--offset",
  "--minutes",
  "--ink",
  "--voice",
  "--on",
  "--at",
  "--zone",
] as const;

const USAGE =
  `use it as brontle export CLASS --as ${FORMAT_NAMES.join("|")} [--out FILE] [--roster ROSTER] ` +
  `[--paper ${PAPER_SIZES.join("|")}] [--language ${LANGUAGES.join("|")}] [--speed WORDS-A-SECOND] [--offset SECONDS] ` +
  `[--minutes ${PICTURE_MINUTES.join("|")}] [--ink ${INKINGS.join("|")}] [--voice spoken|ticked|none] [--studio NAME] [--on DAY] ` +
  "[--at 2026-12-01T19:00 --zone Atlantic/Reykjavik].";

/** What is wrong with what was asked for, as a sentence. */
class Wrong extends Error {}

/** A number of a flag within bounds; `otherwise` where it isn't given. @throws Wrong */
function numberOf(
  flags: ReadonlyMap<string, string>,
  name: string,
  [least, most]: readonly [number, number],
  otherwise: number,
): number {
  const text = flags.get(name);
  if (text === undefined) return otherwise;
  const value = text.trim() === "" ? Number.NaN : Number(text);
  if (value >= least && value <= most) return value;
  throw new Wrong(`${name} wants a number from ${least} to ${most}`);
}

/** One of a list, in capitals or not; `otherwise` where it isn't given. @throws Wrong */
function choiceOf<T extends string | number>(
  flags: ReadonlyMap<string, string>,
  name: string,
  choices: readonly T[],
  otherwise: T,
): T {
  const text = flags.get(name);
  if (text === undefined) return otherwise;
  const found = choices.find((choice) => String(choice).toLowerCase() === text.toLowerCase());
  if (found === undefined) throw new Wrong(`${name} wants one of ${choices.join(", ")}`);
  return found;
}

/** A date and a time of day in a zone. */
function dateOf(flags: ReadonlyMap<string, string>, title: string): ClassSource["date"] {
  const at = flags.get("--at");
  if (at === undefined) return null;
  const [, day = "", time = ""] = /^(\d{4}-\d{2}-\d{2})T(\d{2}:\d{2})$/.exec(at) ?? [];
  const timeZone = flags.get("--zone") ?? "UTC";
  const atMs = isDay(day) ? instantIn(day, time, timeZone) : null;
  if (atMs === null)
    throw new Wrong("--at wants a day and a time, as in 2026-12-01T19:00, and --zone a zone that there is");
  return {
    atMs,
    timeZone,
    id: `${day}-${time.replace(":", "")}-${fileName(title, "plan").replace(/\.txt$/, "")}`,
  };
}

function optionsOf(flags: ReadonlyMap<string, string>, madeAtMs: Ms): MakeOptions {
  return makeOptions(
    {
      language: choiceOf(flags, "--language", LANGUAGES, "en"),
      paper: choiceOf(flags, "--paper", PAPER_SIZES, "A4"),
      minutes: choiceOf(flags, "--minutes", PICTURE_MINUTES, PICTURE.minutes),
      ink: choiceOf(flags, "--ink", INKINGS, PICTURE.inking),
      wordsPerSecond: numberOf(flags, "--speed", VOICE_WORDS, THRESHOLDS.wordsPerSecond),
      offsetSeconds: numberOf(flags, "--offset", OFFSET_SECONDS, 0),
    },
    ROOT,
    madeAtMs,
  );
}

/** The track, ten seconds at a time, with how far it is on standard error. */
function writeTrack(doc: ClassDoc, to: string, voice: "spoken" | "ticked" | "none", doors: Doors): void {
  const recording = voice === "spoken" ? samplesOf(readFileSync(`${ROOT}${RECORDING}`)) : null;
  const total = trackSamples(doc, LIBRARY_BOOK);
  const file = openSync(to, "w");
  try {
    writeSync(file, wavHead(total, TRACK_RATE));
    let done = 0;
    let told = 0;
    for (const samples of trackOf(doc, LIBRARY_BOOK, { recording, counts: voice !== "none" })) {
      writeSync(file, new Uint8Array(samples.buffer, samples.byteOffset, samples.byteLength));
      done += samples.length;
      const share = Math.floor((done / total) * 10) * 10;
      if (share > told) doors.err(`${share} %`);
      told = share;
    }
  } finally {
    closeSync(file);
  }
}

/** Reads what is wanted; throws `Wrong` with a sentence, or gives the lines of faulty files. */
function sourceOf(
  file: string,
  flags: ReadonlyMap<string, string>,
  doors: Doors,
): ClassSource | readonly string[] {
  const doc = readClass(file);
  const rosterFile = flags.get("--roster");
  const roster = rosterFile === undefined ? null : readRoster(rosterFile);
  if (!doc.ok || roster?.ok === false)
    return [...(doc.ok ? [] : doc.error), ...(roster?.ok === false ? roster.error : [])];
  const on = flags.get("--on") ?? doors.today;
  if (!isDay(on)) throw new Wrong("--on wants a day, as in 2026-11-26");
  return {
    doc: doc.value,
    library: LIBRARY_BOOK,
    people: roster?.ok ? roster.value.people : [],
    studio: flags.get("--studio") ?? "",
    on,
    date: dateOf(flags, doc.value.title),
  };
}

function formatOf(flags: ReadonlyMap<string, string>): FormatName {
  const name = flags.get("--as") ?? "";
  if (!isFormat(name))
    throw new Wrong(name === "" ? "say what to make with --as" : `doesn't know the format ${name}`);
  return name;
}

async function make(file: string, flags: ReadonlyMap<string, string>, doors: Doors): Promise<number> {
  const format = formatOf(flags);
  const facts = factsOfFormat(format);
  const options = optionsOf(flags, Date.now());
  const voice = choiceOf(flags, "--voice", ["spoken", "ticked", "none"] as const, "spoken");
  const source = sourceOf(file, flags, doors);
  if (!("doc" in source)) {
    source.forEach(doors.err);
    return 1;
  }
  if (facts.people && source.people.length === 0) throw new Wrong(`${format} needs people: give a --roster`);
  if (facts.dated && !source.date) throw new Wrong(`${format} needs a date: give --at and --zone`);
  const to = resolve(flags.get("--out") ?? fileName(source.doc.title, format));
  if (format === "track") writeTrack(source.doc, to, voice, doors);
  else writeFileSync(to, await makeFile(format, source, options));
  doors.out(to);
  return 0;
}

/** Writes one file and prints its path; 1 and a sentence where it can't. */
export async function exportCommand(args: readonly string[], doors: Doors): Promise<number> {
  const split = splitArgs(args, FLAGS);
  if (typeof split === "string") {
    doors.err(`brontle export: ${split}${USAGE}`);
    return 1;
  }
  try {
    return await make(split.file, split.flags, doors);
  } catch (error) {
    if (error instanceof Wrong) doors.err(`brontle export: ${error.message}; ${USAGE}`);
    else if ((error as NodeJS.ErrnoException).code?.startsWith("E"))
      doors.err(`brontle export: the file can't be written (${(error as NodeJS.ErrnoException).code}).`);
    else throw error;
    return 1;
  }
}
