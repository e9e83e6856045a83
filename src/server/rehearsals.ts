/** What a rehearsal needs: the class as it stands, with everybody's parts as they would be today. Nothing is stored. */

import { MARKS } from "../core/homes/home";
import type { SessionContent } from "../core/live/session";
import { withSubstitutes } from "../core/live/substitutes";
import { bookFor } from "../core/moves/book";
import { LIBRARY_BOOK } from "../core/moves/library";
import { dayOf } from "../core/units";
import { findClass } from "./classes";
import { movesUsed } from "./content";
import { onThread } from "./jobs/pool";
import { listPeople } from "./people";
import { settingsOf } from "./studios";

/** Simulated at once: as many as a large class has. */
const MOST_PEOPLE = 60;

/** A class for a rehearsal; null where the studio has none of that id. */
export async function rehearsalOf(studioId: string, classId: string) {
  const stored = await findClass(studioId, classId);
  if (!stored) return null;
  const { doc } = stored;
  const [people, settings] = await Promise.all([listPeople(studioId), settingsOf(studioId)]);
  const some = people.slice(0, MOST_PEOPLE).map((row) => row.doc);
  const worked = await onThread("workOut", doc, some, settings.changeOver, dayOf(Date.now()));
  const { parts, partsByMark } = worked;
  const shown = withSubstitutes(doc, [], bookFor(doc, LIBRARY_BOOK));
  const moves = movesUsed(shown, [...parts, ...MARKS.flatMap((mark) => partsByMark[mark])]);
  const content: SessionContent = {
    version: 1,
    frozen: true,
    doc,
    substitutes: [],
    parts,
    partsByMark,
    moves,
  };
  return { content, wordsPerSecond: settings.thresholds.wordsPerSecond };
}
