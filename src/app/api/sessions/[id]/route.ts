import { object, string } from "yup";
import { uuidParam, writing } from "@/server/http";
import { moveSession } from "@/server/session-changes";

const body = object({
  startsAt: string().datetime({ allowOffset: true }).required(),
  timeZone: string().min(1).max(60).required(),
}).noUnknown();

/** Moves a session that hasn't begun to another time. */
export const PUT = writing(body, (who, params, { startsAt, timeZone }) =>
  moveSession(who.studioId, uuidParam(params, "id"), new Date(startsAt), timeZone),
);
