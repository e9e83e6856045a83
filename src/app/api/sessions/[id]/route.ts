import { object } from "yup";
import { uuidParam, writing } from "@/server/http";
import { moveSession } from "@/server/session-changes";
import { startsAtSchema, timeZoneSchema } from "@/server/when-schema";

const body = object({
  startsAt: startsAtSchema,
  timeZone: timeZoneSchema,
}).noUnknown();

/** Moves a session that hasn't begun to another time. */
export const PUT = writing(body, (who, params, { startsAt, timeZone }) =>
  moveSession(who.studioId, uuidParam(params, "id"), new Date(startsAt), timeZone),
);
