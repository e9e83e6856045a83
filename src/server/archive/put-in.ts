/** Takes an archive into a studio, all of it or nothing. What is here stays as it is; again makes no doubles. */
import { count, eq } from "drizzle-orm";
import { db, type Tx, transaction } from "../db/client";
import {
  classes,
  classVersion,
  logEntry,
  ownMove,
  person,
  session,
  sessionEvent,
  sessionPerson,
  studio,
} from "../db/schema";
import { alone, progressDecision, season, seasonClass } from "../db/season-schema";
import { sayIn } from "../live/said";
import { Refused, sentence } from "../refused";
import { noteIn } from "../trail";
import { type CheckedArchive, lookIn } from "./look-in";
import type { ArchivedClass, ArchivedPlan, ArchivedSeason, ArchivedSession } from "./shapes";
import { type ArchiveSurvey, checkedIds, type Known, knownIn, stepKey, surveyOf } from "./survey";
import { openZip } from "./zip";

/** Bytes of an archive as it comes. */
export const MOST_ARCHIVE_BYTES = 64_000_000;
/** What it may take to arrive, ms. */
export const ARCHIVE_ARRIVES_MS = 120_000;
const MOST_CLASSES = 5000;
const MOST_PEOPLE = 2000;

interface Into {
  readonly tx: Tx;
  readonly studioId: string;
  readonly known: Known;
  /** Row ids by roster id. */
  readonly people: ReadonlyMap<string, string>;
}

/** Rows that go in at a time: what one statement can carry. */
const AT_A_TIME = 500;

async function inParts<T>(rows: readonly T[], put: (some: T[]) => Promise<unknown>): Promise<void> {
  for (let i = 0; i < rows.length; i += AT_A_TIME) await put(rows.slice(i, i + AT_A_TIME));
}

const date = (text: string | null) => (text === null ? null : new Date(text));

async function putPeople(
  tx: Tx,
  studioId: string,
  { moves, people }: CheckedArchive,
): Promise<Into["people"]> {
  await inParts(moves, (some) =>
    tx
      .insert(ownMove)
      .values(some.map((doc) => ({ studioId, moveId: doc.id, doc })))
      .onConflictDoNothing(),
  );
  await inParts(people, (some) =>
    tx
      .insert(person)
      .values(some.map((doc) => ({ studioId, rosterId: doc.id, doc })))
      .onConflictDoNothing(),
  );
  const rows = await tx
    .select({ id: person.id, rosterId: person.rosterId })
    .from(person)
    .where(eq(person.studioId, studioId));
  if (rows.length > MOST_PEOPLE)
    throw new Refused(
      "invalid",
      sentence("Nothing was taken in: a studio has at most {most} people.", { most: MOST_PEOPLE }),
    );
  return new Map(rows.map(({ id, rosterId }) => [rosterId, id]));
}

async function putClass({ tx, studioId, known }: Into, from: ArchivedClass): Promise<void> {
  const place = known.classes.get(from.id);
  if (!place || place.here) return;
  const { doc, tags, archived, versions } = from;
  const row = {
    id: place.id,
    studioId,
    title: doc.title,
    doc,
    tags: [...tags],
    archivedAt: archived ? new Date() : null,
    deletedAt: null,
  };
  // One that was removed here comes back.
  await tx
    .insert(classes)
    .values(row)
    .onConflictDoUpdate({ target: classes.id, set: row, setWhere: eq(classes.studioId, studioId) });
  if (versions.length > 0)
    await tx.insert(classVersion).values(
      versions.map((version) => ({
        classId: place.id,
        revision: 0,
        name: version.name,
        doc: version.doc,
        at: new Date(version.at),
      })),
    );
}

/** Of people who are erased here nothing comes back with a class. */
const those = <T extends { readonly person: string }>(all: readonly T[], people: Into["people"]) =>
  all.flatMap((one) => {
    const personId = people.get(one.person);
    return personId === undefined ? [] : [{ ...one, personId }];
  });

async function putSession({ tx, studioId, known, people }: Into, from: ArchivedSession): Promise<void> {
  const place = known.sessions.get(from.id);
  if (!place || place.here) return;
  const { taught, events, log } = from;
  const sessionId = place.id;
  await tx.insert(session).values({
    id: sessionId,
    studioId,
    classId: known.classes.get(from.class ?? "")?.id ?? null,
    state: from.state,
    startsAt: new Date(from.startsAt),
    timeZone: from.timeZone,
    startedAt: date(from.startedAt),
    endedAt: date(from.endedAt),
    sequence: from.sequence,
    title: from.title,
    substitutes: from.substitutes,
    ...(taught ?? {}),
  });
  const asked = those(from.people, people).map(({ personId, tonight }) => ({ sessionId, personId, tonight }));
  await inParts(asked, (some) => tx.insert(sessionPerson).values(some).onConflictDoNothing());
  const rows = events.map(({ id, kind, payload, at }, i) => ({
    sessionId,
    seq: i + 1,
    commandId: id,
    kind,
    person: "person" in payload && typeof payload.person === "string" ? payload.person : null,
    payload,
    at: new Date(at),
  }));
  await inParts(rows, (some) => tx.insert(sessionEvent).values(some));
  const entries = those(log, people).map(({ personId, field, value, by, at }) => ({
    sessionId,
    personId,
    field,
    value,
    author: by,
    at: new Date(at),
  }));
  await inParts(entries, (some) => tx.insert(logEntry).values(some));
}

async function putSeason({ tx, studioId, known }: Into, from: ArchivedSeason): Promise<void> {
  const place = known.seasons.get(from.id);
  if (!place || place.here) return;
  const { title, plan } = from;
  const lines = plan.lines.map((line) => ({
    ...line,
    classId: known.classes.get(line.classId)?.id ?? line.classId,
  }));
  await tx.insert(season).values({ id: place.id, studioId, title, plan: { ...plan, lines } });
  const rows = from.classes.flatMap((each) => {
    const [sessionId, classId] = [known.sessions.get(each.session)?.id, known.classes.get(each.class)?.id];
    if (sessionId === undefined || classId === undefined) return [];
    return [{ seasonId: place.id, week: each.week, line: each.line, sessionId, classId, made: each.made }];
  });
  await inParts(rows, (some) => tx.insert(seasonClass).values(some).onConflictDoNothing());
}

async function putPlan({ tx, studioId, known, people }: Into, from: ArchivedPlan): Promise<void> {
  const place = known.plans.get(from.id);
  const personId = people.get(from.person);
  if (!place || place.here || personId === undefined) return;
  const { title, doc, day, note, withdrawn, done, doneAt } = from;
  await tx.insert(alone).values({
    id: place.id,
    studioId,
    personId,
    title,
    doc,
    day,
    note,
    withdrawn,
    done,
    doneAt: date(doneAt),
  });
}

async function putSteps({ tx, studioId, known, people }: Into, { steps }: CheckedArchive): Promise<void> {
  const fresh = those(steps, people).filter((step) => !known.steps.has(stepKey(step)));
  const rows = fresh.map(({ personId, move, step, verdict, day, evidence, by, at }) => ({
    studioId,
    personId,
    move,
    step,
    verdict,
    day,
    evidence,
    author: by,
    at: new Date(at),
  }));
  await inParts(rows, (some) => tx.insert(progressDecision).values(some));
}

/** Numbers of the studio are taken where it has none of its own. */
async function putSettings(tx: Tx, studioId: string, { studio: from }: CheckedArchive): Promise<void> {
  const [row] = await tx.select({ settings: studio.settings }).from(studio).where(eq(studio.id, studioId));
  if (row && Object.keys(row.settings).length === 0)
    await tx.update(studio).set({ settings: from.settings }).where(eq(studio.id, studioId));
}

/** What an archive would bring; nothing is stored. @throws Refused with what is wrong in it */
export async function surveyArchive(studioId: string, bytes: Uint8Array): Promise<ArchiveSurvey> {
  const archive = await lookIn(await openZip(bytes));
  return surveyOf(archive, await knownIn(db(), studioId, await checkedIds(archive)));
}

/** Takes an archive in; gives what came. @throws Refused with what is wrong in it, and then nothing is stored */
export async function takeArchive(
  studioId: string,
  bytes: Uint8Array,
  actor: string,
): Promise<ArchiveSurvey> {
  const archive = await lookIn(await openZip(bytes));
  const ids = await checkedIds(archive);
  return transaction(async (tx) => {
    // One at a time: two presses make no doubles.
    await tx.select({ id: studio.id }).from(studio).where(eq(studio.id, studioId)).for("update");
    const known = await knownIn(tx, studioId, ids);
    const survey = surveyOf(archive, known);
    const [there] = await tx.select({ n: count() }).from(classes).where(eq(classes.studioId, studioId));
    if ((there?.n ?? 0) + survey.counts.classes.comes > MOST_CLASSES)
      throw new Refused(
        "invalid",
        sentence("Nothing was taken in: a studio has at most {most} classes.", { most: MOST_CLASSES }),
      );
    const into: Into = { tx, studioId, known, people: await putPeople(tx, studioId, archive) };
    for await (const each of archive.classes()) await putClass(into, each);
    for await (const each of archive.sessions()) await putSession(into, each);
    for await (const each of archive.seasons()) await putSeason(into, each);
    for await (const each of archive.plans()) await putPlan(into, each);
    await putSteps(into, archive);
    await putSettings(tx, studioId, archive);
    await noteIn(tx, { studioId, kind: "studio-imported", actor });
    await sayIn(tx, "sessions", studioId);
    return survey;
  });
}
