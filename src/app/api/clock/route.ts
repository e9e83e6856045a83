import { reading } from "@/server/http";
import { databaseNow } from "@/server/session-events";

/** The database's clock, for estimating the offset of this one. */
export const GET = reading(async () => Response.json({ nowMs: await databaseNow() }));
