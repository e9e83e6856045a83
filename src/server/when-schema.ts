/** When a session is to be, as it comes in at the edge. */
import { string } from "yup";
import { isLongPast } from "../core/live/session";
import { isTimeZone } from "../core/settings/settings";

/** Nobody plans further ahead, years. */
const MOST_YEARS_AHEAD = 3;

/** An instant at which a class can still be taught. */
export const startsAtSchema = string()
  .datetime({ allowOffset: true })
  .required()
  .test("an-instant", "There is no such time.", (text) => !text || !Number.isNaN(Date.parse(text)))
  .test(
    "not-too-far",
    `That is more than ${MOST_YEARS_AHEAD} years ahead.`,
    (text) => !text || !(Date.parse(text) > Date.now() + MOST_YEARS_AHEAD * 366 * 86_400_000),
  )
  .test(
    "still-ahead",
    "That time has long passed: nobody could come.",
    (text) => !text || !isLongPast(Date.parse(text), null, Date.now()),
  );

export const timeZoneSchema = string()
  .min(1)
  .max(60)
  .required()
  .test("a-zone", "There is no such time zone.", (name) => !name || isTimeZone(name));
