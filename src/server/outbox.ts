/** The outbox: messages as they would have been sent, sealed, since they may hold personal links. */
import { and, desc, eq } from "drizzle-orm";
import { db, type Tx } from "./db/client";
import { outbox } from "./db/schema";
import { Refused } from "./refused";
import { seal, unseal } from "./seal";
import { aboutMessage } from "./seal-key";
import { note } from "./trail";

export interface Message {
  readonly studioId: string;
  /** The session that it is about, or null. */
  readonly sessionId: string | null;
  readonly personId: string;
  readonly name: string;
  readonly email: string | null;
  readonly subject: string;
  /** The whole mail file. */
  readonly message: string;
}

/** Lays a message into the outbox. */
export async function putMessage(tx: Tx, { name, email, message, ...row }: Message): Promise<void> {
  const recipient = email ? `${name}, ${email}` : name;
  const [made] = await tx
    .insert(outbox)
    .values({ ...row, recipient, sealed: "" })
    .returning({ id: outbox.id });
  if (!made) throw new Error("the message was not stored");
  await tx
    .update(outbox)
    .set({ sealed: seal(message, aboutMessage(made.id)) })
    .where(eq(outbox.id, made.id));
}

export interface OutboxLine {
  readonly id: string;
  readonly recipient: string;
  readonly subject: string;
  readonly createdAtMs: number;
}

/** What the studio has written, the last first. */
export async function listOutbox(studioId: string): Promise<OutboxLine[]> {
  const rows = await db()
    .select({
      id: outbox.id,
      recipient: outbox.recipient,
      subject: outbox.subject,
      createdAt: outbox.createdAt,
    })
    .from(outbox)
    .where(eq(outbox.studioId, studioId))
    .orderBy(desc(outbox.createdAt), outbox.id)
    .limit(500);
  return rows.map(({ createdAt, ...rest }) => ({ ...rest, createdAtMs: createdAt.getTime() }));
}

/** One message as a mail file; `by` (a name) stands in the trail, since it may hold a link. */
export async function outboxFile(studioId: string, id: string, by: string | null = null): Promise<string> {
  const [row] = await db()
    .select({ sealed: outbox.sealed, personId: outbox.personId })
    .from(outbox)
    .where(and(eq(outbox.studioId, studioId), eq(outbox.id, id)));
  const message = row ? unseal<string>(row.sealed, aboutMessage(id)) : null;
  if (!row || message === null) throw new Refused("not-found", "There is no such message here.");
  if (by) await note({ studioId, kind: "message-read", actor: by, personId: row.personId });
  return message;
}

/** Empties the outbox: the links that were in it go on working. */
export async function emptyOutbox(studioId: string): Promise<void> {
  await db().delete(outbox).where(eq(outbox.studioId, studioId));
}
