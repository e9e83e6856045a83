/** Plans that somebody does by themselves: set by the instructor, done by the phone, and then known of the person like a class. */
import { and, asc, eq, gte, isNull, or } from "drizzle-orm";
import type { Person } from "../core/homes/home";
import type { SlotDone } from "../core/log/entries";
import { taughtSets, withTaught } from "../core/log/working-sets";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Part } from "../core/parts/part";
import { partFor } from "../core/parts/parts";
import type { LoggedClass } from "../core/progress/from-log";
import type { AloneDone } from "../core/season/alone";
import { dayOf } from "../core/units";
import { findClass } from "./classes";
import { db, type Tx, transaction } from "./db/client";
import { person } from "./db/schema";
import { alone } from "./db/season-schema";
import type { Participant } from "./links";
import { listPeople } from "./people";
import { Refused } from "./refused";
import { settingsOf } from "./studios";

export type AloneRow = typeof alone.$inferSelect;

/** Plans of one person that stand at a time. */
const MOST_PLANS = 60;
/** A plan that wasn't done is on the page for so long after its day, ms. */
const STILL_MS = 14 * 86_400_000;

export interface AlonePlan {
  /** Row ids. */
  readonly people: readonly string[];
  readonly classId: string;
  /** `YYYY-MM-DD`. */
  readonly day: string;
  readonly note: string;
}

/** Sets a class as a plan for some people, each by themselves on a day; gives the ids of the plans. */
export async function setAlone(studioId: string, plan: AlonePlan): Promise<readonly string[]> {
  const found = await findClass(studioId, plan.classId);
  if (!found) throw new Refused("not-found", "There is no such class here.");
  const known = new Map((await listPeople(studioId)).map(({ id, doc }) => [id, doc.id]));
  if (plan.people.some((id) => !known.has(id)))
    throw new Refused("not-found", "There is no such person here.");
  return transaction(async (tx) => {
    const made: string[] = [];
    for (const personId of plan.people) {
      const there = await tx.select({ id: alone.id }).from(alone).where(open(studioId, personId));
      if (there.length >= MOST_PLANS) throw new Refused("conflict", "They have enough to do by themselves.");
      const { title } = found.doc;
      const [row] = await tx
        .insert(alone)
        .values({
          studioId,
          personId,
          title,
          doc: docFor(found.doc, known.get(personId)),
          day: plan.day,
          note: plan.note,
        })
        .returning({ id: alone.id });
      if (row) made.push(row.id);
    }
    return made;
  });
}

/** A class as one person gets it: nothing in it is about anybody else. */
function docFor(doc: AloneRow["doc"], rosterId: string | undefined): AloneRow["doc"] {
  const { acknowledged: _findings, overruled, ...rest } = doc;
  const own = overruled?.filter((entry) => entry.person === rosterId) ?? [];
  return { ...rest, ...(own.length > 0 ? { overruled: own } : {}) };
}

function open(studioId: string, personId: string) {
  return and(
    eq(alone.studioId, studioId),
    eq(alone.personId, personId),
    eq(alone.withdrawn, false),
    isNull(alone.doneAt),
  );
}

/** Takes a plan back that wasn't done yet. */
export async function withdrawAlone(studioId: string, id: string): Promise<void> {
  const rows = await db()
    .update(alone)
    .set({ withdrawn: true })
    .where(and(eq(alone.studioId, studioId), eq(alone.id, id), isNull(alone.doneAt)))
    .returning({ id: alone.id });
  if (rows.length === 0) throw new Refused("not-found", "There is no such plan, or it was done already.");
}

/** All plans of a person that weren't taken back, by day. */
export async function aloneOf(studioId: string, personId: string): Promise<readonly AloneRow[]> {
  return db()
    .select()
    .from(alone)
    .where(and(eq(alone.studioId, studioId), eq(alone.personId, personId), eq(alone.withdrawn, false)))
    .orderBy(asc(alone.day));
}

/** What stands on somebody's page: what is to be done, and what was done lately. */
export async function aloneShown(studioId: string, personId: string) {
  const since = dayOf(Date.now() - STILL_MS);
  const rows = await db()
    .select({ id: alone.id, title: alone.title, day: alone.day, doneAt: alone.doneAt })
    .from(alone)
    .where(
      and(
        eq(alone.studioId, studioId),
        eq(alone.personId, personId),
        eq(alone.withdrawn, false),
        or(gte(alone.day, since), gte(alone.doneAt, new Date(Date.now() - STILL_MS))),
      ),
    )
    .orderBy(asc(alone.day));
  return rows.map(({ doneAt, ...rest }) => ({ ...rest, done: doneAt !== null }));
}

/** A plan of this person's own. @throws Refused where there is none of that id */
export async function needAlone(who: Participant, id: string): Promise<AloneRow> {
  const [row] = await db()
    .select()
    .from(alone)
    .where(and(eq(alone.id, id), eq(alone.personId, who.personId), eq(alone.withdrawn, false)));
  if (!row) throw new Refused("not-found", "There is no such plan here.");
  return row;
}

/** Their own version of a plan, in their home, as it is today. */
export async function alonePart(studioId: string, doc: AloneRow["doc"], who: Person): Promise<Part> {
  const { changeOver } = await settingsOf(studioId);
  return partFor(doc, who, LIBRARY_BOOK, { table: changeOver, on: dayOf(Date.now()) });
}

/** Writes down what was done, once; from then on it is known of the person. */
export async function doneAlone(who: Participant, id: string, said: Omit<AloneDone, "part">): Promise<void> {
  const row = await needAlone(who, id);
  const part = await alonePart(who.studioId, row.doc, who.doc);
  const slots = new Set(part.slots.map(({ slot }) => slot));
  if ([...Object.keys(said.slots), ...said.hurt].some((slot) => !slots.has(slot)))
    throw new Refused("invalid", "That isn’t part of this plan.");
  await transaction((tx) => keepIn(tx, who, row, { ...said, part }));
}

async function keepIn(tx: Tx, who: Participant, row: AloneRow, done: AloneDone): Promise<void> {
  const kept = await tx
    .update(alone)
    .set({ done, doneAt: new Date() })
    .where(and(eq(alone.id, row.id), isNull(alone.doneAt)))
    .returning({ id: alone.id });
  if (kept.length === 0) throw new Refused("conflict", "This was written down already.");
  const own = new Map(done.part.slots.map((each) => [each.slot, each]));
  const said = new Map<string, SlotDone>(
    Object.entries(done.slots).filter(([slot]) => !done.hurt.includes(slot)),
  );
  const sets = taughtSets(
    said,
    (slot) => own.get(slot),
    (move) => LIBRARY_BOOK.get(move),
    dayOf(Date.now()),
  );
  if (sets.length === 0) return;
  const [found] = await tx
    .select({ doc: person.doc })
    .from(person)
    .where(eq(person.id, who.personId))
    .for("update");
  if (!found) return;
  const workingSets = withTaught(found.doc.workingSets ?? [], sets);
  await tx
    .update(person)
    .set({ doc: { ...found.doc, workingSets }, updatedAt: new Date() })
    .where(eq(person.id, who.personId));
}

/** A plan that was done, as one person is known of it: like a class that they confirmed. */
export function loggedAlone(row: AloneRow, doc: Person): LoggedClass | null {
  const { done, doneAt } = row;
  if (!done || !doneAt) return null;
  const kept = <V>(value: V) => ({ value, by: "self", atMs: doneAt.getTime(), earlier: [] });
  return {
    day: dayOf(doneAt.getTime()),
    doc: row.doc,
    hurt: new Set(done.hurt),
    own: {
      person: doc.id,
      name: doc.name,
      present: true,
      kept: {
        ...(done.effort === null ? {} : { effort: kept(done.effort) }),
        ...Object.fromEntries(
          Object.entries(done.slots).map(([slot, value]) => [`slot:${slot}`, kept(value)]),
        ),
      },
      prefilled: new Map(),
      part: done.part,
    },
  };
}

/** Everybody's plans that were done since a day, by row id of the person. */
export async function loggedAloneOf(
  studioId: string,
  people: readonly { readonly id: string; readonly doc: Person }[],
): Promise<ReadonlyMap<string, readonly LoggedClass[]>> {
  const rows = await db().select().from(alone).where(eq(alone.studioId, studioId));
  const docs = new Map(people.map(({ id, doc }) => [id, doc]));
  const made = new Map<string, LoggedClass[]>();
  for (const row of rows) {
    const doc = docs.get(row.personId);
    const logged = doc && loggedAlone(row, doc);
    if (logged) made.set(row.personId, [...(made.get(row.personId) ?? []), logged]);
  }
  return made;
}
