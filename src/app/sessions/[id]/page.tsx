import { notFound } from "next/navigation";
import { type ClassDoc, slotsOf } from "@/core/class/document";
import { expandedSeconds } from "@/core/class/expand";
import type { Tonight } from "@/core/homes/tonight";
import { bookFor, resolveMove } from "@/core/moves/book";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { isUuid } from "@/core/units";
import { SessionLogView } from "@/features/log/session-log";
import { SessionScreen } from "@/features/sessions/session-screen";
import { ownBusy } from "@/server/busy";
import { sessionDoc } from "@/server/content";
import { db } from "@/server/db/client";
import { env } from "@/server/env";
import { sessionLog } from "@/server/log";
import { listPeople } from "@/server/people";
import { readinessSeen, UNANSWERED } from "@/server/readiness";
import { askedTo, findSession } from "@/server/sessions";
import { requireInstructor } from "@/server/who";
import { bookIn, partIn } from "@/words/moves/moves-in";
import type { Say } from "@/words/screens/screens";
import { shortWhen } from "@/words/when-words";
import type { Words } from "@/words/words";
import { spoken, titled } from "../../in-their-language";

export const generateMetadata = titled("session");

function tonightText(tonight: Tonight | null, words: Words, t: Say<"pages">): string {
  if (!tonight) return "";
  const { limits = [], without = [], mark } = tonight;
  const said = [
    mark ? words.name("mark", mark) : "",
    ...limits.map((limit) => words.name("limit", limit)),
    without.length > 0 ? t("without", { n: without.length }) : "",
  ].filter(Boolean);
  return said.length > 0 ? said.join(", ") : t("nothingNew");
}

function slotNames(doc: ClassDoc, words: Words): Readonly<Record<string, string>> {
  const book = bookFor(doc, bookIn(LIBRARY_BOOK, words.language));
  const slots = doc.blocks.flatMap((block) => slotsOf(block));
  return Object.fromEntries(slots.map((slot) => [slot.id, resolveMove(slot.move, book).name]));
}

/** What was written down of a taught class, its moves in the language of the page. */
function Log(props: {
  readonly id: string;
  readonly timeZone: string;
  readonly log: NonNullable<Awaited<ReturnType<typeof sessionLog>>>;
  readonly asked: Awaited<ReturnType<typeof askedTo>>;
  readonly words: Words;
}) {
  const { log, words } = props;
  const ids = new Map(props.asked.map((person) => [person.rosterId, person.id]));
  return (
    <SessionLogView
      id={props.id}
      timeZone={props.timeZone}
      doc={log.doc}
      record={log.record}
      names={slotNames(log.doc, words)}
      people={log.people.map((person) => ({
        id: ids.get(person.person) ?? "",
        person: person.person,
        name: person.name,
        present: person.present,
        kept: person.kept,
        prefilled: Object.fromEntries(person.prefilled),
        slots: (person.part ? partIn(person.part, words.language).slots : []).map(({ slot, name, load }) => ({
          slot,
          name,
          load,
        })),
      }))}
    />
  );
}

export default async function SessionPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const { words, t } = await spoken("pages");
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
      busy={await ownBusy(who)}
      seconds={expandedSeconds(doc, LIBRARY_BOOK, "plan")}
      asked={asked.map((person) => {
        const when = person.invitedAtMs === null ? null : shortWhen(person.invitedAtMs, row.timeZone, words);
        return {
          id: person.id,
          name: person.name,
          invited: when ? `${when.day}, ${when.time}` : "",
          mailless: person.email === null,
          readiness: readiness.get(person.id) ?? UNANSWERED,
          tonight: tonightText(person.tonight, words, t),
        };
      })}
      others={people
        .filter((person) => !known.has(person.id))
        .map((person) => ({ id: person.id, name: person.doc.name }))}
    >
      {log && <Log id={id} timeZone={row.timeZone} log={log} asked={asked} words={words} />}
    </SessionScreen>
  );
}
