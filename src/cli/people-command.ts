/** Everybody with what they do in some classes, as a page to be read: `docs/people.md` is made by it. */
import { LIBRARY_BOOK } from "../core/moves/library";
import { partFor } from "../core/parts/parts";
import { isDay } from "../core/units";
import { wordsIn } from "../words/languages";
import { personStory, type StoryPerson } from "../words/story-words";
import { splitFiles } from "./args";
import type { Doors } from "./commands";
import { readClass, readRoster } from "./files";

const USAGE = "use it as brontle people CLASS… --roster ROSTER [--on DATE].";

/** `brontle people CLASS… --roster ROSTER [--on DATE]`: Markdown, a chapter a person. */
export function peopleCommand(args: readonly string[], doors: Doors): number {
  const split = splitFiles(args, ["--roster", "--on"]);
  const rosterFile = typeof split === "string" ? undefined : split.flags.get("--roster");
  if (typeof split === "string" || rosterFile === undefined) {
    doors.err(`brontle people: ${typeof split === "string" ? split : ""}${USAGE}`);
    return 1;
  }
  const on = split.flags.get("--on") ?? doors.today;
  if (!isDay(on)) {
    doors.err("brontle people: --on wants a day, as in 2026-11-26.");
    return 1;
  }
  const docs = split.files.map(readClass);
  const roster = readRoster(rosterFile);
  for (const result of [...docs, roster]) if (!result.ok) result.error.forEach(doors.err);
  if (!roster.ok || docs.some((doc) => !doc.ok)) return 1;
  const classes = docs.flatMap((doc) => (doc.ok ? [doc.value] : []));
  const words = wordsIn("en");
  doors.out(PEOPLE_HEAD);
  for (const person of roster.value.people as readonly StoryPerson[]) {
    const parts = classes.map((doc) => ({ doc, part: partFor(doc, person, LIBRARY_BOOK, { on }) }));
    doors.out(`\n${personStory(person, parts, LIBRARY_BOOK, words)}`);
  }
  return 0;
}

const PEOPLE_HEAD = `# People and what they do

Thirty invented people and six classes of different shape, as files in \`examples/\`: what each does in each, and why. Made by

    ./brontle people examples/classes/*.json --roster examples/people.json --on 2026-11-26 > docs/people.md

and read as a coach reads it; a test holds this page to the command. What is set stands before the arrow, what is done behind it, with the reps or seconds of the first set, what is held, and about how many reps (of a hold: five seconds each) are likely to be left. Warm-ups and cool-downs are in it; what is done as set with nothing in the hands stands together.`;
