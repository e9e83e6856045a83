import { seenBy } from "@/core/live/events";
import { isUuid } from "@/core/units";
import { readingPart } from "@/server/http";
import { eventStream } from "@/server/live-hub";
import { Refused } from "@/server/refused";
import { eventsAfter, runHas } from "@/server/runs";

/** The class as it goes on: the clock's events and this person's own, nobody else's. */
export const GET = readingPart(async (who, request) => {
  const run = new URL(request.url).searchParams.get("run") ?? "";
  if (!isUuid(run) || !(await runHas(who.studioId, run, who.doc.id)))
    throw new Refused("not-found", "There is no such class here.");
  return eventStream(
    request,
    run,
    (seq) => eventsAfter(run, seq),
    (events) => seenBy(events, who.doc.id),
  );
});
