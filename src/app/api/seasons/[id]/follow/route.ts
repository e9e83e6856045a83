import { object } from "yup";
import { uuidParam, writing } from "@/server/http";
import { follow } from "@/server/seasons";

/** Brings a changed base into the classes that weren't edited; says which were. */
export const POST = writing(object({}).noUnknown(), (who, params) =>
  follow(who.studioId, uuidParam(params, "id")),
);
