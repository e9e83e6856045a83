import { notFound } from "next/navigation";
import { emergencyNumber } from "@/core/readiness/emergency";
import { isUuid } from "@/core/units";
import { TeachScreen } from "@/features/teach/teach-screen";
import { listPeople } from "@/server/people";
import { eventsAfter } from "@/server/session-events";
import { askedTo, findSession, sessionContent } from "@/server/sessions";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { contentIn } from "@/words/moves/moves-in";
import { screenLanguage, titled } from "../../in-their-language";

export const generateMetadata = titled("teach");

export default async function TeachPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  if (!isUuid(id) || !(await findSession(who.studioId, id))) notFound();
  const [{ row, content }, events, asked, people, settings] = await Promise.all([
    sessionContent(who.studioId, id),
    eventsAfter(id, 0),
    askedTo(who.studioId, id),
    listPeople(who.studioId),
    settingsOf(who.studioId),
  ]);
  const known = new Set(asked.map((person) => person.id));
  return (
    <TeachScreen
      id={id}
      classId={row.classId}
      name={who.name}
      content={contentIn(content, await screenLanguage())}
      asked={asked.map(({ id: personId, rosterId, name, country }) => ({
        id: personId,
        rosterId,
        name,
        emergency: emergencyNumber(country),
      }))}
      others={people
        .filter((person) => !known.has(person.id))
        .map(({ id: personId, doc }) => ({
          id: personId,
          rosterId: doc.id,
          name: doc.name,
          emergency: emergencyNumber(doc.country),
        }))}
      wordsPerSecond={settings.thresholds.wordsPerSecond}
      events={events}
    />
  );
}
