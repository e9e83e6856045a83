/** Asking people what they have at home: a message with a link to their own page for it, in the outbox. */
import { transaction } from "./db/client";
import { env } from "./env";
import { addLink, type Maker } from "./links";
import { findPerson } from "./people";
import { personMessage } from "./person-message";
import { Refused } from "./refused";

/** A link in such a message opens for so long. */
const LINK_LASTS_MS = 30 * 86_400_000;

/** Writes to these people of the studio, by row id; gives how many. */
export async function askForHomes(studioId: string, people: readonly string[], by: Maker): Promise<number> {
  const found = await Promise.all(people.map((id) => findPerson(studioId, id)));
  // Nobody is written to where one of them isn't there.
  const asked = found.map((person) => {
    if (!person) throw new Refused("not-found", "There is no such person here.");
    return person;
  });
  for (const { id, doc } of asked) {
    const token = await addLink(studioId, id, new Date(Date.now() + LINK_LASTS_MS), by, true);
    const address = `${env.origin}/p/${token}/home`;
    const message = await personMessage(studioId, doc, (words, studio) => ({
      subject: words.phrase("mail", "askHomeSubject", { studio }),
      paragraphs: [words.phrase("mail", "askHome", { address }), words.phrase("mail", "linkAlone")],
    }));
    await transaction((tx) => message.put(tx, id));
  }
  return people.length;
}
