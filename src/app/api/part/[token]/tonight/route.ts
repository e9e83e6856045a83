import { array, object, string } from "yup";
import { MARKS } from "@/core/homes/home";
import { LIMITS } from "@/core/homes/limits";
import { writingPart } from "@/server/http";
import { setTonight } from "@/server/session-changes";

const body = object({
  session: string().uuid().required(),
  limits: array().of(string().oneOf(LIMITS).required()).max(LIMITS.length).required(),
  without: array().of(string().min(1).max(100).required()).max(200).required(),
  mark: string().oneOf(MARKS).nullable().defined(),
}).noUnknown();

/** "Anything new today?": what holds for one session only. */
export const PUT = writingPart(body, (who, _params, { session, limits, without, mark }) =>
  setTonight(who.studioId, session, who.personId, { limits, without, ...(mark ? { mark } : {}) }),
);
