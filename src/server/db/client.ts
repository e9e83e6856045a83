/**
 * The one way to the database. `db()` asks any connection of the pool, `transaction()` keeps one for as
 * long as its work lasts. Whoever holds one and waits for another can wait for ever, together with as
 * many others as the pool has connections: so what runs inside a transaction takes the `tx` that it is
 * given. `ops/check-locks.ts` refuses a build that could do otherwise, and here it is an error at once.
 */
import { AsyncLocalStorage } from "node:async_hooks";
import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Pool, type PoolConfig } from "pg";
import { env } from "../env";
import { journal } from "../journal";
import * as schema from "./schema";
import { isRetryable } from "./trouble";

export type Database = NodePgDatabase<typeof schema>;
/** What queries are asked of: a transaction, or the pool where nothing is held. */
export type Tx = Pick<Database, "select" | "insert" | "execute" | "update" | "delete">;

/**
 * Nobody waits for ever: not for a connection, for a row that somebody else holds, for a statement, nor
 * does a transaction stay open when its work hangs. All in ms.
 */
export const PATIENCE = {
  connectMs: 4000,
  lockMs: 4000,
  statementMs: 10_000,
  idleInTransactionMs: 20_000,
} as const;

/** Connections of one process. */
export const MOST_CONNECTIONS = 10;

const TIMEOUTS: PoolConfig = {
  connectionTimeoutMillis: PATIENCE.connectMs,
  lock_timeout: PATIENCE.lockMs,
  statement_timeout: PATIENCE.statementMs,
  idle_in_transaction_session_timeout: PATIENCE.idleInTransactionMs,
  // Where the database is gone without a word, the statement's own limit can't be told.
  query_timeout: PATIENCE.statementMs + 2000,
  keepAlive: true,
};

const held = globalThis as typeof globalThis & {
  brontlePool?: Pool;
  brontleDb?: Database;
  brontleInside?: AsyncLocalStorage<true>;
};

/** Whether this piece of work runs inside a transaction. */
function inside(): AsyncLocalStorage<true> {
  held.brontleInside ??= new AsyncLocalStorage<true>();
  return held.brontleInside;
}

function thePool(): Pool {
  if (!held.brontlePool) {
    held.brontlePool = new Pool({ connectionString: env.databaseUrl, max: MOST_CONNECTIONS, ...TIMEOUTS });
    // A database that restarts drops idle connections; the pool makes new ones when asked.
    held.brontlePool.on("error", (error) => journal.warn("database-connection-lost", error));
  }
  return held.brontlePool;
}

function refuseInside(): void {
  if (inside().getStore()) throw new Error("asked the pool inside a transaction: take its tx");
}

/** The one pool of this process, opened at the first use. @throws inside a transaction */
export function pool(): Pool {
  refuseInside();
  return thePool();
}

/** The database through that pool. @throws inside a transaction */
export function db(): Database {
  refuseInside();
  held.brontleDb ??= drizzle(thePool(), { schema });
  return held.brontleDb;
}

/** How often a transaction that the database broke off (two that waited for each other) is tried in all. */
const TRIES = 3;

/**
 * Runs `work` in a transaction: all of it is stored, or nothing where it throws. What the database broke
 * off so that another could go on is done again, so `work` must do nothing but ask `tx`.
 *
 * @throws inside another transaction
 */
export async function transaction<T>(work: (tx: Tx) => Promise<T>): Promise<T> {
  const root = db();
  for (let tries = 1; ; tries += 1) {
    try {
      return await root.transaction((tx) => inside().run(true, () => work(tx)));
    } catch (error) {
      if (tries >= TRIES || !isRetryable(error)) throw error;
    }
  }
}

/** Closes the pool: for commands, which end. */
export async function closeDb(): Promise<void> {
  const open = held.brontlePool;
  delete held.brontlePool;
  delete held.brontleDb;
  await open?.end();
}
