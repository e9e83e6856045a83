import { mixed, object } from "yup";
import { onlyOwner, uuidParam, writing } from "@/server/http";
import { updatePerson } from "@/server/people";
import { erasePerson } from "@/server/person-data";
import { homeChanged } from "@/server/session-changes";

const body = object({
  person: mixed<Record<string, unknown>>().required(),
  /** As the form was opened with it: what others changed since stays. */
  before: mixed<Record<string, unknown>>().nullable(),
}).noUnknown();

/** Stores a person's changed home. */
export const PUT = writing(
  body,
  async (who, params, { person, before }) => {
    const id = uuidParam(params, "id");
    await updatePerson(who.studioId, id, person, before ?? null);
    await homeChanged(who.studioId, id);
  },
  { size: "person" },
);

/** Removes a person and what is kept of them. */
export const DELETE = writing(object({}).noUnknown(), (who, params) => {
  onlyOwner(who);
  return erasePerson(who.studioId, uuidParam(params, "id"), who.name);
});
