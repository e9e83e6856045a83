import { object, string } from "yup";
import { uuidParam, writing } from "@/server/http";
import { setSessionState } from "@/server/session-changes";

const body = object({
  state: string<"open" | "cancelled">().oneOf(["open", "cancelled"]).required(),
}).noUnknown();

/** Opens the room, or cancels. */
export const PUT = writing(body, (who, params, { state }) =>
  setSessionState(who.studioId, uuidParam(params, "id"), state),
);
