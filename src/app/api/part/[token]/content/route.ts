import { readingPart, runParam } from "@/server/http";
import { ownRun } from "@/server/own-run";

/** What this person does in a session of theirs, as it stands. */
export const GET = readingPart(async (who, request) => Response.json(await ownRun(who, runParam(request))));
