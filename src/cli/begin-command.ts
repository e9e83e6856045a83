/** `brontle begin`: a class begun from one of our own starting points or from an earlier class. */
import { KIT_TYPES, type KitType } from "../core/homes/kit";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type Source, startedFrom } from "../core/starting/started";
import { templateClass } from "../core/starting/template";
import { TEMPLATES } from "../core/starting/templates";
import { englishSentence, lineText } from "../words/finding-words";
import { wordsIn } from "../words/languages";
import { splitArgs } from "./args";
import type { Doors } from "./commands";
import { readClass, readRoster } from "./files";

const words = wordsIn("en");
const USAGE =
  "brontle begin [NAME | CLASS [--step up]] [--roster ROSTER] [--minutes N] [--kit KIT,KIT… or none]";
const FLAGS = ["--roster", "--minutes", "--kit", "--step"];

/** The kit of a flag: null is whatever each has; a text is what is wrong. */
function kitOf(text: string | undefined): readonly KitType[] | null | string {
  if (text === undefined) return null;
  if (text === "none") return [];
  const types = text.split(",").map((name) => name.trim());
  const known = types.flatMap((name) => KIT_TYPES.find((type) => type === name) ?? []);
  const unknown = types.find((name) => !KIT_TYPES.some((type) => type === name));
  return unknown === undefined ? known : `there is no kit ${unknown}`;
}

/** The length and the kit that flags say; lines of what is wrong. */
function wantedOf(
  flags: ReadonlyMap<string, string>,
): { readonly minutes: number | null; readonly kit: readonly KitType[] | null } | readonly string[] {
  const minutes = flags.get("--minutes");
  if (minutes !== undefined && !/^[1-9]\d{0,2}$/.test(minutes))
    return ["brontle begin: --minutes wants a whole number."];
  const kit = kitOf(flags.get("--kit"));
  if (typeof kit === "string") return [`brontle begin: ${kit}.`];
  return { minutes: minutes === undefined ? null : Number(minutes), kit };
}

/** Every starting point, a JSON object a line. */
function list(doors: Doors): number {
  for (const template of TEMPLATES) {
    const { id, purpose, stance, minutes, about } = template;
    doors.out(JSON.stringify({ id, title: templateClass(template).title, purpose, stance, minutes, about }));
  }
  return 0;
}

/** The source that a word or a file names, with the length it comes with; lines of what is wrong. */
function sourceOf(
  name: string,
  step: string | undefined,
): { source: Source; minutes: number | null } | readonly string[] {
  const template = TEMPLATES.find(({ id }) => id === name);
  if (template && step !== undefined) return ["brontle begin: a step up is from an earlier class."];
  if (template) return { source: { template: name }, minutes: template.minutes };
  const doc = readClass(name);
  if (!doc.ok) return doc.error;
  return {
    source: { doc: doc.value, step: step === "up" },
    minutes: doc.value.promise?.minutes ?? null,
  };
}

/**
 * The class as JSON; on standard error what was changed for the people, the kit and the length, and what is left to
 * decide. Without a name the list of what there is to begin from. 1 where something can't be read.
 */
export function beginCommand(args: readonly string[], doors: Doors): number {
  if (args.length === 0) return list(doors);
  const split = splitArgs(args, FLAGS);
  if (typeof split === "string") {
    doors.err(`brontle begin: ${split}use it as ${USAGE}.`);
    return 1;
  }
  const { file, flags } = split;
  const wanted = wantedOf(flags);
  const rosterFile = flags.get("--roster");
  const roster = rosterFile === undefined ? null : readRoster(rosterFile);
  const from = sourceOf(file, flags.get("--step"));
  const wrong = [
    ...("minutes" in wanted ? [] : wanted),
    ...("source" in from ? [] : from),
    ...(roster && !roster.ok ? roster.error : []),
  ];
  wrong.forEach(doors.err);
  if (!("minutes" in wanted) || !("source" in from) || (roster && !roster.ok)) return 1;
  const made = startedFrom(from.source, {
    library: LIBRARY_BOOK,
    people: roster?.value.people ?? [],
    minutes: wanted.minutes ?? from.minutes,
    kit: wanted.kit,
    on: doors.today,
    sentence: englishSentence,
  });
  for (const reason of made.says) doors.err(words.say("start", reason));
  for (const line of made.left) doors.err(`Left: ${lineText(line, words)}`);
  doors.out(JSON.stringify(made.doc));
  return 0;
}
