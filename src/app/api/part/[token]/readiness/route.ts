import { array, boolean, object, string } from "yup";
import { ADAPT, type Adapt, ASK_FIRST, type AskFirst } from "@/core/readiness/readiness";
import { writingPart } from "@/server/http";
import { answerReadiness, forgetReadiness } from "@/server/readiness";

const body = object({
  askFirst: array()
    .of(
      string<AskFirst>()
        .oneOf(Object.keys(ASK_FIRST) as AskFirst[])
        .required(),
    )
    .max(10)
    .required(),
  adapt: array()
    .of(
      string<Adapt>()
        .oneOf(Object.keys(ADAPT) as Adapt[])
        .required(),
    )
    .max(10)
    .required(),
  shareAskFirst: boolean().required(),
}).noUnknown();

/** A person's answers to the readiness check: sealed, for themselves alone. */
export const PUT = writingPart(body, (who, answers) => answerReadiness(who.personId, answers));

/** Takes the answers back; the check is then due again. */
export const DELETE = writingPart(object({}).noUnknown(), (who) => forgetReadiness(who.personId));
