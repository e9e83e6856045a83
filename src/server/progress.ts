/** What each move of a person might become next, from what they confirmed of the classes that are over. */

import { LIBRARY_BOOK } from "../core/moves/library";
import type { Exposure } from "../core/progress/exposure";
import { exposuresIn } from "../core/progress/from-log";
import type { Proposal } from "../core/progress/proposal";
import { propose } from "../core/progress/propose";
import { strengthsOf } from "../core/strength/of-person";
import { dayOf } from "../core/units";
import { loggedClasses } from "./log";
import { findPerson } from "./people";

/** Moves that weren't done for longer are no longer asked about, days. */
const STILL_DAYS = 84;

/** Proposals by move, those with something to do first; the person must be the studio's own. */
export async function progressOf(studioId: string, personId: string): Promise<readonly Proposal[]> {
  const found = await findPerson(studioId, personId);
  if (!found) return [];
  const on = dayOf(Date.now());
  const classes = await loggedClasses(studioId, personId, found.doc.id);
  const since = dayOf(Date.now() - STILL_DAYS * 86_400_000);
  const exposures = classes
    .filter(({ day }) => day >= since)
    .flatMap((each): readonly Exposure[] => exposuresIn(each, (id) => LIBRARY_BOOK.get(id)));
  const strengths = strengthsOf(found.doc, LIBRARY_BOOK, on);
  const moves = [...new Set(exposures.map(({ move }) => move))];
  const all = moves.flatMap((id): Proposal[] => {
    const move = LIBRARY_BOOK.get(id);
    if (!move?.id) return [];
    const asked = {
      person: found.doc,
      move: { ...move, id: move.id },
      book: LIBRARY_BOOK,
      strengths,
      on,
      taken: [],
    };
    const made = propose(asked, exposures);
    return made ? [made] : [];
  });
  const rank = ({ step }: Proposal) => (step.do === "ask" ? 0 : step.do === "same" ? 2 : 1);
  return all.sort((a, b) => rank(a) - rank(b));
}
