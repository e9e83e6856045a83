import { reading, textParam, uuidParam } from "@/server/http";
import { stageContent } from "@/server/stage";
import { languageOf } from "@/words/languages";

/** What the stage shows of a session, in a language: nobody's part in it. */
export const GET = reading(async (who, params, request) =>
  Response.json(
    await stageContent(who.studioId, uuidParam(params, "id"), languageOf(textParam(request, "language"))),
  ),
);
