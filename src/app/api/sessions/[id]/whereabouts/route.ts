import { reading, textParam, uuidParam } from "@/server/http";
import { whereaboutsOf } from "@/server/whereabouts";

/** Where somebody is and whom to call, while the class goes on: asked for one person, when it is needed. */
export const GET = reading(async (who, params, request) => {
  const left = await whereaboutsOf(
    who.studioId,
    uuidParam(params, "id"),
    textParam(request, "person"),
    who.name,
  );
  return Response.json({ left }, { headers: { "cache-control": "no-store" } });
});
