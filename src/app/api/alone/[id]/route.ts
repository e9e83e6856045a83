import { object } from "yup";
import { withdrawAlone } from "@/server/alone";
import { uuidParam, writing } from "@/server/http";

/** Takes back what wasn't done yet. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  withdrawAlone(who.studioId, uuidParam(params, "id")),
);
