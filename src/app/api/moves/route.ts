import { mixed, object } from "yup";
import { writing } from "@/server/http";
import { createMove } from "@/server/moves";

const body = object({ move: mixed<Record<string, unknown>>().required() }).noUnknown();

/** Adds a move of the studio's own. */
export const POST = writing(body, async (who, _params, { move }) => ({
  id: await createMove(who.studioId, move),
}));
