import { mixed, object } from "yup";
import { createClass } from "@/server/classes";
import { writing } from "@/server/http";

const body = object({ doc: mixed().required() }).noUnknown();

/** Stores a new or imported class. */
export const POST = writing(
  body,
  async (who, _params, { doc }) => ({ id: await createClass(who.studioId, doc) }),
  { size: "document" },
);
