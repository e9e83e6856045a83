import { array, object, string } from "yup";
import { isUuid } from "@/core/units";
import { reading, textParam, writing } from "@/server/http";
import { Refused } from "@/server/refused";
import { sessionNear, teachNow } from "@/server/session-changes";

const body = object({
  classId: string().uuid().required(),
  people: array().of(string().uuid().required()).max(1000),
}).noUnknown();

/** The session of a class that would be opened now, where one is planned or open around this time. */
export const GET = reading(async (who, _params, request) => {
  const classId = textParam(request, "class");
  if (!isUuid(classId)) throw new Refused("not-found", "There is no such class here.");
  return Response.json({ session: await sessionNear(who.studioId, classId) });
});

/** Opens a class now: its session that is near, or one for these people; for everybody where they are left out. */
export const POST = writing(body, async (who, _params, { classId, people }) => ({
  id: await teachNow(who.studioId, classId, people ?? null),
}));
