import { seenByAll } from "@/core/live/events";
import { placeOf, reading, uuidParam } from "@/server/http";
import { eventStream } from "@/server/live-hub";
import { eventsAfter } from "@/server/session-events";
import { needSession } from "@/server/sessions";
import { stillSignedIn } from "@/server/who";

/** What happens to a taught class, as it happens. */
export const GET = reading(async (who, params, request) => {
  const id = uuidParam(params, "id");
  await needSession(who.studioId, id);
  // The stage is shared into a call: it never even receives what is private.
  const stage = new URL(request.url).searchParams.get("view") === "stage";
  return eventStream(request, {
    session: id,
    owner: { id: who.userId, address: placeOf(request) },
    load: (seq) => eventsAfter(id, seq),
    still: () => stillSignedIn(who),
    show: stage ? seenByAll : (events) => events,
  });
});
