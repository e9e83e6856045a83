/** What a participant's page is made of: who they are, the session that it shows, what they said. */
import { and, eq } from "drizzle-orm";
import { ENTER_MS } from "../core/live/session";
import { aloneShown } from "./alone";
import { db } from "./db/client";
import { sessionPerson } from "./db/schema";
import { feedSince } from "./feeds";
import { otherLinks, type Participant } from "./links";
import { ownLog } from "./log";
import { ownSession } from "./own-session";
import { ownReadiness } from "./readiness";
import { type ListedSession, needAsked, sessionShownTo, sessionsOfPerson } from "./sessions";
import { settingsOf } from "./studios";
import { ownWhereabouts } from "./whereabouts";

/** The classes ahead, and those of the last week, where something can still be said. */
function otherSessions(all: readonly ListedSession[], shown: string | null) {
  const nowMs = Date.now();
  return all
    .filter(({ id, state, startsAtMs, endedAtMs }) => {
      if (id === shown) return false;
      const over = state === "ended" && nowMs - (endedAtMs ?? startsAtMs) < ENTER_MS;
      return over || (state === "planned" && startsAtMs > nowMs);
    })
    .map(({ id, title, state, startsAtMs }) => ({ id, title, over: state === "ended", startsAtMs }))
    .sort((a, b) => a.startsAtMs - b.startsAtMs);
}

/** Everything for the page of whoever holds a link. `asked`: a session of theirs instead of the one that comes next. */
export async function partPage(who: Participant, asked: string | null) {
  const readiness = await ownReadiness(who.personId);
  const shown = asked ?? (await sessionShownTo(who.studioId, who.personId))?.id ?? null;
  const page = {
    studio: who.studioName,
    person: who.doc,
    readiness,
    links: await otherLinks(who),
    // Opened by its own address: it stays on this one.
    pinned: asked !== null,
    words: (await settingsOf(who.studioId)).teaching.words,
    alone: await aloneShown(who.studioId, who.personId),
    feedSinceMs: await feedSince(who.studioId, who.personId),
    others: otherSessions(await sessionsOfPerson(who.studioId, who.personId), shown),
  };
  if (shown === null) return { ...page, session: null, whereabouts: null, tonightSaid: false, entries: null };
  const row = await needAsked(who.studioId, shown, who.personId);
  const [list] = await db()
    .select({ tonight: sessionPerson.tonight })
    .from(sessionPerson)
    .where(and(eq(sessionPerson.sessionId, shown), eq(sessionPerson.personId, who.personId)));
  const log = row.state === "ended" ? await ownLog(row, who.doc.id) : null;
  return {
    ...page,
    session: await ownSession(who, shown),
    whereabouts: await ownWhereabouts(shown, who.personId),
    tonightSaid: list?.tonight != null,
    entries: log && { kept: log.kept, prefilled: Object.fromEntries(log.prefilled) },
  };
}
