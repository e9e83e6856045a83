/** People of a studio and their homes. */
import { and, eq, sql } from "drizzle-orm";
import { withSets } from "../core/formats/sets-csv";
import type { Person, WorkingSet } from "../core/homes/home";
import { keepingPrivate, OWN_KEYS } from "../core/homes/own-view";
import { checkPerson, checkRoster, MOST_SETS } from "../core/homes/roster";
import { db, transaction } from "./db/client";
import { person } from "./db/schema";
import { mergedWith } from "./merging";
import { notStored, Refused, sentence } from "./refused";

export interface StoredPerson {
  readonly id: string;
  readonly doc: Person;
}

const COLUMNS = { id: person.id, doc: person.doc };

function owned(studioId: string, id: string) {
  return and(eq(person.studioId, studioId), eq(person.id, id));
}

/** The studio's people, by name. */
export async function listPeople(studioId: string): Promise<StoredPerson[]> {
  const rows = await db().select(COLUMNS).from(person).where(eq(person.studioId, studioId));
  return rows.sort((a, b) => a.doc.name.localeCompare(b.doc.name, "en") || (a.id < b.id ? -1 : 1));
}

/** One person, or null where this studio has none of that id. */
export async function findPerson(studioId: string, id: string): Promise<StoredPerson | null> {
  const [row] = await db().select(COLUMNS).from(person).where(owned(studioId, id));
  return row ?? null;
}

function checked(input: unknown): Person {
  const result = checkPerson(input);
  if (result.ok) return result.value;
  throw notStored(result.error);
}

/** People of one studio. */
const MOST_PEOPLE = 2000;

/** How many people a studio has. */
export async function countPeople(studioId: string): Promise<number> {
  return db().$count(person, eq(person.studioId, studioId));
}

/** Refuses what would make a studio larger than can be shown and worked out. */
async function needRoom(studioId: string, more: number): Promise<void> {
  if ((await countPeople(studioId)) + more > MOST_PEOPLE)
    throw new Refused(
      "invalid",
      sentence("Nothing was stored: a studio has at most {most} people.", { most: MOST_PEOPLE }),
    );
}

/** Adds a person; the roster id is made here where none is given. */
export async function createPerson(studioId: string, input: Record<string, unknown>): Promise<string> {
  const doc = checked({
    ...input,
    id: typeof input.id === "string" ? input.id : `p-${crypto.randomUUID().slice(0, 8)}`,
  });
  await needRoom(studioId, 1);
  const [row] = await db()
    .insert(person)
    .values({ studioId, rosterId: doc.id, doc })
    .onConflictDoNothing()
    .returning({ id: person.id });
  if (!row)
    throw new Refused("conflict", sentence("There is somebody with the id {id} already.", { id: doc.id }));
  return row.id;
}

/**
 * Stores a person's changed home. The roster id stays. What others changed since `before` stays too.
 * @throws Refused `conflict` where they changed the same
 */
export async function updatePerson(
  studioId: string,
  id: string,
  input: Record<string, unknown>,
  before: Record<string, unknown> | null = null,
): Promise<void> {
  await transaction(async (tx) => {
    const [row] = await tx.select(COLUMNS).from(person).where(owned(studioId, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such person here.");
    const doc = checked({ ...mergedWith(before, input, row.doc), id: row.doc.id });
    await tx.update(person).set({ doc, updatedAt: new Date() }).where(owned(studioId, id));
  });
}

const ownOf = (record: Readonly<Record<string, unknown>>) =>
  Object.fromEntries(OWN_KEYS.filter((key) => record[key] !== undefined).map((key) => [key, record[key]]));

/** Stores what a person says of their own home; what they leave out is no longer said. */
export async function updateOwnHome(
  studioId: string,
  id: string,
  input: Record<string, unknown>,
  before: Record<string, unknown> | null = null,
): Promise<void> {
  await transaction(async (tx) => {
    const [row] = await tx.select(COLUMNS).from(person).where(owned(studioId, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such person here.");
    const kept = Object.fromEntries(
      Object.entries(row.doc).filter(([key]) => !(OWN_KEYS as readonly string[]).includes(key)),
    );
    const said = mergedWith(before && ownOf(before), ownOf(input), ownOf(row.doc as never));
    const doc = checked({ ...kept, ...said, id: row.doc.id });
    await tx.update(person).set({ doc, updatedAt: new Date() }).where(owned(studioId, id));
  });
}

/** Keeps (or with null drops) the instructor's standing choice of a move for a person. */
export async function setAlways(
  studioId: string,
  id: string,
  from: string,
  to: string | null,
): Promise<void> {
  await transaction(async (tx) => {
    const [row] = await tx.select(COLUMNS).from(person).where(owned(studioId, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such person here.");
    const { [from]: _old, ...others } = row.doc.always ?? {};
    const always = to === null ? others : { ...others, [from]: to };
    const doc = checked({ ...row.doc, always });
    await tx.update(person).set({ doc, updatedAt: new Date() }).where(owned(studioId, id));
  });
}

/** Sets of an earlier log, as known sets; gives how many weren't known. Of too many the oldest go. */
export async function addSets(
  studioId: string,
  id: string,
  sets: readonly WorkingSet[],
): Promise<{ readonly added: number }> {
  return transaction(async (tx) => {
    const [row] = await tx.select(COLUMNS).from(person).where(owned(studioId, id)).for("update");
    if (!row) throw new Refused("not-found", "There is no such person here.");
    const { sets: workingSets, added } = withSets(row.doc.workingSets ?? [], sets, MOST_SETS);
    const doc = checked({ ...row.doc, workingSets });
    await tx.update(person).set({ doc, updatedAt: new Date() }).where(owned(studioId, id));
    return { added };
  });
}

/** Imports a roster: everybody or nobody. Somebody with the same roster id is updated, not doubled. */
export async function importRoster(studioId: string, input: unknown): Promise<number> {
  const roster = checkRoster(input);
  if (!roster.ok) {
    throw notStored(roster.error);
  }
  const { people } = roster.value;
  if (people.length === 0) return 0;
  const known = new Map((await listPeople(studioId)).map((row) => [row.doc.id, row.doc]));
  await needRoom(studioId, people.filter(({ id }) => !known.has(id)).length);
  await db()
    .insert(person)
    .values(
      people.map((doc) => ({
        studioId,
        rosterId: doc.id,
        doc: keepingPrivate(doc, known.get(doc.id) ?? doc),
      })),
    )
    .onConflictDoUpdate({
      target: [person.studioId, person.rosterId],
      set: { doc: sql`excluded.doc`, updatedAt: new Date() },
    });
  return people.length;
}
