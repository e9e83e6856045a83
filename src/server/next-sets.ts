/** The sets to come of somebody who said how many more there were in one. */
import { eq } from "drizzle-orm";
import type { SetChange } from "../core/live/event-kinds";
import type { SessionEvent } from "../core/live/events";
import { changeOf, followed, type SetAt } from "../core/live/next-set";
import type { WorkedOut } from "../core/live/work-out";
import { ownAtLevel, withSaid } from "../core/log/said-sets";
import type { Part } from "../core/parts/part";
import { dayOf } from "../core/units";
import { byMarkOf, peopleOf, shownOf, whole } from "./content";
import type { Tx } from "./db/client";
import { session } from "./db/schema";
import { onThread } from "./jobs/pool";
import { settingsIn } from "./studios";

/** One person's parts with all that they have said of their sets; null before the start. Holds nothing meanwhile. */
export async function workedWithSaid(
  tx: Tx,
  id: string,
  personId: string,
  events: readonly SessionEvent[],
): Promise<readonly WorkedOut[] | null> {
  const row = await whole(tx, id);
  if (!row.doc || row.state !== "running") return null;
  const shown = shownOf(row.doc, row.substitutes);
  const table = row.changeOver ?? (await settingsIn(tx, row.studioId)).changeOver;
  const day = dayOf(row.startsAt.getTime());
  const people = await peopleOf(tx, id, shown, personId);
  const worked = (trusting: boolean) => {
    const said = people.map((person) => withSaid(person, row, events, day, trusting));
    return onThread("workOut", shown, said, table, day);
  };
  const plenty = events.some(({ payload }) => "more" in payload && payload.more === "4-or-more");
  return Promise.all(plenty ? [worked(false), worked(true)] : [worked(false)]);
}

/**
 * Puts the sets to come of what was worked out into a session, without changing anybody's move; locks its row. Gives
 * the new version and what became of the next set; null before the start and after the end.
 */
export async function followSet(
  tx: Tx,
  id: string,
  rosterId: string,
  at: SetAt,
  worked: readonly WorkedOut[],
  events: readonly SessionEvent[],
): Promise<{ readonly version: number; readonly change: SetChange } | null> {
  const [row] = await tx.select().from(session).where(eq(session.id, id)).for("update");
  if (!row?.doc || !row.parts || row.state !== "running") return null;
  const shown = shownOf(row.doc, row.substitutes);
  const follow = (all: readonly Part[], partsIn: (one: WorkedOut) => readonly Part[]) => {
    const own = worked.flatMap((one) => partsIn(one).find(({ person }) => person === rosterId) ?? []);
    return all.map((part) => (part.person === rosterId ? followed(part, own, shown, at) : part));
  };
  const { flat, natural, sharp } = byMarkOf(row);
  const after: WorkedOut = {
    parts: follow(row.parts, ({ parts }) => parts),
    partsByMark: {
      flat: follow(flat, ({ partsByMark }) => partsByMark.flat),
      natural: follow(natural, ({ partsByMark }) => partsByMark.natural),
      sharp: follow(sharp, ({ partsByMark }) => partsByMark.sharp),
    },
  };
  const was = ownAtLevel(row, rosterId, events);
  const is = ownAtLevel(after, rosterId, events);
  const version = row.version + 1;
  await tx
    .update(session)
    .set({ version, ...after })
    .where(eq(session.id, id));
  return { version, change: was && is ? changeOf(was, is, at) : "same" };
}
