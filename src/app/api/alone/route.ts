import { array, object, string } from "yup";
import { setAlone } from "@/server/alone";
import { writing } from "@/server/http";

const body = object({
  people: array().of(string().uuid().required()).min(1).max(300).required(),
  classId: string().uuid().required(),
  day: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/)
    .test((day) => day !== undefined && !Number.isNaN(Date.parse(day)))
    .required(),
  note: string().max(1000).defined(),
}).noUnknown();

/** Sets a class for people to do by themselves on a day. */
export const POST = writing(body, async (who, _params, plan) => ({
  ids: await setAlone(who.studioId, plan),
}));
