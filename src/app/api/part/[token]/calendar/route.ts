import { env } from "@/server/env";
import { readingPart, sessionParam } from "@/server/http";
import { sessionCalendar } from "@/server/invitations";
import { findPerson } from "@/server/people";
import { needAsked } from "@/server/sessions";
import { languageOf, wordsIn } from "@/words/languages";

/** A calendar file for one session of this person's. */
export const GET = readingPart(async (who, request) => {
  const row = await needAsked(who.studioId, sessionParam(request), who.personId);
  const token = new URL(request.url).pathname.split("/")[3] ?? "";
  const person = await findPerson(who.studioId, who.personId);
  const words = wordsIn(languageOf(person?.doc.language));
  const text = await sessionCalendar(row, who.studioName, `${env.origin}/p/${token}`, words);
  return new Response(text, {
    headers: {
      "content-type": "text/calendar; charset=utf-8",
      "content-disposition": 'attachment; filename="class.ics"',
      "cache-control": "no-store",
    },
  });
});
