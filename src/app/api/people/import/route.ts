import { mixed, object } from "yup";
import { writing } from "@/server/http";
import { importRoster } from "@/server/people";

const body = object({ roster: mixed().required() }).noUnknown();

/** Imports a roster: everybody or nobody; the same roster id updates. */
export const POST = writing(
  body,
  async (who, _params, { roster }) => ({ count: await importRoster(who.studioId, roster) }),
  { size: "roster" },
);
