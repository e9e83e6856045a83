import { number, object, string } from "yup";
import { ENTRY_KINDS } from "@/core/live/event-kinds";
import { seenBy } from "@/core/live/events";
import { ENTRY_FIELDS, entryOf } from "@/server/field-schema";
import { afterParam, readingPart, sessionParam, writingPart } from "@/server/http";
import { Refused } from "@/server/refused";
import { takeEntry } from "@/server/session-entries";
import { eventsAfter } from "@/server/session-events";
import { needAsked } from "@/server/sessions";

const body = object({
  id: string().uuid().required(),
  session: string().uuid().required(),
  kind: string().oneOf(ENTRY_KINDS).required(),
  ...ENTRY_FIELDS,
  offlineAtMs: number().integer().min(0),
}).noUnknown();

/** The events so far that are this person's to see, after a number where one is given. */
export const GET = readingPart(async (who, _params, request) => {
  const session = sessionParam(request);
  await needAsked(who.studioId, session, who.personId);
  const events = await eventsAfter(session, afterParam(request));
  return Response.json({ events: seenBy(events, who.doc.id) });
});

/** What a participant enters: counts once however often it is sent, and is always their own. */
export const POST = writingPart(
  body,
  async (who, _params, { id, session, kind, offlineAtMs, ...sent }) => {
    const entry = entryOf(kind, who.doc.id, sent);
    if (!entry) throw new Refused("malformed", "Something of this entry is missing.");
    await needAsked(who.studioId, session, who.personId);
    await takeEntry(session, { id, ...entry }, offlineAtMs ?? null);
  },
  { uncounted: true },
);
