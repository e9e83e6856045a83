/** What is written after a class to those who were there: proposed, changed by the instructor, laid into the outbox. */
import { bookFor } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import { afterText } from "../words/after-words";
import { type Language, languageOf, wordsIn } from "../words/languages";
import { bookIn } from "../words/moves/moves-in";
import { shownOf } from "./content";
import { transaction } from "./db/client";
import { sessionLog } from "./log";
import { mailFile } from "./mail";
import { putMessage } from "./outbox";
import { findPerson } from "./people";
import { Refused } from "./refused";
import { askedTo, needSession } from "./sessions";
import { studioName } from "./studios";
import { note } from "./trail";

/** Characters of a letter at most. */
export const MOST_LETTER = 8000;

/** Who were there, of those whom the studio still has. */
async function present(studioId: string, id: string) {
  const row = await needSession(studioId, id);
  if (row.state !== "ended") throw new Refused("conflict", "This class isn’t over yet.");
  const log = await sessionLog(studioId, id);
  const there = new Set(log.people.filter((person) => person.present).map(({ person }) => person));
  const people = (await askedTo(studioId, id)).filter(({ rosterId }) => there.has(rosterId));
  return { row, log, people };
}

/** The text that is proposed, in the language of who writes, and how many it would go to. */
export async function proposedAfterwords(studioId: string, id: string, language: Language) {
  const { row, log, people } = await present(studioId, id);
  const words = wordsIn(language);
  // By the moves that were really done: some may have been changed for the room.
  const doc = shownOf(log.doc, row.substitutes);
  const text = afterText(doc, log.record, bookFor(doc, bookIn(LIBRARY_BOOK, language)), words);
  return { text, people: people.length };
}

/** Lays a letter with this text into the outbox for everybody who was there; gives how many. */
export async function writeAfterwords(
  studioId: string,
  id: string,
  text: string,
  by: string,
): Promise<number> {
  const { log, people } = await present(studioId, id);
  const from = await studioName(studioId);
  for (const { id: personId, name, email } of people) {
    const words = wordsIn(languageOf((await findPerson(studioId, personId))?.doc.language));
    const subject = words.phrase("mail", "afterSubject", { title: log.doc.title });
    const whole = [words.phrase("mail", "hello", { name }), text.trim(), from].join("\n\n");
    const message = await mailFile({ from, to: { name, address: email }, subject, text: `${whole}\n` });
    await transaction((tx) =>
      putMessage(tx, { studioId, sessionId: id, personId, name, email, subject, message }),
    );
  }
  await note({ studioId, kind: "afterwords-written", actor: by });
  return people.length;
}
