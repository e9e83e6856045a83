import { object, string } from "yup";
import { env } from "@/server/env";
import { uuidParam, writing } from "@/server/http";
import { sessionLink } from "@/server/invitations";

const body = object({ person: string().uuid().required() }).noUnknown();

/** One more personal link for somebody who is asked to a session, to hand over oneself; given this once. */
export const POST = writing(body, async (who, params, { person }) => ({
  address: `${env.origin}/p/${await sessionLink(who.studioId, uuidParam(params, "id"), person, who)}`,
}));
