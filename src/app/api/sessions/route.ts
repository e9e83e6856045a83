import { array, object, string } from "yup";
import { writing } from "@/server/http";
import { planSession } from "@/server/session-changes";
import { startsAtSchema, timeZoneSchema } from "@/server/when-schema";

const body = object({
  classId: string().uuid().required(),
  startsAt: startsAtSchema,
  timeZone: timeZoneSchema,
  people: array().of(string().uuid().required()).max(1000).nullable().defined(),
}).noUnknown();

/** Puts a class on a date and asks people to it; `people` null asks everybody. */
export const POST = writing(body, async (who, _params, { classId, startsAt, timeZone, people }) => ({
  id: await planSession(who.studioId, {
    classId,
    startsAt: new Date(startsAt),
    timeZone,
    people,
    state: "planned",
  }),
}));
