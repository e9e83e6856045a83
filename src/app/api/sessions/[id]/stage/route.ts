import { reading, uuidParam } from "@/server/http";
import { stageContent } from "@/server/stage";

/** What the stage shows of a session: nobody's part in it. */
export const GET = reading(async (who, params) =>
  Response.json(await stageContent(who.studioId, uuidParam(params, "id"))),
);
