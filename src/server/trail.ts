/** The trail: who did what with people's things, appended as it happens and read by the owner. */
import { and, desc, eq, lt, sql } from "drizzle-orm";
import { TRAIL_DAYS, type TrailKind } from "../core/trail/trail";
import { db, type Tx } from "./db/client";
import { person, trail } from "./db/schema";

export interface TrailNote {
  readonly studioId: string;
  readonly kind: TrailKind;
  /** Name of the instructor, or `BY_PERSON`. */
  readonly actor: string;
  /** Row id of whom it is about. */
  readonly personId?: string;
}

/** Writes a line, in the transaction of what it tells of where there is one. */
export async function noteIn(tx: Tx, { studioId, kind, actor, personId }: TrailNote): Promise<void> {
  await tx.insert(trail).values({ studioId, kind, actor, personId: personId ?? null });
}

/** `noteIn` where nothing is held. */
export function note(line: TrailNote): Promise<void> {
  return noteIn(db(), line);
}

export interface TrailLine {
  readonly id: number;
  readonly atMs: number;
  readonly kind: TrailKind;
  /** Name of the instructor, or `BY_PERSON`. */
  readonly actor: string;
  /** Whom it is about; null where nobody, or somebody since removed. */
  readonly person: string | null;
}

/** Lines of one page. */
export const TRAIL_PAGE = 200;

/** A studio's trail, the last first; `before` (an id) gives the page after it. */
export async function readTrail(studioId: string, before: number | null = null): Promise<TrailLine[]> {
  const rows = await db()
    .select({
      id: trail.id,
      at: trail.at,
      kind: trail.kind,
      actor: trail.actor,
      doc: person.doc,
    })
    .from(trail)
    .leftJoin(person, eq(person.id, trail.personId))
    .where(and(eq(trail.studioId, studioId), before === null ? undefined : lt(trail.id, before)))
    .orderBy(desc(trail.id))
    .limit(TRAIL_PAGE);
  return rows.map(({ id, at, kind, actor, doc }) => ({
    id,
    atMs: at.getTime(),
    kind,
    actor,
    person: doc?.name ?? null,
  }));
}

/** Lines that are about one person, for their own file of everything kept. */
export async function trailOf(personId: string): Promise<{ at: Date; kind: TrailKind; actor: string }[]> {
  return db()
    .select({ at: trail.at, kind: trail.kind, actor: trail.actor })
    .from(trail)
    .where(eq(trail.personId, personId))
    .orderBy(trail.id);
}

/** Deletes what is older than it is kept. */
export async function forgetTrail(): Promise<void> {
  await db()
    .delete(trail)
    .where(lt(trail.at, sql`now() - make_interval(days => ${TRAIL_DAYS})`));
}
