import { object, string } from "yup";
import { ENTER_MS } from "@/core/live/session";
import { BY_SELF } from "@/core/log/entries";
import { writingPart } from "@/server/http";
import { write } from "@/server/log";
import { written } from "@/server/log-schema";
import { Refused } from "@/server/refused";
import { needAsked } from "@/server/sessions";

const body = object({ session: string().uuid().required(), entries: written }).noUnknown();

/** What a person says of a class after it, within a week. Whether they were there is the record's. */
export const PUT = writingPart(body, async (who, _params, { session, entries }) => {
  const { endedAt } = await needAsked(who.studioId, session, who.personId);
  if (endedAt && Date.now() - endedAt.getTime() > ENTER_MS)
    throw new Refused("conflict", "That class is more than a week ago: tell your instructor.");
  if (entries.some(({ field }) => field === "present"))
    throw new Refused("invalid", "Who was there is the instructor's to say.");
  await write(who.studioId, session, who.personId, BY_SELF, entries);
});
