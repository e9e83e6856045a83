import { reading, uuidParam } from "@/server/http";
import { outboxFile } from "@/server/outbox";

/** One message as a mail file. */
export const GET = reading(async (who, params) => {
  const text = await outboxFile(who.studioId, uuidParam(params, "id"), who.name);
  return new Response(text, {
    headers: {
      "content-type": "message/rfc822",
      "content-disposition": 'attachment; filename="invitation.eml"',
      "cache-control": "no-store",
    },
  });
});
