/** A message to one person of a studio, in their language, for the outbox. */
import type { Person } from "../core/homes/home";
import { languageOf, wordsIn } from "../words/languages";
import type { Words } from "../words/words";
import type { Tx } from "./db/client";
import { mailFile } from "./mail";
import { putMessage } from "./outbox";
import { studioName } from "./studios";

interface Letter {
  readonly subject: string;
  /** Between the greeting and the studio's name. */
  readonly paragraphs: readonly string[];
}

/** Composes it; `put` lays it into the outbox in the transaction that it belongs to. It is about no session. */
export async function personMessage(
  studioId: string,
  { name, email, language }: Person,
  letter: (words: Words, studio: string) => Letter,
) {
  const from = await studioName(studioId);
  const words = wordsIn(languageOf(language));
  const { subject, paragraphs } = letter(words, from);
  const text = [words.phrase("mail", "hello", { name }), ...paragraphs, from].join("\n\n");
  const to = { name, address: email ?? null };
  const message = await mailFile({ from, to, subject, text: `${text}\n` });
  return {
    put: (tx: Tx, personId: string) =>
      putMessage(tx, { studioId, sessionId: null, personId, name, email: email ?? null, subject, message }),
  };
}
