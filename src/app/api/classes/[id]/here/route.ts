import { number, object, string } from "yup";
import { beHere } from "@/server/company";
import { uuidParam, writing } from "@/server/http";

const id = string().max(200);
const body = object({
  tab: string().uuid().required(),
  block: id.defined(),
  slot: id.defined().nullable(),
  revision: number().integer().min(1).required(),
}).noUnknown();

/** Where in the class one is; answered with who else is there, and the class where others changed it. */
export const POST = writing(body, (who, params, here) => beHere(who, uuidParam(params, "id"), here));
