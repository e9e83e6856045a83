import { object } from "yup";
import { env } from "@/server/env";
import { uuidParam, writing } from "@/server/http";
import { renewLink, revokeLink } from "@/server/links";

const nothing = object({}).noUnknown();

/** Makes a new personal link and ends the one before; the address is given this once. */
export const POST = writing(nothing, async (who, params) => ({
  address: `${env.origin}/p/${await renewLink(who.studioId, uuidParam(params, "id"), who)}`,
}));

/** Ends a personal link. */
export const DELETE = writing(nothing, (who, params) =>
  revokeLink(who.studioId, uuidParam(params, "id"), who),
);
