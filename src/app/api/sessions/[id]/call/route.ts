import { object, string } from "yup";
import { MOST_LINK } from "@/core/live/call-link";
import { uuidParam, writing } from "@/server/http";
import { setCallLink } from "@/server/session-changes";

const body = object({ link: string().max(MOST_LINK).defined() }).noUnknown();

/** Where the video call of a session is; empty takes it away. */
export const PUT = writing(body, (who, params, { link }) =>
  setCallLink(who.studioId, uuidParam(params, "id"), link),
);
