/** The commands of typed plans: `read` makes a class of one, `write` prints a class as one. */
import { readFileSync } from "node:fs";
import { STANCES } from "../core/class/document";
import { LIBRARY_BOOK } from "../core/moves/library";
import { printPlan } from "../core/notation/print-plan";
import { readPlan } from "../core/notation/read-plan";
import { wordsIn } from "../words/languages";
import { noteText, noteWhere } from "../words/note-words";
import { splitArgs } from "./args";
import type { Doors } from "./commands";
import { readClass } from "./files";

const words = wordsIn("en");

/** `brontle read PLAN.txt [--stance STANCE]`: the class as JSON; what wasn't certain on standard error; 1 where no class came of it. */
export function readCommand(args: readonly string[], doors: Doors): number {
  const split = splitArgs(args, ["--stance"]);
  const stance = typeof split === "string" ? undefined : split.flags.get("--stance");
  const known = STANCES.find((name) => name === (stance ?? "strength"));
  if (typeof split === "string" || !known) {
    doors.err("brontle read: use it as brontle read PLAN.txt [--stance form|strength|density].");
    return 1;
  }
  let text: string;
  try {
    text = readFileSync(split.file, "utf8");
  } catch {
    doors.err(`brontle read: ${split.file} can't be read.`);
    return 1;
  }
  const { doc, notes } = readPlan(text, LIBRARY_BOOK, { stance: known });
  for (const note of notes) doors.err(`${split.file}: ${noteWhere(note, words)}: ${noteText(note, words)}`);
  if (!doc) {
    doors.err(`brontle read: no class came of ${split.file}.`);
    return 1;
  }
  doors.out(JSON.stringify(doc));
  return 0;
}

/** `brontle write CLASS`: the class as a plan that reads back as it is. */
export function writeCommand(args: readonly string[], doors: Doors): number {
  const [file, ...others] = args;
  if (file === undefined || others.length > 0) {
    doors.err("brontle write: use it as brontle write CLASS.");
    return 1;
  }
  const doc = readClass(file);
  if (!doc.ok) {
    doc.error.forEach(doors.err);
    return 1;
  }
  doors.piece(printPlan(doc.value, LIBRARY_BOOK));
  return 0;
}
