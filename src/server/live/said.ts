/** What web processes tell each other through the database: which session something happened in, ids alone. */
import { sql } from "drizzle-orm";
import { db, type Tx } from "../db/client";

export const CHANNELS = {
  /** A session's id: something happened in it. */
  events: "session_events",
  /** A session's id: what was read of it is no longer so. */
  anew: "session_anew",
  /** A session's id and a person's: a screen of theirs follows it, in some process. */
  here: "session_here",
  /** A studio's id: another of its sessions may be the one that is shown. */
  sessions: "studio_sessions",
} as const;

type Channel = keyof typeof CHANNELS;

/** Says something with the transaction that makes it true: heard where that is stored, and not where it isn't. */
export async function sayIn(tx: Tx, channel: Channel, ...ids: readonly string[]): Promise<void> {
  await tx.execute(sql`select pg_notify(${CHANNELS[channel]}, ${ids.join(" ")})`);
}

/** Says something on its own; where the database is away nobody hears it. */
export async function say(channel: Channel, ...ids: readonly string[]): Promise<void> {
  await sayIn(db(), channel, ...ids).catch(() => undefined);
}
