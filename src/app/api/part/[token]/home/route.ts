import { mixed, object } from "yup";
import { writingPart } from "@/server/http";
import { updateOwnHome } from "@/server/people";
import { homeChanged } from "@/server/session-changes";

const body = object({
  person: mixed<Record<string, unknown>>().required(),
  before: mixed<Record<string, unknown>>().nullable(),
}).noUnknown();

/** A participant's own home, entered by themselves. */
export const PUT = writingPart(
  body,
  async (who, _params, { person, before }) => {
    await updateOwnHome(who.studioId, who.personId, person, before ?? null);
    await homeChanged(who.studioId, who.personId);
  },
  { size: "person" },
);
