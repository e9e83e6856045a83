import { edge } from "@/server/edge";
import { databaseClock } from "@/server/live/database-clock";

export const dynamic = "force-dynamic";

/** The database's clock, for estimating the offset of a device's own: anybody may know what time it is. */
export function GET(request: Request) {
  return edge(request, async () =>
    Response.json(await databaseClock().read(), { headers: { "cache-control": "no-store" } }),
  );
}
