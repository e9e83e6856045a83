import { object } from "yup";
import { uuidParam, writing } from "@/server/http";
import { removeSeason } from "@/server/seasons";

/** Removes a season: what is ahead is cancelled, what was taught stays. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  removeSeason(who.studioId, uuidParam(params, "id")),
);
