import { object, string } from "yup";
import type { ReadinessAnswers } from "@/core/readiness/readiness";
import { download, readingPart, writingPart } from "@/server/http";
import type { Participant } from "@/server/links";
import { personData } from "@/server/person-data";
import { openReadiness } from "@/server/readiness";
import { MOST_CODE } from "@/server/secret-code";

const everything = (who: Participant, answers: ReadinessAnswers | null) =>
  personData(who.studioId, who.personId, { own: true, answers });

/** Everything that is kept about this person but their health answers, which take their code. */
export const GET = readingPart(async (who) =>
  download("everything-about-me.json", JSON.stringify(await everything(who, null), null, 2)),
);

/** The same with the health answers, for whoever has the code too. */
export const POST = writingPart(
  object({ code: string().max(MOST_CODE).required() }).noUnknown(),
  async (who, _params, { code }) => everything(who, await openReadiness(who, code)),
);
