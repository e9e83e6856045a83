/**
 * The readiness check: a person's answers are sealed, and shown and changed only with the code that the
 * person set while answering. Their link alone tells when they answered, and can delete. The instructor
 * learns whether it is due, and of "ask first" only that something applies, and only where the person agreed.
 */
import { and, eq, inArray } from "drizzle-orm";
import { asAskedNow, type ReadinessAnswers, readinessDue } from "../core/readiness/readiness";
import { BY_PERSON } from "../core/trail/trail";
import { db, transaction } from "./db/client";
import { person, readiness } from "./db/schema";
import { rateLimit } from "./limits";
import type { Participant } from "./links";
import { Refused } from "./refused";
import { seal, unseal } from "./seal";
import { aboutReadiness } from "./seal-key";
import { hashCode, isCode } from "./secret-code";
import { note, noteIn } from "./trail";

/** Whose answers they are. */
type Whose = Pick<Participant, "personId" | "studioId">;

/** Lets nobody past who hasn't the code; tried too often, nobody at all for a while. */
async function needCode(personId: string, code: string, kept: string | null): Promise<void> {
  if (kept === null)
    throw new Refused("not-yours", "These answers have no code yet: delete them and answer anew.");
  await rateLimit("code", personId);
  if (!(await isCode(code, kept)))
    throw new Refused(
      "not-yours",
      "That is not the code. If it is forgotten, delete the answers and answer anew.",
    );
}

/** Stores what a person answered; what they answered before is replaced only with the code of then. */
export async function answerReadiness(
  { personId, studioId }: Whose,
  answers: ReadinessAnswers,
  code: string,
): Promise<void> {
  const [before] = await db().select().from(readiness).where(eq(readiness.personId, personId));
  if (before) await needCode(personId, code, before.codeHash);
  const sealed = seal(answers, aboutReadiness(personId));
  const answeredAt = new Date();
  const codeHash = before?.codeHash ?? (await hashCode(code));
  await transaction(async (tx) => {
    const stored = await tx
      .insert(readiness)
      .values({ personId, sealed, answeredAt, codeHash })
      .onConflictDoUpdate({
        target: readiness.personId,
        set: { sealed, answeredAt },
        // Somebody else who answered in between has set another code.
        setWhere: eq(readiness.codeHash, codeHash),
      })
      .returning({ personId: readiness.personId });
    if (stored.length === 0)
      throw new Refused("conflict", "These answers were just given from another screen.");
    await noteIn(tx, { studioId, kind: "answers-kept", actor: BY_PERSON, personId });
  });
}

/** A person's answers, with their code. */
export async function openReadiness({ personId, studioId }: Whose, code: string): Promise<ReadinessAnswers> {
  const [row] = await db().select().from(readiness).where(eq(readiness.personId, personId));
  if (!row) throw new Refused("not-found", "Nothing was answered yet.");
  await needCode(personId, code, row.codeHash);
  const answers = unseal<ReadinessAnswers>(row.sealed, aboutReadiness(personId));
  if (!answers)
    throw new Refused("not-found", "These answers can't be opened any more: delete them and answer anew.");
  await note({ studioId, kind: "answers-opened", actor: BY_PERSON, personId });
  return asAskedNow(answers).answers;
}

/** Forgets what a person answered; no code is asked for. */
export async function forgetReadiness({ personId, studioId }: Whose): Promise<void> {
  await transaction(async (tx) => {
    const gone = await tx
      .delete(readiness)
      .where(eq(readiness.personId, personId))
      .returning({ personId: readiness.personId });
    if (gone.length > 0) await noteIn(tx, { studioId, kind: "answers-deleted", actor: BY_PERSON, personId });
  });
}

/** What a person's page says of their answers: that there are some, and from when. Not what. */
export interface OwnReadiness {
  readonly due: boolean;
  readonly answeredAtMs: number | null;
}

/** When a person answered, for themselves. */
export async function ownReadiness(personId: string): Promise<OwnReadiness> {
  const [row] = await db().select().from(readiness).where(eq(readiness.personId, personId));
  const answeredAtMs = row?.answeredAt.getTime() ?? null;
  const answers = row ? unseal<ReadinessAnswers>(row.sealed, aboutReadiness(personId)) : null;
  return { due: isDue(answers, answeredAtMs), answeredAtMs };
}

/** Twelve weeks have gone by, or the check has come to ask otherwise. */
function isDue(answers: ReadinessAnswers | null, answeredAtMs: number | null): boolean {
  return readinessDue(answers && asAskedNow(answers).whole ? answeredAtMs : null, Date.now());
}

/**
 * What an instructor may know. `askFirst`: agreed to be known, and something of the first group applies.
 * `minor`: under 18, and a guardian agrees; not who that is.
 */
export interface ReadinessSeen {
  readonly due: boolean;
  readonly askFirst: boolean;
  readonly minor: boolean;
}

/** Of somebody who hasn't answered. */
export const UNANSWERED: ReadinessSeen = { due: true, askFirst: false, minor: false };

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
  return new Map(
    rows.map(({ id, sealed, answeredAt }) => {
      const answers = sealed ? unseal<ReadinessAnswers>(sealed, aboutReadiness(id)) : null;
      return [
        id,
        {
          due: isDue(answers, answeredAt?.getTime() ?? null),
          askFirst: answers?.shareAskFirst === true && answers.askFirst.length > 0,
          minor: answers?.guardian !== undefined,
        },
      ];
    }),
  );
}
