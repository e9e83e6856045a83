/** What an archive would bring into a studio, and what of it is there already. */
import { and, eq, inArray, isNull } from "drizzle-orm";
import type { Tx } from "../db/client";
import { classes, ownMove, person, session } from "../db/schema";
import { alone, progressDecision, season } from "../db/season-schema";
import { asked, type Place, placesIn } from "./ids";
import type { CheckedArchive } from "./look-in";

export const ARCHIVE_KINDS = ["moves", "people", "classes", "sessions", "seasons", "steps", "plans"] as const;
export type ArchiveKind = (typeof ARCHIVE_KINDS)[number];

export interface ArchiveSurvey {
  readonly studio: string;
  /** ISO 8601. */
  readonly madeAt: string;
  /** Classes that went on while it was made, which aren't in it. */
  readonly goingOn: number;
  readonly counts: Readonly<Record<ArchiveKind, { readonly comes: number; readonly here: number }>>;
}

/** The ids in an archive, once everything in it was checked. */
export interface ArchiveIds {
  readonly classes: readonly string[];
  readonly sessions: readonly string[];
  readonly seasons: readonly string[];
  readonly plans: readonly string[];
}

async function idsOf(all: AsyncGenerator<{ readonly id: string }>): Promise<readonly string[]> {
  const ids: string[] = [];
  for await (const { id } of all) ids.push(id);
  return ids;
}

/** Reads and checks every file of it. @throws Refused at the first that isn't as it should be */
export async function checkedIds(archive: CheckedArchive): Promise<ArchiveIds> {
  return {
    classes: await idsOf(archive.classes()),
    sessions: await idsOf(archive.sessions()),
    seasons: await idsOf(archive.seasons()),
    plans: await idsOf(archive.plans()),
  };
}

/** So many ids are looked for at a time. */
const AT_A_TIME = 5000;

type WithId = typeof classes | typeof session | typeof season | typeof alone;

async function placesOf(tx: Tx, studioId: string, table: WithId, ids: readonly string[]) {
  const wanted = asked(studioId, ids);
  const held: { id: string; studioId: string }[] = [];
  for (let i = 0; i < wanted.length; i += AT_A_TIME) {
    const some = wanted.slice(i, i + AT_A_TIME);
    held.push(
      ...(await tx
        .select({ id: table.id, studioId: table.studioId })
        .from(table)
        .where(inArray(table.id, some))),
    );
  }
  return placesIn(studioId, ids, held);
}

/** A step is known by whose it is, of which move, and when it was decided. */
export const stepKey = (step: { readonly person: string; readonly move: string; readonly at: string }) =>
  `${step.person} ${step.move} ${step.at}`;

export interface Known {
  readonly moves: ReadonlySet<string>;
  readonly people: ReadonlySet<string>;
  readonly steps: ReadonlySet<string>;
  readonly classes: ReadonlyMap<string, Place>;
  readonly sessions: ReadonlyMap<string, Place>;
  readonly seasons: ReadonlyMap<string, Place>;
  readonly plans: ReadonlyMap<string, Place>;
}

/** What of an archive is in a studio, and where the rest would stand. */
export async function knownIn(tx: Tx, studioId: string, ids: ArchiveIds): Promise<Known> {
  const [moves, people, steps, gone] = [
    await tx.select({ id: ownMove.moveId }).from(ownMove).where(eq(ownMove.studioId, studioId)),
    await tx.select({ id: person.rosterId }).from(person).where(eq(person.studioId, studioId)),
    await tx
      .select({ person: person.rosterId, move: progressDecision.move, at: progressDecision.at })
      .from(progressDecision)
      .innerJoin(person, eq(person.id, progressDecision.personId))
      .where(eq(progressDecision.studioId, studioId)),
    await tx
      .select({ id: classes.id })
      .from(classes)
      .where(and(eq(classes.studioId, studioId), isNull(classes.deletedAt))),
  ];
  // A class that was removed isn't here: it comes back under its own id.
  const there = new Set(gone.map(({ id }) => id));
  const places = await placesOf(tx, studioId, classes, ids.classes);
  return {
    moves: new Set(moves.map(({ id }) => id)),
    people: new Set(people.map(({ id }) => id)),
    steps: new Set(steps.map((step) => stepKey({ ...step, at: step.at.toISOString() }))),
    classes: new Map([...places].map(([id, at]) => [id, { ...at, here: at.here && there.has(at.id) }])),
    sessions: await placesOf(tx, studioId, session, ids.sessions),
    seasons: await placesOf(tx, studioId, season, ids.seasons),
    plans: await placesOf(tx, studioId, alone, ids.plans),
  };
}

const counted = (all: number, here: number) => ({ comes: all - here, here });
const held = (places: ReadonlyMap<string, Place>) =>
  counted(places.size, [...places.values()].filter(({ here }) => here).length);
const among = <T>(all: readonly T[], isHere: (one: T) => boolean) =>
  counted(all.length, all.filter(isHere).length);

export function surveyOf({ studio, moves, people, steps }: CheckedArchive, known: Known): ArchiveSurvey {
  return {
    studio: studio.name,
    madeAt: studio.madeAt,
    goingOn: studio.goingOn,
    counts: {
      moves: among(moves, ({ id }) => known.moves.has(id)),
      people: among(people, ({ id }) => known.people.has(id)),
      classes: held(known.classes),
      sessions: held(known.sessions),
      seasons: held(known.seasons),
      steps: among(steps, (step) => known.steps.has(stepKey(step))),
      plans: held(known.plans),
    },
  };
}
