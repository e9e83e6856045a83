import { object } from "yup";
import { deleteClass } from "@/server/classes";
import { uuidParam, writing } from "@/server/http";

/** Takes a class off the list. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  deleteClass(who.studioId, uuidParam(params, "id")),
);
