import { placeOf, readingPart, sessionParam } from "@/server/http";
import { eventStream } from "@/server/live/event-stream";
import { needAsked } from "@/server/sessions";

/** The class as it goes on: the clock's events and this person's own, nobody else's. */
export const GET = readingPart(async (who, _params, request) => {
  const session = sessionParam(request);
  await needAsked(who.studioId, session, who.personId);
  return eventStream(request, {
    session,
    studio: who.studioId,
    owner: { id: who.personId, address: placeOf(request) },
    eyes: { person: who.doc.id },
    door: { kind: "link", id: who.linkId },
  });
});
