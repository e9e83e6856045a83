/** Reads an archive file by file, and holds everything in it against the checks that anything else goes through. */
import type { Schema } from "yup";
import { checkClass } from "../../core/class/check-class";
import type { ClassDoc } from "../../core/class/document";
import type { Person } from "../../core/homes/home";
import { checkRoster } from "../../core/homes/roster";
import { bookWith } from "../../core/moves/book";
import { checkOwn } from "../../core/moves/check-own";
import { LIBRARY_BOOK } from "../../core/moves/library";
import type { Move } from "../../core/moves/move";
import { planFaults } from "../../core/season/pattern";
import { readSettings } from "../../core/settings/settings";
import type { Fault } from "../../core/values/faults";
import { unsound } from "../../core/values/sound";
import type { Sentence } from "../../words/refusals/sentences";
import { Refused, sentence } from "../refused";
import {
  type ArchivedClass,
  type ArchivedPlan,
  type ArchivedSeason,
  type ArchivedSession,
  type ArchivedStep,
  type ArchivedStudio,
  CLASS,
  ENTRY,
  MOVES,
  PLAN,
  ROSTER,
  SEASON,
  SESSION,
  STEPS,
  STUDIO,
  shapeFault,
} from "./shapes";
import type { OpenArchive } from "./zip";

/** So much of what is wrong is told. */
const MOST_TOLD = 300;

const refuse = (name: string, what: string, values: Sentence["values"] = {}): Refused =>
  new Refused(
    "invalid",
    sentence("Nothing was taken in: {name}: {what}.", {
      name: name.slice(0, 60),
      what: { text: what.slice(0, MOST_TOLD), values },
    }),
  );

const refuseFor = (name: string, faults: readonly Fault[]): Refused =>
  refuse(name, "in it {faults}", { faults });

/** One file of it, as its schema says. @throws Refused naming the file and what is wrong in it */
async function read<T>(archive: OpenArchive, name: string, schema: Schema): Promise<T> {
  let value: unknown;
  try {
    value = JSON.parse(await archive.text(name));
  } catch (error) {
    if (error instanceof SyntaxError) throw refuse(name, "it is no JSON");
    throw error;
  }
  const wrong = unsound(value, ENTRY);
  if (wrong) throw refuseFor(name, [wrong]);
  const fault = shapeFault(schema, value);
  if (fault) throw refuse(name, fault);
  return value as T;
}

function needClass(name: string, doc: ClassDoc): void {
  const checked = checkClass(doc, LIBRARY_BOOK);
  if (!checked.ok) throw refuseFor(name, checked.error);
}

/** Files of a folder are called by the id that they hold. */
function needOwnName(name: string, id: string): void {
  if (!name.endsWith(`/${id}.json`)) throw refuse(name, "it holds what is called {id}", { id });
}

/** An archive that is read piece by piece; whatever it gives has been checked. */
export interface CheckedArchive {
  readonly studio: ArchivedStudio;
  readonly moves: readonly Move[];
  readonly people: readonly Person[];
  readonly steps: readonly ArchivedStep[];
  readonly classes: () => AsyncGenerator<ArchivedClass>;
  readonly sessions: () => AsyncGenerator<ArchivedSession>;
  readonly seasons: () => AsyncGenerator<ArchivedSeason>;
  readonly plans: () => AsyncGenerator<ArchivedPlan>;
}

async function readStudio(archive: OpenArchive): Promise<ArchivedStudio> {
  const studio = await read<ArchivedStudio>(archive, "studio.json", STUDIO);
  const settings = readSettings(studio.settings);
  if (!settings.ok) throw refuseFor("studio.json", settings.error);
  return studio;
}

async function readMoves(archive: OpenArchive): Promise<readonly Move[]> {
  const { moves } = await read<{ readonly moves: readonly Move[] }>(archive, "moves.json", MOVES);
  moves.forEach((move, i) => {
    const others = moves.filter((_, k) => k !== i);
    const checked = checkOwn(move, bookWith(LIBRARY_BOOK, others));
    if (!checked.ok) throw refuseFor("moves.json", checked.error);
  });
  return moves;
}

async function readPeople(archive: OpenArchive): Promise<readonly Person[]> {
  const roster = checkRoster(await read(archive, "roster.json", ROSTER));
  if (!roster.ok) throw refuseFor("roster.json", roster.error);
  return roster.value.people;
}

const FOLDERS = ["classes", "sessions", "seasons", "plans"] as const;
const SINGLE = ["studio.json", "moves.json", "roster.json", "steps.json"];

/** Opens what a zip holds as an archive: the small files at once, the others when they are asked for. */
export async function lookIn(archive: OpenArchive): Promise<CheckedArchive> {
  const stray = archive.names.find(
    (name) => !SINGLE.includes(name) && !FOLDERS.some((folder) => name.startsWith(`${folder}/`)),
  );
  if (stray !== undefined) throw refuse(stray, "that doesn't belong in an archive");
  const each = async function* <T extends { readonly id: string }>(
    folder: (typeof FOLDERS)[number],
    schema: Schema,
    check: (name: string, value: T) => void,
  ): AsyncGenerator<T> {
    for (const name of archive.names) {
      if (!name.startsWith(`${folder}/`)) continue;
      const value = await read<T>(archive, name, schema);
      needOwnName(name, value.id);
      check(name, value);
      yield value;
    }
  };
  const { steps } = await read<{ readonly steps: readonly ArchivedStep[] }>(archive, "steps.json", STEPS);
  return {
    studio: await readStudio(archive),
    moves: await readMoves(archive),
    people: await readPeople(archive),
    steps,
    classes: () =>
      each<ArchivedClass>("classes", CLASS, (name, { doc, versions }) => {
        needClass(name, doc);
        for (const version of versions) needClass(name, version.doc);
      }),
    sessions: () =>
      each<ArchivedSession>("sessions", SESSION, (name, { state, taught, endedAt }) => {
        if (taught) needClass(name, taught.doc);
        if (state === "ended" && !(taught && endedAt)) throw refuse(name, "it ended and was never taught");
      }),
    seasons: () =>
      each<ArchivedSeason>("seasons", SEASON, (name, { plan, classes }) => {
        const faults = planFaults(plan);
        if (faults.length > 0) throw refuse(name, "{faults} can’t be so", { faults: faults.join(", ") });
        for (const { made } of classes) needClass(name, made);
      }),
    plans: () => each<ArchivedPlan>("plans", PLAN, (name, { doc }) => needClass(name, doc)),
  };
}
