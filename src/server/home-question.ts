/** Asking people what they have at home: a message with a link to their own page for it, in the outbox. */
import { languageOf, wordsIn } from "../words/languages";
import { transaction } from "./db/client";
import { env } from "./env";
import { addLink, type Maker } from "./links";
import { mailFile } from "./mail";
import { putMessage } from "./outbox";
import { findPerson } from "./people";
import { Refused } from "./refused";
import { studioName } from "./studios";

/** A link in such a message opens for so long. */
const LINK_LASTS_MS = 30 * 86_400_000;

/** Writes to these people of the studio, by row id; gives how many. */
export async function askForHomes(studioId: string, people: readonly string[], by: Maker): Promise<number> {
  const from = await studioName(studioId);
  for (const id of people) {
    const found = await findPerson(studioId, id);
    if (!found) throw new Refused("not-found", "There is no such person here.");
    const { name, email, language } = found.doc;
    const words = wordsIn(languageOf(language));
    const token = await addLink(studioId, id, new Date(Date.now() + LINK_LASTS_MS), by, true);
    const subject = words.phrase("mail", "askHomeSubject", { studio: from });
    const text = [
      words.phrase("mail", "hello", { name }),
      words.phrase("mail", "askHome", { address: `${env.origin}/p/${token}/home` }),
      words.phrase("mail", "linkAlone"),
      from,
    ].join("\n\n");
    const message = await mailFile({
      from,
      to: { name, address: email ?? null },
      subject,
      text: `${text}\n`,
    });
    const put = { studioId, sessionId: null, personId: id, name, email: email ?? null, subject, message };
    await transaction((tx) => putMessage(tx, put));
  }
  return people.length;
}
