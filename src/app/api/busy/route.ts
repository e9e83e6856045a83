import { array, number, object, string } from "yup";
import { MOST_BUSY } from "@/core/season/busy-calendar";
import { dropBusy, takeBusy } from "@/server/busy";
import { writing } from "@/server/http";

/** Instants that a calendar can mean, ms. */
const instant = () => number().integer().min(0).max(8_000_000_000_000).required();
const calendar = () => string().trim().min(1).max(100).required();

const taken = object({
  calendar: calendar(),
  times: array()
    .of(
      object({ startMs: instant(), endMs: instant() })
        .noUnknown()
        .test("order", "a time ends after it begins", ({ startMs, endMs }) => !(endMs <= startMs)),
    )
    .max(MOST_BUSY)
    .required(),
}).noUnknown();

/** Takes the times of one's own calendar in; what the same one said before is replaced. */
export const POST = writing(taken, (who, _params, said) => takeBusy(who, said.calendar, said.times), {
  size: "person",
});

/** Forgets one of one's own calendars. */
export const DELETE = writing(object({ calendar: calendar() }).noUnknown(), (who, _params, said) =>
  dropBusy(who, said.calendar),
);
