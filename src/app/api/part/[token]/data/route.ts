import { object, string } from "yup";
import type { ReadinessAnswers } from "@/core/readiness/readiness";
import { readingPart, writingPart } from "@/server/http";
import type { Participant } from "@/server/links";
import { personData } from "@/server/person-data";
import { openReadiness } from "@/server/readiness";
import { MOST_CODE } from "@/server/secret-code";

const everything = (who: Participant, answers: ReadinessAnswers | null) =>
  personData(who.studioId, who.personId, { own: true, answers });

/** Everything that is kept about this person but their health answers, which take their code. */
export const GET = readingPart(async (who) => {
  return new Response(JSON.stringify(await everything(who, null), null, 2), {
    headers: {
      "content-type": "application/json; charset=utf-8",
      "content-disposition": 'attachment; filename="everything-about-me.json"',
      "cache-control": "no-store",
    },
  });
});

/** The same with the health answers, for whoever has the code too. */
export const POST = writingPart(
  object({ code: string().max(MOST_CODE).required() }).noUnknown(),
  async (who, { code }) => everything(who, await openReadiness(who, code)),
);
