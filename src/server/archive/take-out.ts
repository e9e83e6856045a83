/** A whole studio as one archive: what another Brontle opens. No health answers, whereabouts, links, letters or passwords. */
import { and, asc, eq, isNotNull, isNull, ne } from "drizzle-orm";
import { withoutPrivate } from "../../core/homes/own-view";
import { db } from "../db/client";
import { classes, classVersion, person, session, sessionPerson, studio } from "../db/schema";
import { alone, progressDecision, season, seasonClass } from "../db/season-schema";
import { entriesOf } from "../log";
import { listMoves } from "../moves";
import { listPeople } from "../people";
import { Refused } from "../refused";
import { eventsAfter } from "../session-events";
import type {
  ArchivedClass,
  ArchivedPlan,
  ArchivedSeason,
  ArchivedSession,
  ArchivedStep,
  ArchivedStudio,
} from "./shapes";
import type { ZipText } from "./zip";

const file = (name: string, value: object): ZipText => ({ name, text: JSON.stringify(value) });
const iso = (at: Date | null) => at?.toISOString() ?? null;

type SessionRow = typeof session.$inferSelect;

/** A class that goes on is in no archive: it would begin in the middle elsewhere. */
const goesOn = ({ state, startedAt }: Pick<SessionRow, "state" | "startedAt">) =>
  state === "running" || (state === "open" && startedAt !== null);

async function studioFile(studioId: string, goingOn: number): Promise<ZipText> {
  const [row] = await db().select().from(studio).where(eq(studio.id, studioId));
  if (!row) throw new Refused("not-found", "There is no such studio.");
  const made: ArchivedStudio = {
    format: "brontle.studio",
    version: 1,
    id: row.id,
    name: row.name,
    madeAt: new Date().toISOString(),
    settings: row.settings,
    goingOn,
  };
  return file("studio.json", made);
}

async function* classFiles(studioId: string): AsyncGenerator<ZipText> {
  const ids = await db()
    .select({ id: classes.id })
    .from(classes)
    .where(and(eq(classes.studioId, studioId), isNull(classes.deletedAt)))
    .orderBy(asc(classes.createdAt), asc(classes.id));
  for (const { id } of ids) {
    const [row] = await db().select().from(classes).where(eq(classes.id, id));
    if (!row) continue;
    const named = await db()
      .select({ name: classVersion.name, at: classVersion.at, doc: classVersion.doc })
      .from(classVersion)
      .where(and(eq(classVersion.classId, id), isNotNull(classVersion.name)))
      .orderBy(asc(classVersion.at), asc(classVersion.id));
    const made: ArchivedClass = {
      id,
      tags: row.tags,
      archived: row.archivedAt !== null,
      doc: row.doc,
      versions: named.map(({ name, at, doc }) => ({ name: name ?? "", at: at.toISOString(), doc })),
    };
    yield file(`classes/${id}.json`, made);
  }
}

async function sessionFile(row: SessionRow): Promise<ZipText> {
  const asked = await db()
    .select({ person: person.rosterId, tonight: sessionPerson.tonight })
    .from(sessionPerson)
    .innerJoin(person, eq(person.id, sessionPerson.personId))
    .where(eq(sessionPerson.sessionId, row.id))
    .orderBy(asc(person.rosterId));
  const log = await entriesOf(db(), row.id);
  const { id, doc, parts, moves } = row;
  const made: ArchivedSession = {
    id,
    class: row.classId,
    state: row.state === "ended" || row.state === "cancelled" ? row.state : "planned",
    startsAt: row.startsAt.toISOString(),
    timeZone: row.timeZone,
    startedAt: iso(row.startedAt),
    endedAt: iso(row.endedAt),
    sequence: row.sequence,
    title: row.title,
    substitutes: row.substitutes,
    taught: doc && parts && moves ? { doc, parts, partsByMark: row.partsByMark, moves } : null,
    people: asked,
    events: (await eventsAfter(id, 0)).map(({ id: command, kind, payload, atMs }) => ({
      id: command,
      kind,
      payload,
      at: new Date(atMs).toISOString(),
    })),
    log: log.map(({ atMs, ...entry }) => ({ ...entry, at: new Date(atMs).toISOString() })),
  };
  return file(`sessions/${id}.json`, made);
}

async function* seasonFiles(studioId: string): AsyncGenerator<ZipText> {
  const rows = await db()
    .select()
    .from(season)
    .where(eq(season.studioId, studioId))
    .orderBy(asc(season.createdAt), asc(season.id));
  for (const { id, title, plan } of rows) {
    const places = await db()
      .select({
        week: seasonClass.week,
        line: seasonClass.line,
        session: seasonClass.sessionId,
        class: seasonClass.classId,
        made: seasonClass.made,
      })
      .from(seasonClass)
      .where(eq(seasonClass.seasonId, id))
      .orderBy(asc(seasonClass.week), asc(seasonClass.line));
    const made: ArchivedSeason = { id, title, plan, classes: places };
    yield file(`seasons/${id}.json`, made);
  }
}

async function stepsFile(studioId: string): Promise<ZipText> {
  const rows = await db()
    .select({ decision: progressDecision, person: person.rosterId })
    .from(progressDecision)
    .innerJoin(person, eq(person.id, progressDecision.personId))
    .where(eq(progressDecision.studioId, studioId))
    .orderBy(asc(progressDecision.id));
  const steps = rows.map(
    ({ person: who, decision: { move, step, verdict, day, evidence, author, at } }): ArchivedStep => ({
      person: who,
      move,
      step,
      verdict,
      day,
      evidence,
      by: author,
      at: at.toISOString(),
    }),
  );
  return file("steps.json", { steps });
}

async function* planFiles(studioId: string): AsyncGenerator<ZipText> {
  const rows = await db()
    .select({ plan: alone, person: person.rosterId })
    .from(alone)
    .innerJoin(person, eq(person.id, alone.personId))
    .where(eq(alone.studioId, studioId))
    .orderBy(asc(alone.createdAt), asc(alone.id));
  for (const { plan, person: who } of rows) {
    const { id, title, doc, day, note, withdrawn, done } = plan;
    const made: ArchivedPlan = {
      id,
      person: who,
      title,
      doc,
      day,
      note,
      withdrawn,
      done,
      doneAt: iso(plan.doneAt),
    };
    yield file(`plans/${id}.json`, made);
  }
}

/** Every file of a studio's archive, in the order in which they are taken in again. */
export async function* archiveFiles(studioId: string): AsyncGenerator<ZipText> {
  const held = await db()
    .select({ state: session.state, startedAt: session.startedAt })
    .from(session)
    .where(and(eq(session.studioId, studioId), ne(session.state, "planned")));
  yield await studioFile(studioId, held.filter(goesOn).length);
  yield file("moves.json", { moves: (await listMoves(studioId)).map(({ doc }) => doc) });
  const people = (await listPeople(studioId)).map(({ doc }) => withoutPrivate(doc));
  yield file("roster.json", { format: "brontle.roster", version: 1, people });
  yield* classFiles(studioId);
  const ids = await db()
    .select({ id: session.id })
    .from(session)
    .where(eq(session.studioId, studioId))
    .orderBy(asc(session.startsAt), asc(session.id));
  for (const { id } of ids) {
    const [row] = await db().select().from(session).where(eq(session.id, id));
    if (row && !goesOn(row)) yield await sessionFile(row);
  }
  yield* seasonFiles(studioId);
  yield await stepsFile(studioId);
  yield* planFiles(studioId);
}
