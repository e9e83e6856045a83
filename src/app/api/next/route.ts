import { array, mixed, object, string } from "yup";
import { VERDICTS } from "@/core/progress/decisions";
import type { Step } from "@/core/progress/proposal";
import { isStep } from "@/core/progress/read-step";
import { writing } from "@/server/http";
import { decideAll } from "@/server/progress";

const body = object({
  decisions: array()
    .of(
      object({
        person: string().uuid().required(),
        move: string().min(1).max(100).required(),
        verdict: string().oneOf(VERDICTS).required(),
        step: mixed<Step>((value): value is Step => isStep(value)).required(),
      }).noUnknown(),
    )
    .min(1)
    .max(2000)
    .required(),
}).noUnknown();

/** Decides about proposals of people's next steps, one or all at once. */
export const POST = writing(body, (who, _params, { decisions }) => decideAll(who, decisions), {
  size: "document",
});
