import { boolean, object, string } from "yup";
import { writingPart } from "@/server/http";
import { leaveWhereabouts } from "@/server/whereabouts";

const body = object({
  session: string().uuid().required(),
  place: string().max(300).defined(),
  contact: string().max(300).defined(),
  anyTime: boolean(),
}).noUnknown();

/** Where one is tonight and whom to call; empty texts take it back. */
export const PUT = writingPart(body, (who, _params, { session, place, contact, anyTime }) =>
  leaveWhereabouts(who.studioId, session, who.personId, { place, contact, anyTime: anyTime ?? false }),
);
