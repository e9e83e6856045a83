import { mixed, object } from "yup";
import { uuidParam, writing } from "@/server/http";
import { deleteMove, updateMove } from "@/server/moves";

const body = object({
  move: mixed<Record<string, unknown>>().required(),
  before: mixed<Record<string, unknown>>().nullable(),
}).noUnknown();

/** Stores a changed move of the studio's own. */
export const PUT = writing(body, (who, params, { move, before }) =>
  updateMove(who.studioId, uuidParam(params, "id"), move, before ?? null),
);

/** Removes a move of the studio's own. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  deleteMove(who.studioId, uuidParam(params, "id")),
);
