import { mixed, object } from "yup";
import { writingPart } from "@/server/http";
import { updateOwnHome } from "@/server/people";
import { homeChanged } from "@/server/session-changes";

const body = object({ person: mixed<Record<string, unknown>>().required() }).noUnknown();

/** A participant's own home, entered by themselves. */
export const PUT = writingPart(
  body,
  async (who, { person }) => {
    await updateOwnHome(who.studioId, who.personId, person);
    await homeChanged(who.studioId, who.personId);
  },
  { size: "person" },
);
