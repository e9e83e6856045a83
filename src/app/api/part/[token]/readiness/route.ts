import { array, boolean, object, string } from "yup";
import {
  ACTIVITIES,
  type Activity,
  ADAPT,
  type Adapt,
  ASK_FIRST,
  type AskFirst,
  INTENDED,
  type Intended,
} from "@/core/readiness/readiness";
import { writingPart } from "@/server/http";
import { answerReadiness, forgetReadiness, openReadiness } from "@/server/readiness";
import { LEAST_CODE, MOST_CODE } from "@/server/secret-code";

const code = string().min(LEAST_CODE, `A code has at least ${LEAST_CODE} signs.`).max(MOST_CODE).required();
const answers = object({
  askFirst: array()
    .of(
      string<AskFirst>()
        .oneOf([...ASK_FIRST])
        .required(),
    )
    .max(ASK_FIRST.length)
    .required(),
  adapt: array()
    .of(
      string<Adapt>()
        .oneOf([...ADAPT])
        .required(),
    )
    .max(ADAPT.length)
    .required(),
  shareAskFirst: boolean().required(),
  activity: string<Activity>().oneOf([...ACTIVITIES]),
  intended: string<Intended>().oneOf([...INTENDED]),
  /** Of somebody under 18: the name, and the consent with it. */
  guardian: string().trim().min(2, "The guardian's name has at least two letters.").max(120),
  consents: boolean().when("guardian", {
    is: (name: unknown) => name !== undefined,
    then: (agrees) =>
      agrees.oneOf([true], "Under 18 a guardian has to agree.").required("Under 18 a guardian has to agree."),
  }),
  code,
}).noUnknown();

/** A person's answers to the readiness check: sealed, and theirs by the code that they set here. */
export const PUT = writingPart(answers, (who, _params, { code: own, consents: _agreed, ...given }) =>
  answerReadiness(who, given, own),
);

/** The answers, for whoever has the link and the code. */
export const POST = writingPart(object({ code }).noUnknown(), async (who, _params, { code: own }) => ({
  answers: await openReadiness(who, own),
}));

/** Takes the answers back, with the link alone; the check is then due again. */
export const DELETE = writingPart(object({}).noUnknown(), (who) => forgetReadiness(who));
