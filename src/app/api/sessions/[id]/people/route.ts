import { object, string } from "yup";
import { uuidParam, writing } from "@/server/http";
import { addToSession, removeFromSession } from "@/server/session-changes";

const body = object({ person: string().uuid().required() }).noUnknown();

/** Asks somebody to a session, also at the door and while it runs. */
export const POST = writing(body, (who, params, { person }) =>
  addToSession(who.studioId, uuidParam(params, "id"), person),
);

/** Takes somebody off the list of a session that hasn't started. */
export const DELETE = writing(body, (who, params, { person }) =>
  removeFromSession(who.studioId, uuidParam(params, "id"), person),
);
