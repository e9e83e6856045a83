import { array, number, object, string } from "yup";
import { uuidParam, writing } from "@/server/http";
import { addSets } from "@/server/people";

const set = object({
  move: string().min(1).max(100).required(),
  kg: number().min(0).max(500),
  reps: number().integer().min(1).max(1000),
  seconds: number().integer().min(1).max(7200),
  rir: number().min(0).max(10),
  date: string().length(10),
}).noUnknown();

const body = object({ sets: array().of(set).min(1).max(5000).required() }).noUnknown();

/** Known sets of an earlier log: what is known already isn't stored twice. */
export const POST = writing(
  body,
  (who, params, { sets }) => addSets(who.studioId, uuidParam(params, "id"), sets),
  { size: "document" },
);
