import { ClassList } from "@/features/classes/class-list";
import { listShelf } from "@/server/class-shelf";
import { countPeople } from "@/server/people";
import { countSessions } from "@/server/sessions";
import { startingPoints } from "@/server/starting-points";
import { settingsOf, zoneOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { shortWhen } from "@/words/when-words";
import { screenWords, titled } from "../in-their-language";

export const generateMetadata = titled("classes");

export default async function ClassesPage() {
  const who = await requireInstructor();
  const [classes, { teaching }, zone, people, sessions] = await Promise.all([
    listShelf(who.studioId),
    settingsOf(who.studioId),
    zoneOf(who.studioId),
    countPeople(who.studioId),
    countSessions(who.studioId),
  ]);
  const words = await screenWords();
  const dayOf = (atMs: number | null) => (atMs === null ? "" : shortWhen(atMs, teaching.timeZone, words).day);
  return (
    <ClassList
      studio={who.studioName}
      teaching={teaching}
      classes={classes.map((entry) => ({ ...entry, taught: dayOf(entry.taughtAtMs) }))}
      begun={{
        zone,
        owner: who.role === "owner",
        people,
        classes: classes.length,
        sessions,
        example: classes.length === 0 ? (startingPoints()[0]?.outline ?? null) : null,
      }}
    />
  );
}
