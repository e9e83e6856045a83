/**
 * The readiness check: a person's answers are sealed and read back by them alone. The instructor learns
 * whether it is due, and of "ask first" only that something applies, and only where the person agreed.
 */
import { and, eq, inArray } from "drizzle-orm";
import { type ReadinessAnswers, readinessDue } from "../core/readiness/readiness";
import { db } from "./db/client";
import { person, readiness } from "./db/schema";
import { seal, unseal } from "./seal";

const about = (personId: string) => `readiness ${personId}`;

/** Stores what a person answered, in place of what they answered before. */
export async function answerReadiness(personId: string, answers: ReadinessAnswers): Promise<void> {
  const sealed = seal(answers, about(personId));
  const answeredAt = new Date();
  await db()
    .insert(readiness)
    .values({ personId, sealed, answeredAt })
    .onConflictDoUpdate({ target: readiness.personId, set: { sealed, answeredAt } });
}

/** Forgets what a person answered. */
export async function forgetReadiness(personId: string): Promise<void> {
  await db().delete(readiness).where(eq(readiness.personId, personId));
}

export interface OwnReadiness {
  readonly due: boolean;
  readonly answeredAtMs: number | null;
  readonly answers: ReadinessAnswers | null;
}

/** A person's own answers; only ever for themselves. */
export async function ownReadiness(personId: string): Promise<OwnReadiness> {
  const [row] = await db().select().from(readiness).where(eq(readiness.personId, personId));
  const answers = row ? unseal<ReadinessAnswers>(row.sealed, about(personId)) : null;
  // Answers that can't be opened any more are as good as none.
  const answeredAtMs = row && answers ? row.answeredAt.getTime() : null;
  return { due: readinessDue(answeredAtMs, Date.now()), answeredAtMs, answers };
}

/** What an instructor may know. `askFirst`: agreed to be known, and something of the first group applies. */
export interface ReadinessSeen {
  readonly due: boolean;
  readonly askFirst: boolean;
}

/** What the instructor may know of each person of the studio, by row id. */
export async function readinessSeen(
  studioId: string,
  personIds: readonly string[],
): Promise<ReadonlyMap<string, ReadinessSeen>> {
  if (personIds.length === 0) return new Map();
  const rows = await db()
    .select({ id: person.id, sealed: readiness.sealed, answeredAt: readiness.answeredAt })
    .from(person)
    .leftJoin(readiness, eq(readiness.personId, person.id))
    .where(and(eq(person.studioId, studioId), inArray(person.id, [...personIds])));
  const nowMs = Date.now();
  return new Map(
    rows.map(({ id, sealed, answeredAt }) => {
      const answers = sealed ? unseal<ReadinessAnswers>(sealed, about(id)) : null;
      return [
        id,
        {
          due: readinessDue(answers && answeredAt ? answeredAt.getTime() : null, nowMs),
          askFirst: answers?.shareAskFirst === true && answers.askFirst.length > 0,
        },
      ];
    }),
  );
}
