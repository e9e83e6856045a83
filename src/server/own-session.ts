/** A session as one participant may see it: their own parts, and of the class what all may see. */
import { movesNamed } from "../core/class/named-moves";
import { seenBy } from "../core/live/events";
import { type OwnSession, ownParts, publicDoc } from "../core/live/own-part";
import { languageOf } from "../words/languages";
import { ownSessionIn } from "../words/moves/moves-in";
import { contentOf, frozenContent } from "./content";
import { db } from "./db/client";
import type { Participant } from "./links";
import { eventsAfter } from "./session-events";
import { needAsked, needSession } from "./sessions";

/** What a participant gets of a session that they are asked to, its moves in their language. */
export async function ownSession(who: Participant, id: string): Promise<OwnSession> {
  const row = await needAsked(who.studioId, id, who.personId);
  const content =
    (await frozenContent(db(), id)) ??
    (await contentOf(db(), await needSession(who.studioId, id), who.personId));
  const parts = ownParts(who.doc.id, content.parts, content.partsByMark);
  const used = new Set(
    Object.values(parts?.byMark ?? {}).flatMap((part) => part.slots.map((slot) => slot.move)),
  );
  for (const slot of parts?.usual.slots ?? []) used.add(slot.move);
  const substitutes = content.substitutes.filter(
    ({ person }) => person === undefined || person === who.doc.id,
  );
  for (const { move } of substitutes) used.add(move);
  for (const move of movesNamed(content.doc)) used.add(move);
  const session: OwnSession = {
    id,
    state: row.state,
    startsAtMs: row.startsAt.getTime(),
    timeZone: row.timeZone,
    endedAtMs: row.endedAt?.getTime() ?? null,
    callLink: row.callLink,
    version: content.version,
    doc: publicDoc(content.doc),
    substitutes,
    // Only moves that the class or this person's own part names: the rest would tell of others.
    moves: content.moves.filter(({ id: move }) => move === null || used.has(move)),
    parts,
    events: seenBy(await eventsAfter(id, 0), who.doc.id),
  };
  return ownSessionIn(session, languageOf(who.doc.language));
}
