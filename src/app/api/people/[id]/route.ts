import { mixed, object } from "yup";
import { uuidParam, writing } from "@/server/http";
import { deletePerson, updatePerson } from "@/server/people";

const body = object({ person: mixed<Record<string, unknown>>().required() }).noUnknown();

/** Stores a person's changed home. */
export const PUT = writing(body, (who, params, { person }) =>
  updatePerson(who.studioId, uuidParam(params, "id"), person),
);

/** Removes a person and what is kept of them. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  deletePerson(who.studioId, uuidParam(params, "id")),
);
