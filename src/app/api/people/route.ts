import { mixed, object } from "yup";
import { writing } from "@/server/http";
import { createPerson } from "@/server/people";

const body = object({ person: mixed<Record<string, unknown>>().required() }).noUnknown();

/** Adds a person. */
export const POST = writing(
  body,
  async (who, _params, { person }) => ({ id: await createPerson(who.studioId, person) }),
  { size: "person" },
);
