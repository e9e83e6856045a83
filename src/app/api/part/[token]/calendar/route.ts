import { env } from "@/server/env";
import { download, readingPart, sessionParam } from "@/server/http";
import { sessionCalendar } from "@/server/invitations";
import { findPerson } from "@/server/people";
import { needAsked } from "@/server/sessions";
import { languageOf, wordsIn } from "@/words/languages";

/** A calendar file for one session of this person's. */
export const GET = readingPart(async (who, { token }, request) => {
  const row = await needAsked(who.studioId, sessionParam(request), who.personId);
  const person = await findPerson(who.studioId, who.personId);
  const words = wordsIn(languageOf(person?.doc.language));
  const text = await sessionCalendar(row, who.studioName, `${env.origin}/p/${token}`, words);
  return download("class.ics", text);
});
