import { object, string } from "yup";
import { writing } from "@/server/http";
import { createRun } from "@/server/runs";

const body = object({ classId: string().uuid().required() }).noUnknown();

/** Begins to teach a class. */
export const POST = writing(body, async (who, _params, { classId }) => ({
  id: await createRun(who.studioId, classId),
}));
