import { download, reading, uuidParam } from "@/server/http";
import { outboxFile } from "@/server/outbox";

/** One message as a mail file. */
export const GET = reading(async (who, params) => {
  const text = await outboxFile(who.studioId, uuidParam(params, "id"), who.name);
  return download("invitation.eml", text);
});
