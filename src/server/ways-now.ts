/** What a slot of a session can be changed for now, by who is here; and what of it to show. */
import { findSlot } from "../core/class/document";
import { peopleNow } from "../core/live/people-now";
import { type WayNow, waysNow } from "../core/live/ways-now";
import { type WayToShow, whatToShowIn } from "../core/live/what-to-show";
import { bookFor } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import type { Language } from "../words/languages";
import { bookIn } from "../words/moves/moves-in";
import { frozenContent, peopleOf, sessionDoc, shownOf } from "./content";
import { db } from "./db/client";
import { findPerson } from "./people";
import { Refused } from "./refused";
import { eventsAfter } from "./session-events";
import { needSession } from "./sessions";

/** The ways of a slot that those who have come can do; before anybody has, those who are asked. */
export async function waysOfSlot(
  studioId: string,
  id: string,
  slotId: string,
  language: Language,
): Promise<readonly WayNow[]> {
  const row = await needSession(studioId, id);
  const doc = shownOf(await sessionDoc(db(), row), row.substitutes);
  const slot = findSlot(doc, slotId)?.slot;
  if (!slot) throw new Refused("not-found", "There is no such move in this class.");
  const asked = await peopleOf(db(), id, doc);
  const here = new Set(peopleNow(await eventsAfter(id, 0)).here);
  const present = asked.filter((person) => here.has(person.id));
  return waysNow(slot, bookFor(doc, bookIn(LIBRARY_BOOK, language)), present.length > 0 ? present : asked);
}

/**
 * What to show in each slot that has time for it, once the class runs; `self`: whose home the instructor teaches from,
 * by row id.
 */
export async function showInSession(
  studioId: string,
  id: string,
  self: string | null,
  language: Language,
): Promise<Readonly<Record<string, readonly WayToShow[]>>> {
  await needSession(studioId, id);
  const content = await frozenContent(db(), id);
  if (!content) return {};
  const doc = shownOf(content.doc, content.substitutes);
  const home = self === null ? null : ((await findPerson(studioId, self))?.doc ?? null);
  return whatToShowIn(doc, content.parts, home, bookFor(doc, bookIn(LIBRARY_BOOK, language)));
}
