import { expandedSeconds } from "@/core/class/expand";
import { fieldsIn } from "@/core/live/when";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { SessionList } from "@/features/sessions/session-list";
import { ownBusy } from "@/server/busy";
import { listClasses } from "@/server/classes";
import { listPeople } from "@/server/people";
import { listSessions } from "@/server/sessions";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { titled } from "../in-their-language";

export const generateMetadata = titled("sessions");

export default async function SessionsPage() {
  const who = await requireInstructor();
  const [sessions, classes, people, { teaching }, busy] = await Promise.all([
    listSessions(who.studioId),
    listClasses(who.studioId),
    listPeople(who.studioId),
    settingsOf(who.studioId),
    ownBusy(who),
  ]);
  const tomorrow = fieldsIn(Date.now() + 86_400_000, teaching.timeZone);
  return (
    <SessionList
      studio={who.studioName}
      sessions={sessions}
      classes={classes.map(({ id, doc }) => ({
        id,
        name: doc.title,
        seconds: expandedSeconds(doc, LIBRARY_BOOK, "plan"),
      }))}
      busy={busy}
      people={people.map(({ id, doc }) => ({ id, name: doc.name }))}
      nowMs={Date.now()}
      first={{ date: tomorrow.date, time: "19:00", timeZone: teaching.timeZone }}
    />
  );
}
