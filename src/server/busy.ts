/** When those who teach can't: times of calendars that they took in. */
import { and, asc, eq, gt, ne } from "drizzle-orm";
import type { BusyTime } from "../core/season/busy-calendar";
import { db, type Tx, transaction } from "./db/client";
import { busyTime } from "./db/season-schema";
import { Refused, sentence } from "./refused";

type Times = readonly Pick<BusyTime, "startMs" | "endMs">[];

/** Calendars of one instructor. */
const MOST_CALENDARS = 10;

interface Whose {
  readonly studioId: string;
  readonly userId: string;
}
const owned = ({ studioId, userId }: Whose) =>
  and(eq(busyTime.studioId, studioId), eq(busyTime.userId, userId));

/** Takes a calendar's times in; what the same one said before is replaced. */
export async function takeBusy(who: Whose, calendar: string, times: Times): Promise<void> {
  const { studioId, userId } = who;
  await transaction(async (tx) => {
    const others = await tx
      .select({ calendar: busyTime.calendar })
      .from(busyTime)
      .where(and(owned(who), ne(busyTime.calendar, calendar)));
    if (new Set(others.map((row) => row.calendar)).size >= MOST_CALENDARS)
      throw new Refused(
        "conflict",
        sentence("There are {most} calendars: remove one first.", { most: MOST_CALENDARS }),
      );
    await tx.delete(busyTime).where(and(owned(who), eq(busyTime.calendar, calendar)));
    const rows = times.map(({ startMs, endMs }) => ({
      studioId,
      userId,
      calendar,
      startsAt: new Date(startMs),
      endsAt: new Date(endMs),
    }));
    for (let i = 0; i < rows.length; i += 500) await tx.insert(busyTime).values(rows.slice(i, i + 500));
  });
}

/** Forgets all that somebody took in for a studio: when they leave it. */
export async function forgetBusyIn(tx: Tx, studioId: string, userId: string): Promise<void> {
  await tx.delete(busyTime).where(owned({ studioId, userId }));
}

/** Forgets a calendar. */
export async function dropBusy(who: Whose, calendar: string): Promise<void> {
  await db()
    .delete(busyTime)
    .where(and(owned(who), eq(busyTime.calendar, calendar)));
}

/** One instructor's own times that are not over, in order, with the calendar of each. */
export async function ownBusy(
  who: Whose,
): Promise<readonly (Times[number] & { readonly calendar: string })[]> {
  const rows = await db()
    .select()
    .from(busyTime)
    .where(and(owned(who), gt(busyTime.endsAt, new Date())))
    .orderBy(asc(busyTime.startsAt), asc(busyTime.id));
  return rows.map(({ calendar, startsAt, endsAt }) => ({
    calendar,
    startMs: startsAt.getTime(),
    endMs: endsAt.getTime(),
  }));
}

/** Calendars that were taken in, with how many times of each lie ahead. */
export async function busyCalendars(
  who: Whose,
): Promise<readonly { readonly name: string; readonly ahead: number }[]> {
  const names = await db().selectDistinct({ name: busyTime.calendar }).from(busyTime).where(owned(who));
  const ahead = await ownBusy(who);
  return names
    .map(({ name }) => ({ name, ahead: ahead.filter(({ calendar }) => calendar === name).length }))
    .sort((a, b) => a.name.localeCompare(b.name, "en"));
}
