import { object, string } from "yup";
import { chooseLanguage } from "@/server/accounts";
import { writing } from "@/server/http";
import { WHOLE_LANGUAGES } from "@/words/languages";

/** The language of one's own screens. */
export const PUT = writing(
  object({ language: string().oneOf(WHOLE_LANGUAGES).nullable().defined() }).noUnknown(),
  async (who, _params, { language }) => chooseLanguage(who.userId, language),
);
