/** The message that tells a person of a new link to their page. It holds no link: that is handed over by whoever made it. */

import type { Person } from "../core/homes/home";
import { languageOf, wordsIn } from "../words/languages";
import type { Tx } from "./db/client";
import { mailFile } from "./mail";
import { putMessage } from "./outbox";
import { studioName } from "./studios";

/** Composes it; `put` lays it into the outbox in the transaction in which the link is made. */
export async function linkMessage(studioId: string, { name, email, language }: Person, by: string) {
  const from = await studioName(studioId);
  const words = wordsIn(languageOf(language));
  const subject = words.phrase("mail", "newLinkSubject");
  const text = [
    words.phrase("mail", "hello", { name }),
    words.phrase("mail", "newLink", { by, studio: from }),
    words.phrase("mail", "answersStayShut"),
    from,
  ].join("\n\n");
  const message = await mailFile({
    from,
    to: { name, address: email ?? null },
    subject,
    text: `${text}\n`,
  });
  return {
    put: (tx: Tx, personId: string) =>
      putMessage(tx, { studioId, sessionId: null, personId, name, email: email ?? null, subject, message }),
  };
}
