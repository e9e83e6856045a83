import { readingPart } from "@/server/http";
import { currentRunId, databaseNow } from "@/server/runs";

/** The database's clock, for a participant's phone, and which class is going on. */
export const GET = readingPart(async (who) => {
  const [nowMs, run] = await Promise.all([databaseNow(), currentRunId(who.studioId)]);
  return Response.json({ nowMs, run });
});
