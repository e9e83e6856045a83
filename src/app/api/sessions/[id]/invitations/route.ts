import { array, object, string } from "yup";
import { uuidParam, writing } from "@/server/http";
import { invite } from "@/server/invitations";
import { rateLimit } from "@/server/limits";

const body = object({
  people: array().of(string().uuid().required()).max(1000).nullable().defined(),
}).noUnknown();

/** Writes invitations into the (simulated) outbox; `people` null writes to everybody who is asked. */
export const POST = writing(body, async (who, params, { people }) => {
  await rateLimit("outgoing", who.studioId);
  return { written: await invite(who.studioId, uuidParam(params, "id"), people, who) };
});
