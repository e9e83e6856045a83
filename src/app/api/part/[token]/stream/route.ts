import { seenBy } from "@/core/live/events";
import { placeOf, readingPart, sessionParam } from "@/server/http";
import { linkWorks } from "@/server/links";
import { eventStream } from "@/server/live-hub";
import { eventsAfter } from "@/server/session-events";
import { needAsked } from "@/server/sessions";

/** The class as it goes on: the clock's events and this person's own, nobody else's. */
export const GET = readingPart(async (who, _params, request) => {
  const session = sessionParam(request);
  await needAsked(who.studioId, session, who.personId);
  return eventStream(request, {
    session,
    owner: { id: who.personId, address: placeOf(request) },
    load: (seq) => eventsAfter(session, seq),
    show: (events) => seenBy(events, who.doc.id),
    still: () => linkWorks(who.linkId),
  });
});
