import { placeOf, reading, uuidParam } from "@/server/http";
import { eventStream } from "@/server/live/event-stream";
import { needSession } from "@/server/sessions";

/** What happens to a taught class, as it happens. */
export const GET = reading(async (who, params, request) => {
  const session = uuidParam(params, "id");
  await needSession(who.studioId, session);
  // The stage is shared into a call: it never even receives what is private.
  const isStage = new URL(request.url).searchParams.get("view") === "stage";
  return eventStream(request, {
    session,
    studio: who.studioId,
    owner: { id: who.userId, address: placeOf(request) },
    eyes: isStage ? "stage" : "instructor",
    door: { kind: "sign-in", id: who.signInId, userId: who.userId, studioId: who.studioId },
  });
});
