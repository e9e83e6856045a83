import { seenBy } from "@/core/live/events";
import { placeOf, readingPart, runParam } from "@/server/http";
import { linkWorks } from "@/server/links";
import { eventStream } from "@/server/live-hub";
import { eventsAfter } from "@/server/run-events";
import { needAsked } from "@/server/sessions";

/** The class as it goes on: the clock's events and this person's own, nobody else's. */
export const GET = readingPart(async (who, request) => {
  const run = runParam(request);
  await needAsked(who.studioId, run, who.personId);
  return eventStream(request, {
    run,
    owner: { id: who.personId, address: placeOf(request) },
    load: (seq) => eventsAfter(run, seq),
    show: (events) => seenBy(events, who.doc.id),
    still: () => linkWorks(who.linkId),
  });
});
