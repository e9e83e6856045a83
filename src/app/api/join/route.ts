import { object, string } from "yup";
import { writing } from "@/server/http";
import { joinStudio } from "@/server/members";

/** Joins the studio that an invitation leads to; the invitation is then used up. */
export const POST = writing(
  object({ token: string().length(43).required() }).noUnknown(),
  (who, _params, { token }) => joinStudio(who, token),
);
