import { readingPart } from "@/server/http";
import { databaseNow } from "@/server/session-events";
import { sessionShownTo } from "@/server/sessions";

/** The database's clock, for a participant's phone, and which class its page shows. */
export const GET = readingPart(async (who) => {
  const [nowMs, shown] = await Promise.all([databaseNow(), sessionShownTo(who.studioId, who.personId)]);
  return Response.json({ nowMs, session: shown?.id ?? null, state: shown?.state ?? null });
});
