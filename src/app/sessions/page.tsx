import type { Metadata } from "next";
import { fieldsIn } from "@/core/live/when";
import { SessionList } from "@/features/sessions/session-list";
import { listClasses } from "@/server/classes";
import { listPeople } from "@/server/people";
import { listSessions } from "@/server/sessions";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Sessions" };

export default async function SessionsPage() {
  const who = await requireInstructor();
  const [sessions, classes, people, { teaching }] = await Promise.all([
    listSessions(who.studioId),
    listClasses(who.studioId),
    listPeople(who.studioId),
    settingsOf(who.studioId),
  ]);
  const tomorrow = fieldsIn(Date.now() + 86_400_000, teaching.timeZone);
  return (
    <SessionList
      studio={who.studioName}
      sessions={sessions}
      classes={classes.map(({ id, doc }) => ({ id, name: doc.title }))}
      people={people.map(({ id, doc }) => ({ id, name: doc.name }))}
      nowMs={Date.now()}
      first={{ date: tomorrow.date, time: "19:00", timeZone: teaching.timeZone }}
    />
  );
}
