/** The message that tells a person of a new link to their page. It holds no link: that is handed over by whoever made it. */
import type { Person } from "../core/homes/home";
import { personMessage } from "./person-message";

/** Composes it; `put` lays it into the outbox in the transaction in which the link is made. */
export function linkMessage(studioId: string, person: Person, by: string) {
  return personMessage(studioId, person, (words, studio) => ({
    subject: words.phrase("mail", "newLinkSubject"),
    paragraphs: [words.phrase("mail", "newLink", { by, studio }), words.phrase("mail", "answersStayShut")],
  }));
}
