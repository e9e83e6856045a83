/** When a session is to be, as it comes in at the edge. */
import { string } from "yup";
import { isLongPast } from "../core/live/session";

/** An instant at which a class can still be taught. */
export const startsAtSchema = string()
  .datetime({ allowOffset: true })
  .required()
  .test(
    "still-ahead",
    "That time has long passed: nobody could come.",
    (text) => !text || !isLongPast(Date.parse(text), null, Date.now()),
  );

export const timeZoneSchema = string().min(1).max(60).required();
