/** Seasons: a pattern made into classes on dates, each with a document of its own; read back, followed and removed. */
import { and, asc, count, desc, eq, inArray, sql } from "drizzle-orm";
import type { ClassDoc } from "../core/class/document";
import { expandedSeconds } from "../core/class/expand";
import { fieldsIn } from "../core/live/when";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { SeasonView } from "../core/season/checks";
import { docInWeek, wasEdited } from "../core/season/grow";
import { planFaults, type SeasonPlan, seasonDates } from "../core/season/pattern";
import { findClass } from "./classes";
import { db, type Tx, transaction } from "./db/client";
import { classes, person, session, sessionPerson } from "./db/schema";
import { season, seasonClass } from "./db/season-schema";
import { sayIn } from "./live/said";
import { listPeople } from "./people";
import { Refused, sentence } from "./refused";
import { settingsOf } from "./studios";

/** Classes that one season makes at most, and seasons of a studio. */
const MOST_CLASSES = 200;
const MOST_SEASONS = 50;

export interface ListedSeason {
  readonly id: string;
  readonly title: string;
  readonly plan: SeasonPlan;
  readonly classes: number;
}

const owned = (studioId: string, id: string) => and(eq(season.studioId, studioId), eq(season.id, id));

export async function listSeasons(studioId: string): Promise<readonly ListedSeason[]> {
  return db()
    .select({ id: season.id, title: season.title, plan: season.plan, classes: count(seasonClass.id) })
    .from(season)
    .leftJoin(seasonClass, eq(seasonClass.seasonId, season.id))
    .where(eq(season.studioId, studioId))
    .groupBy(season.id)
    .orderBy(desc(season.createdAt));
}

function checkPlan(plan: SeasonPlan): void {
  const faults = planFaults(plan);
  if (faults.length > 0)
    throw new Refused(
      "invalid",
      sentence("Nothing was made: {faults} can’t be so.", { faults: faults.join(", ") }),
    );
}

/** The classes that a pattern is made from, by id. */
async function basesOf(studioId: string, plan: SeasonPlan): Promise<ReadonlyMap<string, ClassDoc>> {
  const bases = new Map<string, ClassDoc>();
  for (const id of new Set(plan.lines.map(({ classId }) => classId))) {
    const found = await findClass(studioId, id);
    if (!found) throw new Refused("not-found", "A class of the pattern is no longer there.");
    bases.set(id, found.doc);
  }
  return bases;
}

interface Place {
  readonly week: number;
  readonly line: number;
  readonly atMs: number;
  readonly doc: ClassDoc;
}

/** Puts classes on their dates: a document and a session each, and who is asked. */
async function putIn(
  tx: Tx,
  studioId: string,
  seasonId: string,
  timeZone: string,
  places: readonly Place[],
  people: readonly string[],
): Promise<void> {
  if (places.length === 0) return;
  const docs = await tx
    .insert(classes)
    .values(places.map(({ doc }) => ({ studioId, title: doc.title, doc })))
    .returning({ id: classes.id });
  const sessions = await tx
    .insert(session)
    .values(
      places.map(({ atMs }, i) => ({
        studioId,
        classId: docs[i]?.id as string,
        startsAt: new Date(atMs),
        timeZone,
        state: "planned" as const,
      })),
    )
    .returning({ id: session.id });
  await tx.insert(seasonClass).values(
    places.map(({ week, line, doc }, i) => ({
      seasonId,
      week,
      line,
      classId: docs[i]?.id as string,
      sessionId: sessions[i]?.id as string,
      made: doc,
    })),
  );
  const asked = sessions.flatMap(({ id: sessionId }) => people.map((personId) => ({ sessionId, personId })));
  if (asked.length > 0) await tx.insert(sessionPerson).values(asked);
}

/** Makes a season of a pattern; days off have no class. `people`: row ids, null asks everybody. */
export async function createSeason(
  studioId: string,
  title: string,
  plan: SeasonPlan,
  people: readonly string[] | null,
): Promise<string> {
  checkPlan(plan);
  const [bases, known, { thresholds }, there] = await Promise.all([
    basesOf(studioId, plan),
    listPeople(studioId),
    settingsOf(studioId),
    listSeasons(studioId),
  ]);
  if (there.length >= MOST_SEASONS)
    throw new Refused("conflict", "There are enough seasons: remove one first.");
  const asked = people === null ? known.map(({ id }) => id) : people;
  if (asked.some((id) => !known.some((row) => row.id === id)))
    throw new Refused("not-found", "There is no such person here.");
  const dates = seasonDates(plan).filter(({ off }) => !off);
  if (dates.length === 0) throw new Refused("invalid", "Nothing was made: this pattern has no date.");
  if (dates.length > MOST_CLASSES)
    throw new Refused(
      "invalid",
      sentence("Nothing was made: at most {most} classes in one season.", { most: MOST_CLASSES }),
    );
  const places = dates.map(({ week, line, atMs }): Place => {
    const base = bases.get(plan.lines[line]?.classId ?? "") as ClassDoc;
    return { week, line, atMs, doc: docInWeek(base, plan, week, thresholds) };
  });
  return transaction(async (tx) => {
    const [row] = await tx.insert(season).values({ studioId, title, plan }).returning({ id: season.id });
    if (!row) throw new Error("the season was not stored");
    await putIn(tx, studioId, row.id, plan.timeZone, places, asked);
    await sayIn(tx, "sessions", studioId);
    return row.id;
  });
}

export interface SeasonClassRow {
  readonly sessionId: string;
  readonly classId: string;
  readonly week: number;
  readonly line: number;
  readonly state: typeof session.$inferSelect.state;
  readonly startsAtMs: number;
  readonly timeZone: string;
  readonly doc: ClassDoc;
  readonly edited: boolean;
  /** Roster ids. */
  readonly people: readonly string[];
}

export interface WholeSeason {
  readonly id: string;
  readonly title: string;
  readonly plan: SeasonPlan;
  readonly classes: readonly SeasonClassRow[];
}

async function needSeason(studioId: string, id: string): Promise<typeof season.$inferSelect> {
  const [row] = await db().select().from(season).where(owned(studioId, id));
  if (!row) throw new Refused("not-found", "There is no such season here.");
  return row;
}

async function rowsOf(seasonId: string) {
  return db()
    .select({
      id: seasonClass.id,
      week: seasonClass.week,
      line: seasonClass.line,
      made: seasonClass.made,
      classId: classes.id,
      doc: classes.doc,
      revision: classes.revision,
      sessionId: session.id,
      state: session.state,
      startsAt: session.startsAt,
      timeZone: session.timeZone,
    })
    .from(seasonClass)
    .innerJoin(classes, eq(classes.id, seasonClass.classId))
    .innerJoin(session, eq(session.id, seasonClass.sessionId))
    .where(eq(seasonClass.seasonId, seasonId))
    .orderBy(asc(session.startsAt), asc(seasonClass.line));
}

/** A season with its classes as they are now, in order. @throws Refused where the studio has none of that id */
export async function seasonOf(studioId: string, id: string): Promise<WholeSeason> {
  const row = await needSeason(studioId, id);
  const rows = await rowsOf(id);
  const asked = rows.length
    ? await db()
        .select({ sessionId: sessionPerson.sessionId, rosterId: person.rosterId })
        .from(sessionPerson)
        .innerJoin(person, eq(person.id, sessionPerson.personId))
        .where(
          inArray(
            sessionPerson.sessionId,
            rows.map(({ sessionId }) => sessionId),
          ),
        )
    : [];
  const people = new Map<string, string[]>();
  for (const { sessionId, rosterId } of asked)
    people.set(sessionId, [...(people.get(sessionId) ?? []), rosterId]);
  return {
    id,
    title: row.title,
    plan: row.plan,
    classes: rows.map(({ id: _, made, startsAt, revision: _r, ...rest }) => ({
      ...rest,
      startsAtMs: startsAt.getTime(),
      edited: wasEdited(made, rest.doc),
      people: people.get(rest.sessionId) ?? [],
    })),
  };
}

/** A season as its checks see it: without what was cancelled. */
export function viewOf(
  { plan, classes: all }: WholeSeason,
  people: SeasonView["people"],
  busy: NonNullable<SeasonView["busy"]> = [],
): SeasonView {
  const everybody = people.length;
  const dates = new Map(seasonDates(plan).map((date) => [`${date.week} ${date.line}`, date]));
  return {
    plan,
    people,
    busy,
    classes: all
      .filter(({ state }) => state !== "cancelled")
      .map((each) => {
        const { date: day } = fieldsIn(each.startsAtMs, plan.timeZone);
        return {
          id: each.sessionId,
          week: each.week,
          day,
          atMs: each.startsAtMs,
          seconds: expandedSeconds(each.doc, LIBRARY_BOOK, "plan"),
          title: each.doc.title,
          doc: each.doc,
          easier: dates.get(`${each.week} ${each.line}`)?.easier ?? false,
          off: plan.off.includes(day),
          people: each.people.length === everybody ? null : each.people,
        };
      }),
  };
}

export interface Followed {
  /** Classes that follow their base, by session id. */
  readonly follow: readonly string[];
  /** Classes that were edited, and stay. */
  readonly stay: readonly string[];
}

/** What a change of the bases would do: which classes would follow, and which were edited and stay. Taught ones never change. */
export async function toFollow(
  studioId: string,
  id: string,
): Promise<Followed & { readonly docs: ReadonlyMap<string, ClassDoc> }> {
  const { plan } = await needSeason(studioId, id);
  const [{ thresholds }, rows] = await Promise.all([settingsOf(studioId), rowsOf(id)]);
  const bases = new Map<string, ClassDoc | null>();
  for (const { classId } of plan.lines)
    if (!bases.has(classId)) bases.set(classId, (await findClass(studioId, classId))?.doc ?? null);
  const docs = new Map<string, ClassDoc>();
  const stay: string[] = [];
  for (const { week, line, made, doc, state, sessionId } of rows) {
    const base = bases.get(plan.lines[line]?.classId ?? "") ?? null;
    if (!base || state !== "planned") continue;
    const now = docInWeek(base, plan, week, thresholds);
    if (!wasEdited(made, now)) continue;
    if (wasEdited(made, doc)) stay.push(sessionId);
    else docs.set(sessionId, now);
  }
  return { follow: [...docs.keys()], stay, docs };
}

/** Brings a changed base into the classes that weren't edited. */
export async function follow(studioId: string, id: string): Promise<Followed> {
  const { docs, stay } = await toFollow(studioId, id);
  const rows = new Map((await rowsOf(id)).map((row) => [row.sessionId, row]));
  return transaction(async (tx) => {
    const follow: string[] = [];
    for (const [sessionId, doc] of docs) {
      const row = rows.get(sessionId);
      if (!row) continue;
      // Edited in this very moment, it stays after all.
      const changed = await tx
        .update(classes)
        .set({ doc, title: doc.title, revision: row.revision + 1, updatedAt: new Date() })
        .where(and(eq(classes.id, row.classId), eq(classes.revision, row.revision)))
        .returning({ id: classes.id });
      if (changed.length === 0) continue;
      await tx.update(seasonClass).set({ made: doc }).where(eq(seasonClass.id, row.id));
      follow.push(sessionId);
    }
    return { follow, stay };
  });
}

/** Removes a season: what is ahead is cancelled, what was taught stays in the log. */
export async function removeSeason(studioId: string, id: string): Promise<void> {
  await needSeason(studioId, id);
  const rows = await rowsOf(id);
  await transaction(async (tx) => {
    const ahead = rows.filter(({ state }) => state === "planned").map(({ sessionId }) => sessionId);
    if (ahead.length > 0)
      await tx
        .update(session)
        .set({ state: "cancelled", sequence: sql`${session.sequence} + 1` })
        .where(inArray(session.id, ahead));
    const docs = (those: typeof rows) => those.map(({ classId }) => classId);
    const [gone, kept] = [
      docs(rows.filter(({ sessionId }) => ahead.includes(sessionId))),
      docs(rows.filter(({ sessionId }) => !ahead.includes(sessionId))),
    ];
    if (gone.length > 0)
      await tx.update(classes).set({ deletedAt: new Date() }).where(inArray(classes.id, gone));
    // What was taught is kept, and out of the list.
    if (kept.length > 0)
      await tx.update(classes).set({ archivedAt: new Date() }).where(inArray(classes.id, kept));
    await tx.delete(season).where(owned(studioId, id));
    await sayIn(tx, "sessions", studioId);
  });
}
