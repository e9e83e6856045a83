import { object, string } from "yup";
import { writing } from "@/server/http";
import { teachNow } from "@/server/session-changes";

const body = object({ classId: string().uuid().required() }).noUnknown();

/** Opens a class for everybody, now. */
export const POST = writing(body, async (who, _params, { classId }) => ({
  id: await teachNow(who.studioId, classId),
}));
