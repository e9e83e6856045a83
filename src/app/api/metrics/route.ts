import { timingSafeEqual } from "node:crypto";
import { pool } from "@/server/db/client";
import { edge } from "@/server/edge";
import { env } from "@/server/env";
import { liveHub } from "@/server/live/hub";
import { metrics } from "@/server/live/metrics";
import { Refused } from "@/server/refused";
import { hashOf } from "@/server/tokens";

export const dynamic = "force-dynamic";

/** By their hashes, which are equally long: how far two texts are the same can't be told by the time it takes. */
const same = (a: string, b: string) => timingSafeEqual(Buffer.from(hashOf(a)), Buffer.from(hashOf(b)));

/** Counts and sizes of this process, for a collector that knows the token; without one in the settings it isn't there. */
export function GET(request: Request) {
  return edge(request, async () => {
    const [scheme, said = ""] = (request.headers.get("authorization") ?? "").split(" ");
    const { metricsToken } = env;
    if (!metricsToken || scheme !== "Bearer" || !same(said, metricsToken))
      throw new Refused("not-found", "There is no such thing here.");
    const { registry, streams, rooms, connections } = metrics();
    const standing = liveHub().standing;
    streams.set(standing.streams);
    rooms.set(standing.rooms);
    const { totalCount, idleCount, waitingCount } = pool();
    connections.set({ state: "busy" }, totalCount - idleCount);
    connections.set({ state: "idle" }, idleCount);
    connections.set({ state: "waited-for" }, waitingCount);
    return new Response(await registry.metrics(), {
      headers: { "content-type": registry.contentType, "cache-control": "no-store" },
    });
  });
}
