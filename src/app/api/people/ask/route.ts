import { array, object, string } from "yup";
import { askForHomes } from "@/server/home-question";
import { writing } from "@/server/http";

const body = object({ people: array(string().uuid().required()).min(1).max(200).required() }).noUnknown();

/** Asks people what they have at home, each with a link of their own, by the outbox. */
export const POST = writing(body, async (who, _params, { people }) => ({
  count: await askForHomes(who.studioId, people, who),
}));
