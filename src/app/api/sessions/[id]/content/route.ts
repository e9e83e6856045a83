import { screenLanguage } from "@/app/in-their-language";
import { reading, uuidParam } from "@/server/http";
import { sessionContent } from "@/server/sessions";
import { contentIn } from "@/words/moves/moves-in";

/** What a session is taught from, as it stands. */
export const GET = reading(async (who, params) => {
  const { content } = await sessionContent(who.studioId, uuidParam(params, "id"));
  return Response.json(contentIn(content, await screenLanguage()));
});
