import { drizzle, type NodePgDatabase } from "drizzle-orm/node-postgres";
import { Pool } from "pg";
import { env } from "../env";
import * as schema from "./schema";

export type Database = NodePgDatabase<typeof schema>;

const held = globalThis as typeof globalThis & { brontleDb?: Database };

/** The one pool of this process, opened at the first use. */
export function db(): Database {
  if (!held.brontleDb) {
    const pool = new Pool({ connectionString: env.databaseUrl, max: 10 });
    // A database that restarts drops idle connections; the pool makes new ones when asked.
    pool.on("error", (error) => console.error("database connection lost:", error.message));
    held.brontleDb = drizzle(pool, { schema });
  }
  return held.brontleDb;
}
