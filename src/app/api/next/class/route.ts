import { object, string } from "yup";
import { takeClassStep } from "@/server/class-step";
import { writing } from "@/server/http";

const body = object({
  classId: string().uuid().required(),
  block: string().min(1).max(200).required(),
  kind: string()
    .oneOf(["another-round", "less-rest", "longer-hold"] as const)
    .required(),
}).noUnknown();

/** A class takes its own step. */
export const POST = writing(body, (who, _params, { classId, block, kind }) =>
  takeClassStep(who, classId, { block, kind }),
);
