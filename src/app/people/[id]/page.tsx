import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { isUuid } from "@/core/units";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { HomeScreen, type NextPerson } from "@/features/people/home-screen";
import { PersonNext } from "@/features/people/person-next";
import { PersonHistory, PersonKept } from "@/features/people/person-record";
import { hasLink } from "@/server/links";
import { historyOf } from "@/server/log";
import { findPerson, listPeople, type StoredPerson } from "@/server/people";
import { progressOf } from "@/server/progress";
import { readinessSeen, UNANSWERED } from "@/server/readiness";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { wordsIn } from "@/words/languages";
import { proposalText } from "@/words/progress-words";
import { shortWhen } from "@/words/when-words";

export const metadata: Metadata = { title: "Home" };

/** Who comes after a person in the list: the next who hasn't said what they have, else the next; nobody after the last. */
function nextAfter(people: readonly StoredPerson[], id: string): NextPerson | null {
  const after = people.slice(people.findIndex((row) => row.id === id) + 1);
  const next = after.find(({ doc }) => doc.kit === undefined) ?? after[0];
  return next ? { id: next.id, name: next.doc.name } : null;
}

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
  const [has, history, readiness, people, next] = await Promise.all([
    hasLink(who.studioId, id),
    historyOf(who.studioId, id, stored.doc.id),
    readinessSeen(who.studioId, [id]),
    listPeople(who.studioId),
    progressOf(who.studioId, id),
  ]);
  const words = wordsIn(HOUSE_LANGUAGE);
  const owner = who.role === "owner";
  return (
    <HomeScreen key={id} id={id} person={stored.doc} hasLink={has} owner={owner} next={nextAfter(people, id)}>
      <PersonNext
        proposals={next.map((proposal) => proposalText(proposal, words, (move) => LIBRARY_BOOK.get(move)))}
      />
      <PersonHistory
        lines={history.map(({ startsAtMs, timeZone, ...line }) => ({
          ...line,
          when: shortWhen(startsAtMs, timeZone, words).day,
        }))}
      />
      <PersonKept id={id} name={stored.doc.name} owner={owner} readiness={readiness.get(id) ?? UNANSWERED} />
    </HomeScreen>
  );
}
