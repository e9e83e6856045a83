import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { isUuid } from "@/core/units";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { HomeScreen } from "@/features/people/home-screen";
import { PersonHistory, PersonKept } from "@/features/people/person-record";
import { hasLink } from "@/server/links";
import { historyOf } from "@/server/log";
import { findPerson } from "@/server/people";
import { readinessSeen, UNANSWERED } from "@/server/readiness";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { wordsIn } from "@/words/languages";
import { shortWhen } from "@/words/when-words";

export const metadata: Metadata = { title: "Home" };

export default async function PersonPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { id } = await params;
  if (id === "new") {
    const { teaching } = await settingsOf(who.studioId);
    const units = teaching.units === "kg" ? {} : { units: teaching.units };
    return <HomeScreen id={null} person={{ id: "", name: "", ...units }} hasLink={false} />;
  }
  const stored = isUuid(id) ? await findPerson(who.studioId, id) : null;
  if (!stored) notFound();
  const [has, history, readiness] = await Promise.all([
    hasLink(who.studioId, id),
    historyOf(who.studioId, id, stored.doc.id),
    readinessSeen(who.studioId, [id]),
  ]);
  const owner = who.role === "owner";
  return (
    <HomeScreen id={id} person={stored.doc} hasLink={has} owner={owner}>
      <PersonHistory
        lines={history.map(({ startsAtMs, timeZone, ...line }) => ({
          ...line,
          when: shortWhen(startsAtMs, timeZone, wordsIn(HOUSE_LANGUAGE)).day,
        }))}
      />
      <PersonKept id={id} name={stored.doc.name} owner={owner} readiness={readiness.get(id) ?? UNANSWERED} />
    </HomeScreen>
  );
}
