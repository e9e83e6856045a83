import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import type { Tonight } from "@/core/homes/tonight";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { isUuid } from "@/core/units";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { SessionLogView } from "@/features/log/session-log";
import { SessionScreen } from "@/features/sessions/session-screen";
import { sessionDoc } from "@/server/content";
import { db } from "@/server/db/client";
import { env } from "@/server/env";
import { sessionLog } from "@/server/log";
import { listPeople } from "@/server/people";
import { readinessSeen, UNANSWERED } from "@/server/readiness";
import { askedTo, findSession } from "@/server/sessions";
import { requireInstructor } from "@/server/who";
import { wordsIn } from "@/words/languages";
import { shortWhen } from "@/words/when-words";
import type { Words } from "@/words/words";

export const metadata: Metadata = { title: "Session" };

function tonightText(tonight: Tonight | null, words: Words): string {
  if (!tonight) return "";
  const { limits = [], without = [], mark } = tonight;
  const said = [
    mark ? words.name("mark", mark) : "",
    ...limits.map((limit) => words.name("limit", limit)),
    without.length > 0 ? `${without.length} of their things missing` : "",
  ].filter(Boolean);
  return said.length > 0 ? said.join(", ") : "nothing new";
}

function slotNames(doc: ClassDoc): Readonly<Record<string, string>> {
  const book = bookFor(doc, LIBRARY_BOOK);
  const slots = doc.blocks.flatMap((block) => slotsOf(block));
  return Object.fromEntries(slots.map((slot) => [slot.id, resolveMove(slot.move, book).name]));
}

export default async function SessionPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const words = wordsIn(HOUSE_LANGUAGE);
  const who = await requireInstructor();
  const { id } = await params;
  const row = isUuid(id) ? await findSession(who.studioId, id) : null;
  if (!row) notFound();
  const [doc, asked, people] = await Promise.all([
    sessionDoc(db(), row),
    askedTo(who.studioId, id),
    listPeople(who.studioId),
  ]);
  const readiness = await readinessSeen(
    who.studioId,
    asked.map((person) => person.id),
  );
  const known = new Set(asked.map((person) => person.id));
  const log = row.state === "ended" ? await sessionLog(who.studioId, id) : null;
  const ids = new Map(asked.map((person) => [person.rosterId, person.id]));
  return (
    <SessionScreen
      id={id}
      classId={row.classId}
      title={doc.title}
      state={row.state}
      startsAtMs={row.startsAt.getTime()}
      timeZone={row.timeZone}
      nowMs={Date.now()}
      origin={env.origin}
      callLink={row.callLink ?? ""}
      asked={asked.map((person) => {
        const when = person.invitedAtMs === null ? null : shortWhen(person.invitedAtMs, row.timeZone, words);
        return {
          id: person.id,
          name: person.name,
          invited: when ? `${when.day}, ${when.time}` : "",
          mailless: person.email === null,
          readiness: readiness.get(person.id) ?? UNANSWERED,
          tonight: tonightText(person.tonight, words),
        };
      })}
      others={people
        .filter((person) => !known.has(person.id))
        .map((person) => ({ id: person.id, name: person.doc.name }))}
    >
      {log && (
        <SessionLogView
          id={id}
          timeZone={row.timeZone}
          doc={log.doc}
          record={log.record}
          names={slotNames(log.doc)}
          people={log.people.map((person) => ({
            id: ids.get(person.person) ?? "",
            person: person.person,
            name: person.name,
            present: person.present,
            kept: person.kept,
            prefilled: Object.fromEntries(person.prefilled),
            slots: (person.part?.slots ?? []).map(({ slot, name, load }) => ({ slot, name, load })),
          }))}
        />
      )}
    </SessionScreen>
  );
}
