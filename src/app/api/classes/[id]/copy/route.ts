import { object } from "yup";
import { screenLanguage } from "@/app/in-their-language";
import { copyClass } from "@/server/class-shelf";
import { uuidParam, writing } from "@/server/http";

/** Another class just like this one. */
export const POST = writing(object({}).noUnknown(), async (who, params) => ({
  id: await copyClass(who.studioId, uuidParam(params, "id"), await screenLanguage()),
}));
