import { object, string } from "yup";
import { writing } from "@/server/http";
import { leaveStudio } from "@/server/members";
import { chooseStudio } from "@/server/studios";

const body = object({ studioId: string().uuid().required() }).noUnknown();

/** Works in another of one's own studios from now on. */
export const PUT = writing(body, (who, _params, { studioId }) => chooseStudio(who.userId, studioId));

/** Leaves a studio in which one is a coach; the links that one made for its people end. */
export const DELETE = writing(body, (who, _params, { studioId }) => leaveStudio(who, studioId));
