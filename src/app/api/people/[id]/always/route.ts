import { object, string } from "yup";
import { uuidParam, writing } from "@/server/http";
import { setAlways } from "@/server/people";

const body = object({
  from: string().min(1).max(100).required(),
  to: string().min(1).max(100).nullable().defined(),
}).noUnknown();

/** Keeps or drops a standing choice: instead of one move this person always does another. */
export const PUT = writing(body, (who, params, { from, to }) =>
  setAlways(who.studioId, uuidParam(params, "id"), from, to),
);
