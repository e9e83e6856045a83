/** The message that tells a person of a new link to their page. It holds no link: that is handed over by whoever made it. */
import type { Person } from "../core/homes/home";
import type { Tx } from "./db/client";
import { mailFile } from "./mail";
import { putMessage } from "./outbox";
import { studioName } from "./studios";

/** Composes it; `put` lays it into the outbox in the transaction in which the link is made. */
export async function linkMessage(studioId: string, { name, email }: Person, by: string) {
  const from = await studioName(studioId);
  const subject = "A new link to your page was made";
  const text = [
    `Hello ${name},`,
    `${by} of ${from} has made a new link that opens your own page. If you didn't ask for one, tell them: they can end it, and so can you, at the foot of your page.`,
    "Your health answers can't be opened with it: that takes the code that you set.",
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
      putMessage(tx, { studioId, runId: null, personId, name, email: email ?? null, subject, message }),
  };
}
