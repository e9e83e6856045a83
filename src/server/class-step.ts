/** The step that a class itself may take, from what everybody's own next steps are. */

import { and, desc, eq, gt } from "drizzle-orm";
import { expandedSeconds } from "../core/class/expand";
import { applyChecked } from "../core/class/history";
import { LIBRARY_BOOK } from "../core/moves/library";
import { type ClassStep, classStep } from "../core/progress/class-step";
import { applyEdits, findClass, listClasses } from "./classes";
import { db, transaction } from "./db/client";
import { session, sessionPerson } from "./db/schema";
import { keepFor, type NextOf, nextOfRoom } from "./progress";
import { Refused } from "./refused";
import { settingsOf } from "./studios";

/** A class is asked about as long as it was taught so lately, ms: four weeks. */
const LATELY_MS = 28 * 86_400_000;

export interface OfferedStep extends Pick<ClassStep, "kind" | "block"> {
  readonly classId: string;
  readonly title: string;
  readonly blockTitle: string;
  /** Of how many who did it so many are ready. */
  readonly ready: number;
  readonly all: number;
  /** Names of who keeps what there was. */
  readonly others: readonly string[];
  /** By how much the class gets longer, seconds. */
  readonly longer: number;
}

/** Undecided and decided alike: whoever is ready for more is ready for it in the class too. */
const proposalsOf = (room: readonly NextOf[], asked: ReadonlySet<string> | undefined) =>
  room
    .filter(({ id }) => asked?.has(id))
    .map(({ person, moves }) => ({ person, proposals: moves.map(({ proposal }) => proposal) }));

/** Who was asked to each class that was taught lately, by row id; the last taught first. */
async function askedLately(studioId: string): Promise<ReadonlyMap<string, ReadonlySet<string>>> {
  const rows = await db()
    .select({ classId: session.classId, personId: sessionPerson.personId })
    .from(session)
    .innerJoin(sessionPerson, eq(sessionPerson.sessionId, session.id))
    .where(
      and(
        eq(session.studioId, studioId),
        eq(session.state, "ended"),
        gt(session.startsAt, new Date(Date.now() - LATELY_MS)),
      ),
    )
    .orderBy(desc(session.startsAt));
  const asked = new Map<string, Set<string>>();
  for (const { classId, personId } of rows)
    if (classId) asked.set(classId, (asked.get(classId) ?? new Set()).add(personId));
  return asked;
}

/** Steps of the classes that were taught lately, the last taught first. */
export async function classSteps(studioId: string, room: readonly NextOf[]): Promise<readonly OfferedStep[]> {
  const [classes, asked, { thresholds }] = await Promise.all([
    listClasses(studioId),
    askedLately(studioId),
    settingsOf(studioId),
  ]);
  const names = new Map(room.map(({ person, name }) => [person, name]));
  return [...asked].flatMap(([id, people]): OfferedStep[] => {
    const found = classes.find((each) => each.id === id);
    const step = found && classStep(found.doc, proposalsOf(room, people), thresholds);
    const next = step && applyChecked(found.doc, step.edit, LIBRARY_BOOK);
    if (!step || !next?.ok) return [];
    const { doc } = found;
    const seconds = (of: typeof doc) => expandedSeconds(of, LIBRARY_BOOK, "plan");
    return [
      {
        classId: id,
        title: doc.title,
        block: step.block,
        blockTitle: doc.blocks.find((block) => block.id === step.block)?.title ?? "",
        kind: step.kind,
        ready: step.ready.length,
        all: step.ready.length + step.others.length,
        others: step.others.map(({ person }) => names.get(person) ?? person),
        longer: seconds(next.value) - seconds(doc),
      },
    ];
  });
}

/** Takes the step of a class, and keeps for the others what there was. @throws Refused where there is none any more */
export async function takeClassStep(
  who: { readonly studioId: string; readonly userId: string; readonly name: string },
  classId: string,
  expected: Pick<ClassStep, "block" | "kind">,
): Promise<void> {
  const [found, room, asked, { thresholds }] = await Promise.all([
    findClass(who.studioId, classId),
    nextOfRoom(who.studioId),
    askedLately(who.studioId),
    settingsOf(who.studioId),
  ]);
  if (!found) throw new Refused("not-found", "There is no such class here.");
  const step = classStep(found.doc, proposalsOf(room, asked.get(classId)), thresholds);
  if (!step || step.block !== expected.block || step.kind !== expected.kind)
    throw new Refused("conflict", "The class has another step to take by now: look at it again.");
  const id = crypto.randomUUID();
  const { refused } = await applyEdits(who, classId, found.revision, [{ id, edit: step.edit }]);
  if (refused.length > 0) throw new Refused("conflict", "The class was changed meanwhile: look at it again.");
  const rows = new Map(room.map((each) => [each.person, each.id]));
  await transaction(async (tx) => {
    for (const { person, keeps } of step.others) {
      const row = rows.get(person);
      if (row && keeps.length > 0) await keepFor(tx, who, row, keeps);
    }
  });
}
