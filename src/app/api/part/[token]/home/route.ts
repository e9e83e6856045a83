import { mixed, object } from "yup";
import { writingPart } from "@/server/http";
import { updateOwnHome } from "@/server/people";

const body = object({ person: mixed<Record<string, unknown>>().required() }).noUnknown();

/** A participant's own home, entered by themselves. */
export const PUT = writingPart(body, (who, { person }) => updateOwnHome(who.studioId, who.personId, person));
