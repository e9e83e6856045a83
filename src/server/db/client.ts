import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Pool } from "pg";
import { env } from "../env";
import * as schema from "./schema";

export type Database = NodePgDatabase<typeof schema>;

const held = globalThis as typeof globalThis & { brontlePool?: Pool; brontleDb?: Database };

/** The one pool of this process, opened at the first use. */
export function pool(): Pool {
  if (!held.brontlePool) {
    held.brontlePool = new Pool({ connectionString: env.databaseUrl, max: 10 });
    // A database that restarts drops idle connections; the pool makes new ones when asked.
    held.brontlePool.on("error", (error) => console.error("database connection lost:", error.message));
  }
  return held.brontlePool;
}

/** The database through that pool. */
export function db(): Database {
  held.brontleDb ??= drizzle(pool(), { schema });
  return held.brontleDb;
}

/** Closes the pool: for commands, which end. */
export async function closeDb(): Promise<void> {
  const open = held.brontlePool;
  delete held.brontlePool;
  delete held.brontleDb;
  await open?.end();
}
