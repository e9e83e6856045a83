import { array, number, object, string } from "yup";
import { MOST_LINES } from "@/core/season/pattern";
import { writing } from "@/server/http";
import { createSeason } from "@/server/seasons";

const body = object({
  title: string().trim().min(1).max(120).required(),
  plan: object({
    from: string().length(10).required(),
    weeks: number().integer().required(),
    timeZone: string().min(1).max(60).required(),
    lines: array()
      .of(
        object({
          weekday: number().integer().required(),
          time: string().length(5).required(),
          classId: string().uuid().required(),
          focus: string().max(60).defined(),
        }).noUnknown(),
      )
      .min(1)
      .max(MOST_LINES)
      .required(),
    growEvery: number().integer().required(),
    easierEvery: number().integer().required(),
    off: array().of(string().length(10).required()).max(200).required(),
    says: string().max(500).defined(),
  })
    .noUnknown()
    .required(),
  people: array().of(string().uuid().required()).max(300).nullable().defined(),
}).noUnknown();

/** Makes a season: a class on every date of its pattern. `people` null asks everybody. */
export const POST = writing(
  body,
  async (who, _params, { title, plan, people }) => ({
    id: await createSeason(who.studioId, title, plan, people),
  }),
  { size: "document" },
);
