import { array, number, object, string } from "yup";
import { doneAlone } from "@/server/alone";
import { uuidParam, writingPart } from "@/server/http";
import { aloneSlots } from "@/server/log-schema";

const body = object({
  slots: aloneSlots,
  effort: number().integer().min(0).max(10).nullable().defined(),
  note: string().max(1000).defined(),
  hurt: array().of(string().max(100).required()).max(200).required(),
}).noUnknown();

/** What a person did of a plan by themselves. */
export const PUT = writingPart(body, (who, params, said) => doneAlone(who, uuidParam(params, "id"), said), {
  size: "document",
});
