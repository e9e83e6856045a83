import { readingPart } from "@/server/http";
import { sessionShownTo } from "@/server/sessions";

/** Which class this person's page shows now. */
export const GET = readingPart(async (who) => {
  const shown = await sessionShownTo(who.studioId, who.personId);
  return Response.json({ session: shown?.id ?? null, state: shown?.state ?? null });
});
