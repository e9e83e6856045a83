import { notFound } from "next/navigation";
import { fieldsIn } from "@/core/live/when";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { isUuid } from "@/core/units";
import { AlonePlans } from "@/features/alone/alone-plans";
import { HomeScreen, type NextPerson } from "@/features/people/home-screen";
import { PersonNext } from "@/features/people/person-next";
import { PersonHistory, PersonKept } from "@/features/people/person-record";
import { chartMoves, chartRegions } from "@/features/progress/chart-lines";
import { ImportSets } from "@/features/progress/import-sets";
import { PersonCharts } from "@/features/progress/person-charts";
import { FeedAddress } from "@/features/season/feed-address";
import { type AloneRow, aloneOf } from "@/server/alone";
import { listClasses } from "@/server/classes";
import { feedSince } from "@/server/feeds";
import { hasLink } from "@/server/links";
import { historyOf } from "@/server/log";
import { findPerson, listPeople, type StoredPerson } from "@/server/people";
import { overTime } from "@/server/progress";
import { readinessSeen, UNANSWERED } from "@/server/readiness";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { doneText } from "@/words/log-words";
import { bookIn, nameIn } from "@/words/moves/moves-in";
import { proposalText } from "@/words/progress-words";
import type { Say } from "@/words/screens/screens";
import { shortDay, shortWhen } from "@/words/when-words";
import { spoken, titled } from "../../in-their-language";

export const generateMetadata = titled("home");

/** Who comes after a person in the list: the next who hasn't said what they have, else the next; nobody after the last. */
function nextAfter(people: readonly StoredPerson[], id: string): NextPerson | null {
  const after = people.slice(people.findIndex((row) => row.id === id) + 1);
  const next = after.find(({ doc }) => doc.kit === undefined) ?? after[0];
  return next ? { id: next.id, name: next.doc.name } : null;
}

/** What came of a plan that somebody did by themselves. */
function aloneText({ done }: AloneRow, day: string, t: Say<"pages">): string {
  return [
    t("doneOn", { day }),
    done?.effort == null ? "" : t("effort", { effort: done.effort }),
    done && done.hurt.length > 0 ? t("saidHurt") : "",
    done?.note ? `“${done.note}”` : "",
  ]
    .filter(Boolean)
    .join(", ");
}

export default async function PersonPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { words, t } = await spoken("pages");
  const moveOf = (move: string) => bookIn(LIBRARY_BOOK, words.language).get(move);
  const { id } = await params;
  if (id === "new") {
    const { teaching } = await settingsOf(who.studioId);
    const units = teaching.units === "kg" ? {} : { units: teaching.units };
    return <HomeScreen id={null} person={{ id: "", name: "", ...units }} hasLink={false} />;
  }
  const stored = isUuid(id) ? await findPerson(who.studioId, id) : null;
  if (!stored) notFound();
  const [has, history, readiness, people, over, alone, since, classes, { teaching }] = await Promise.all([
    hasLink(who.studioId, id),
    historyOf(who.studioId, id, stored.doc.id),
    readinessSeen(who.studioId, [id]),
    listPeople(who.studioId),
    overTime(who.studioId, id),
    aloneOf(who.studioId, id),
    feedSince(who.studioId, id),
    listClasses(who.studioId),
    settingsOf(who.studioId),
  ]);
  const owner = who.role === "owner";
  const day = (atMs: number, zone: string) => shortWhen(atMs, zone, words).day;
  return (
    <HomeScreen key={id} id={id} person={stored.doc} hasLink={has} owner={owner} next={nextAfter(people, id)}>
      <PersonNext proposals={over.next.map(({ proposal }) => proposalText(proposal, words, moveOf))} />
      <PersonCharts
        moves={chartMoves(over.moves, words, moveOf)}
        regions={chartRegions(over.regions, words, moveOf)}
        classes={[...history].reverse().map((line) => ({
          day: day(line.startsAtMs, line.timeZone),
          title: line.title,
          present: line.present,
          effort: line.effort,
        }))}
      />
      <p className="mt-3">
        <ImportSets id={id} name={stored.doc.name} />
      </p>
      <AlonePlans
        id={id}
        name={stored.doc.name}
        first={fieldsIn(Date.now(), teaching.timeZone).date}
        classes={classes.map((each) => ({ id: each.id, name: each.doc.title }))}
        lines={alone.map((row) => ({
          id: row.id,
          title: row.title,
          day: shortDay(row.day, words),
          done: row.doneAt && aloneText(row, day(row.doneAt.getTime(), teaching.timeZone), t),
        }))}
      />
      <PersonHistory
        lines={history.map(({ startsAtMs, timeZone, done, ...line }) => ({
          ...line,
          done: done.map(({ move, name, what }) => ({
            name: nameIn(move, name, words.language),
            text: doneText(what, words),
          })),
          when: day(startsAtMs, timeZone),
        }))}
      />
      <div className="mt-6 border-t border-hairline pt-3">
        <FeedAddress
          person={id}
          since={since === null ? null : day(since, teaching.timeZone)}
          about={t("feedOf", { name: stored.doc.name })}
        />
      </div>
      <PersonKept id={id} name={stored.doc.name} owner={owner} readiness={readiness.get(id) ?? UNANSWERED} />
    </HomeScreen>
  );
}
