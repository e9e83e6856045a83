/**
 * New secrets for an installation: everything private is sealed anew in one transaction, and sign-ins end.
 * The next secret is written down before it is used, and `settleKey` finds out after a crash which of the
 * two the data is sealed under, so that at no moment an answer is left that no kept key opens.
 */
import { randomBytes } from "node:crypto";
import { writeFileSync } from "node:fs";
import { symmetricDecrypt, symmetricEncrypt } from "better-auth/crypto";
import { and, eq, sql } from "drizzle-orm";
import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Client } from "pg";
import { migrateDatabase } from "../src/server/db/migrate";
import { outbox, readiness, signIn, twoFactor, whereabouts } from "../src/server/db/schema";
import {
  aboutMessage,
  aboutReadiness,
  aboutWhereabouts,
  authSecretOf,
  keyName,
  sealUnder,
  unsealUnder,
} from "../src/server/seal-key";
import { appRuns } from "./app";
import { type DataKind, keepSecrets, type Place, placeOf, ROOT, secretsOf } from "./places";
import { needDatabase, startPostgres, stopPostgres } from "./postgres";
import { Stop, say } from "./say";

type Connection = Pick<NodePgDatabase, "select" | "update" | "delete" | "execute">;

/** One sealed value: how it is opened under a secret, and how it takes its place sealed under another. */
interface Sealed {
  readonly what: string;
  /** Null where this secret doesn't open it. */
  readonly open: (sealSecret: string) => Promise<string | null>;
  readonly put: (sealSecret: string, text: string) => Promise<unknown>;
}

/** A value that was sealed by `seal-key.ts`, bound to what it is about. */
function sealedValue(
  what: string,
  sealed: string,
  about: string,
  put: (sealed: string) => Promise<unknown>,
): Sealed {
  return {
    what,
    open: async (sealSecret) => unsealUnder(sealSecret, sealed, about),
    put: (sealSecret, text) => put(sealUnder(sealSecret, text, about)),
  };
}

/** A value that the auth library encrypted under the secret of sign-ins. */
function authValue(what: string, sealed: string, put: (sealed: string) => Promise<unknown>): Sealed {
  return {
    what,
    open: (sealSecret) => symmetricDecrypt({ key: authSecretOf(sealSecret), data: sealed }).catch(() => null),
    put: async (sealSecret, text) =>
      put(await symmetricEncrypt({ key: authSecretOf(sealSecret), data: text })),
  };
}

const HOLDERS = ["outbox", "readiness", "two_factor", "whereabouts"];

async function sealedIn(db: Connection): Promise<Sealed[]> {
  const columns = await db.execute<{ name: string }>(
    sql`select distinct table_name as name from information_schema.columns
        where table_schema = 'public' and column_name like 'sealed%' order by 1`,
  );
  const names = columns.rows.map(({ name }) => name);
  if (names.join() !== HOLDERS.join())
    throw new Stop(`Sealed values are in ${names.join(", ")}; this command knows ${HOLDERS.join(", ")}.`);
  const answers = await db.select().from(readiness);
  const places = await db.select().from(whereabouts);
  const messages = await db.select({ id: outbox.id, sealed: outbox.sealed }).from(outbox);
  const factors = await db.select().from(twoFactor);
  return [
    ...answers.map(({ personId, sealed }) =>
      sealedValue("health answers", sealed, aboutReadiness(personId), (next) =>
        db.update(readiness).set({ sealed: next }).where(eq(readiness.personId, personId)),
      ),
    ),
    ...places.map(({ sessionId, personId, sealed }) =>
      sealedValue("a place", sealed, aboutWhereabouts(sessionId, personId), (next) =>
        db
          .update(whereabouts)
          .set({ sealed: next })
          .where(and(eq(whereabouts.sessionId, sessionId), eq(whereabouts.personId, personId))),
      ),
    ),
    ...messages.map(({ id, sealed }) =>
      sealedValue("a message", sealed, aboutMessage(id), (next) =>
        db.update(outbox).set({ sealed: next }).where(eq(outbox.id, id)),
      ),
    ),
    ...factors.flatMap(({ id, secret, backupCodes }) => [
      authValue("a second factor", secret, (next) =>
        db.update(twoFactor).set({ secret: next }).where(eq(twoFactor.id, id)),
      ),
      authValue("spare codes", backupCodes, (next) =>
        db.update(twoFactor).set({ backupCodes: next }).where(eq(twoFactor.id, id)),
      ),
    ]),
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
  const changed = !first || (await first.open(nextSealSecret)) !== null;
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
        for (const { what, open, put } of all) {
          const text = await open(secrets.sealSecret);
          if (text === null)
            throw new Stop(`The key ${from} doesn't open ${what} that is there. Nothing was changed.`);
          await put(next, text);
        }
        await tx.delete(signIn);
        return all.length;
      }),
    ).catch(async (error: unknown) => {
      await settleKey(place, url);
      throw error;
    });
    keepSecrets(place, { databasePassword: secrets.databasePassword, sealSecret: next });
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
