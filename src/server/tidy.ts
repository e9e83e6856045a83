/**
 * What goes by itself when its time is over: where people were, classes that nobody ended, accounts that
 * nobody proved, mail about accounts.
 */
import { and, eq, inArray, lte, notExists, notInArray, sql } from "drizzle-orm";
import { forgottenEnd } from "../core/live/forgotten";
import { scoreOfKept } from "../core/live/live-score";
import { OPEN_HOURS } from "../core/live/session";
import { forgetMail } from "./account-mail";
import { forgetCompany } from "./company";
import { frozenContent } from "./content";
import { db } from "./db/client";
import { classEdit, classes, member, session, studio, user, whereabouts } from "./db/schema";
import { journal } from "./journal";
import { databaseNow, eventsAfter, takeCommand } from "./session-events";
import { forgetTrail } from "./trail";

/** As `isLongPast` of the core. */
const longPast = lte(
  sql`greatest(${session.startsAt}, ${session.startedAt})`,
  sql`now() - make_interval(hours => ${OPEN_HOURS})`,
);

/** Where people were is not kept: not of classes that were left open either. */
async function forgetWhereabouts(): Promise<void> {
  const old = db().select({ id: session.id }).from(session).where(longPast);
  await db().delete(whereabouts).where(inArray(whereabouts.sessionId, old));
}

/** Ends the classes that were left running, at the time at which they were over. */
async function endForgotten(): Promise<void> {
  const rows = await db()
    .select({ id: session.id, studioId: session.studioId })
    .from(session)
    .where(and(eq(session.state, "running"), longPast));
  for (const { id, studioId } of rows) {
    const content = await frozenContent(db(), id);
    if (!content) continue;
    const events = await eventsAfter(id, 0);
    const endMs = forgottenEnd(scoreOfKept(content), events, await databaseNow());
    const command = { id: crypto.randomUUID(), kind: "end" as const, payload: {} };
    if (endMs !== null) await takeCommand(studioId, id, command, events.at(-1)?.seq ?? 0, endMs);
  }
}

/**
 * Ids of edits are kept so that one that is sent twice counts once. Nobody sends one again after so long, nor
 * after so many saves of the same class.
 */
const EDITS_KEPT = { days: 60, revisions: 20_000 };

async function forgetEdits(): Promise<void> {
  await db()
    .delete(classEdit)
    .where(lte(classEdit.at, sql`now() - make_interval(days => ${EDITS_KEPT.days})`));
  const newest = sql`(select ${classes.revision} from ${classes} where ${classes.id} = ${classEdit.classId})`;
  await db()
    .delete(classEdit)
    .where(lte(classEdit.revision, sql`${newest} - ${EDITS_KEPT.revisions}`));
}

/** Days after which an account whose address nobody has proven goes, with the studio that was made for it. */
const UNPROVEN_DAYS = 7;

async function forgetUnproven(): Promise<void> {
  const old = db()
    .select({ id: user.id })
    .from(user)
    .where(
      and(
        eq(user.emailVerified, false),
        lte(user.createdAt, sql`now() - make_interval(days => ${UNPROVEN_DAYS})`),
      ),
    );
  // Nobody has been in there: a studio with somebody else in it is not theirs alone.
  const others = db()
    .select({ one: sql`1` })
    .from(member)
    .where(and(eq(member.studioId, studio.id), notInArray(member.userId, old)));
  const own = db().select({ id: member.studioId }).from(member).where(inArray(member.userId, old));
  await db()
    .delete(studio)
    .where(and(inArray(studio.id, own), notExists(others)));
  await db().delete(user).where(inArray(user.id, old));
}

/** Does all of it. */
export async function tidy(): Promise<void> {
  await forgetWhereabouts();
  await forgetEdits();
  await forgetCompany();
  await forgetTrail();
  await forgetUnproven();
  await forgetMail(await databaseNow());
  await endForgotten();
}

const EVERY_MS = 10 * 60_000;

/** Does it now and every ten minutes, for as long as this process lives. A database that is away is asked again. */
export function keepTidy(): void {
  const once = () => tidy().catch((error: Error) => journal.warn("not-tidied", error));
  void once();
  setInterval(once, EVERY_MS).unref();
}
