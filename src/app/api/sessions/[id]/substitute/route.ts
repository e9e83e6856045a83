import { object, string } from "yup";
import { uuidParam, writing } from "@/server/http";
import { substituteMove } from "@/server/session-events";

const body = object({
  id: string().uuid().required(),
  slot: string().min(1).max(100).required(),
  move: string().min(1).max(100).required(),
  person: string().min(1).max(100),
}).noUnknown();

/** Another move in a slot, for the room or for one person; counts once however often it is sent. */
export const POST = writing(body, (who, params, { id, slot, move, person }) =>
  substituteMove(who.studioId, uuidParam(params, "id"), id, { slot, move, ...(person ? { person } : {}) }),
);
