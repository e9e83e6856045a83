/** The language of an instructor's screens: their account's, else as their browser asks. */
import { askedLanguage, type Language, WHOLE_LANGUAGES } from "../words/languages";
import { instructor } from "./who";

/** `asked`: the request, or the headers of the page that is asked for. */
export async function screenLanguage(asked: { readonly headers: Headers }): Promise<Language> {
  // A page that says that the database is away has a language too.
  const who = await instructor().catch(() => null);
  return who?.language ?? askedLanguage(asked.headers.get("accept-language"), WHOLE_LANGUAGES);
}
