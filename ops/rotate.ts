/**
 * New secrets for an installation: everything private is sealed anew in one transaction, and sign-ins end.
 * The next secret is written down before it is used, and `settleKey` finds out after a crash which of the
 * two the data is sealed under, so that at no moment an answer is left that no kept key opens.
 */
import { randomBytes } from "node:crypto";
import { writeFileSync } from "node:fs";
import { and, eq, sql } from "drizzle-orm";
import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Client } from "pg";
import { migrateDatabase } from "../src/server/db/migrate";
import { outbox, readiness, session, whereabouts } from "../src/server/db/schema";
import {
  aboutMessage,
  aboutReadiness,
  aboutWhereabouts,
  keyName,
  sealUnder,
  unsealUnder,
} from "../src/server/seal-key";
import { appRuns } from "./app";
import { type DataKind, keepSecrets, type Place, placeOf, ROOT, secretsOf } from "./places";
import { needDatabase, startPostgres, stopPostgres } from "./postgres";
import { Stop, say } from "./say";

type Connection = Pick<NodePgDatabase, "select" | "update" | "delete" | "execute">;

/** One sealed value: what it is bound to, and how a newly sealed one takes its place. */
interface Sealed {
  readonly what: string;
  readonly sealed: string;
  readonly about: string;
  readonly put: (sealed: string) => Promise<unknown>;
}

const HOLDERS = ["outbox", "readiness", "whereabouts"];

async function sealedIn(db: Connection): Promise<Sealed[]> {
  const columns = await db.execute<{ name: string }>(
    sql`select table_name as name from information_schema.columns
        where table_schema = 'public' and column_name = 'sealed' order by 1`,
  );
  const names = columns.rows.map(({ name }) => name);
  if (names.join() !== HOLDERS.join())
    throw new Stop(`Sealed values are in ${names.join(", ")}; this command knows ${HOLDERS.join(", ")}.`);
  const answers = await db.select().from(readiness);
  const places = await db.select().from(whereabouts);
  const messages = await db.select({ id: outbox.id, sealed: outbox.sealed }).from(outbox);
  return [
    ...answers.map(({ personId, sealed }) => ({
      what: "health answers",
      sealed,
      about: aboutReadiness(personId),
      put: (next: string) =>
        db.update(readiness).set({ sealed: next }).where(eq(readiness.personId, personId)),
    })),
    ...places.map(({ runId, personId, sealed }) => ({
      what: "a place",
      sealed,
      about: aboutWhereabouts(runId, personId),
      put: (next: string) =>
        db
          .update(whereabouts)
          .set({ sealed: next })
          .where(and(eq(whereabouts.runId, runId), eq(whereabouts.personId, personId))),
    })),
    ...messages.map(({ id, sealed }) => ({
      what: "a message",
      sealed,
      about: aboutMessage(id),
      put: (next: string) => db.update(outbox).set({ sealed: next }).where(eq(outbox.id, id)),
    })),
  ];
}

async function connected<T>(url: string, work: (db: NodePgDatabase) => Promise<T>): Promise<T> {
  const client = new Client({ connectionString: url });
  await client.connect();
  try {
    return await work(drizzle(client));
  } finally {
    await client.end();
  }
}

/** Where a change of the key was broken off: keeps the key that the data is sealed under. */
export async function settleKey(place: Place, url: string): Promise<void> {
  const { nextSealSecret, ...secrets } = secretsOf(place);
  if (!nextSealSecret) return;
  const [first] = await connected(url, sealedIn);
  const changed = !first || unsealUnder(nextSealSecret, first.sealed, first.about) !== null;
  keepSecrets(place, { ...secrets, sealSecret: changed ? nextSealSecret : secrets.sealSecret });
}

/** Seals everything anew and ends all sign-ins. Gives how many values, and the names of both keys. */
export async function rotate(
  kind: DataKind,
): Promise<{ readonly values: number; readonly from: string; readonly to: string; readonly former: string }> {
  const place = placeOf(kind);
  if (appRuns(place)) throw new Stop("The application runs: ./brontle stop first.");
  const server = await startPostgres(place);
  try {
    const url = server.url("brontle");
    await needDatabase(server, "brontle");
    await migrateDatabase(url, `${ROOT}/drizzle`);
    await settleKey(place, url);
    const secrets = secretsOf(place);
    const next = randomBytes(32).toString("base64url");
    const [from, to] = [keyName(secrets.sealSecret), keyName(next)];
    const former = `${place.folder}/former-key-${from}`;
    writeFileSync(former, secrets.sealSecret, { mode: 0o600, flush: true });
    keepSecrets(place, { ...secrets, nextSealSecret: next });
    const values = await connected(url, (db) =>
      db.transaction(async (tx) => {
        const all = await sealedIn(tx);
        for (const { what, sealed, about, put } of all) {
          const text = unsealUnder(secrets.sealSecret, sealed, about);
          if (text === null)
            throw new Stop(`The key ${from} doesn't open ${what} that is there. Nothing was changed.`);
          await put(sealUnder(next, text, about));
        }
        await tx.delete(session);
        return all.length;
      }),
    ).catch(async (error: unknown) => {
      await settleKey(place, url);
      throw error;
    });
    const authSecret = randomBytes(32).toString("base64url");
    keepSecrets(place, { databasePassword: secrets.databasePassword, authSecret, sealSecret: next });
    return { values, from, to, former };
  } finally {
    if (server.started) await stopPostgres(server);
  }
}

/** The command line `rotate`, of one's own data or with `--demo` the demo's. */
export async function rotateCommand(args: readonly string[]): Promise<number> {
  if (args.some((arg) => arg !== "--demo") || args.length > 1)
    throw new Stop("usage: brontle rotate [--demo]");
  const { values, from, to, former } = await rotate(args.includes("--demo") ? "demo" : "own");
  say(
    `${values} private values are sealed under the key ${to} now, and everybody signs in again. Backups written until now open only with the former key ${from}: it is in ${former}. Keep that file elsewhere with those backups, or delete both.`,
  );
  return 0;
}
