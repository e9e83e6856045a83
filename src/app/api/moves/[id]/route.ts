import { mixed, object } from "yup";
import { uuidParam, writing } from "@/server/http";
import { deleteMove, updateMove } from "@/server/moves";

const body = object({ move: mixed<Record<string, unknown>>().required() }).noUnknown();

/** Stores a changed move of the studio's own. */
export const PUT = writing(body, (who, params, { move }) =>
  updateMove(who.studioId, uuidParam(params, "id"), move),
);

/** Removes a move of the studio's own. */
export const DELETE = writing(object({}).noUnknown(), (who, params) =>
  deleteMove(who.studioId, uuidParam(params, "id")),
);
