import { screenLanguage } from "@/app/in-their-language";
import { isUuid } from "@/core/units";
import { reading, textParam, uuidParam } from "@/server/http";
import { showInSession } from "@/server/ways-now";

/** Which ways to show in which slot, with what one of the studio's people (the instructor) has at home. */
export const GET = reading(async (who, params, request) => {
  const self = textParam(request, "self");
  const slots = await showInSession(
    who.studioId,
    uuidParam(params, "id"),
    isUuid(self) ? self : null,
    await screenLanguage(),
  );
  return Response.json({ slots });
});
