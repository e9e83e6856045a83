import { reading, uuidParam } from "@/server/http";
import { eventStream } from "@/server/live-hub";
import { Refused } from "@/server/refused";
import { eventsAfter, findRun } from "@/server/runs";

/** What happens to a taught class, as it happens. */
export const GET = reading(async (who, params, request) => {
  const id = uuidParam(params, "id");
  if (!(await findRun(who.studioId, id))) throw new Refused("not-found", "There is no such class here.");
  return eventStream(request, id, (seq) => eventsAfter(id, seq));
});
