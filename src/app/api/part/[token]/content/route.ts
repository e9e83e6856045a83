import { readingPart, sessionParam } from "@/server/http";
import { ownSession } from "@/server/own-session";

/** What this person does in a session of theirs, as it stands. */
export const GET = readingPart(async (who, _params, request) =>
  Response.json(await ownSession(who, sessionParam(request))),
);
