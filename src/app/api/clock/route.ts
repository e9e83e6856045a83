import { reading } from "@/server/http";
import { databaseNow } from "@/server/runs";

/** The database's clock, for a device that estimates its offset. */
export const GET = reading(async () => Response.json({ nowMs: await databaseNow() }));
