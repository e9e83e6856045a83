import { headers } from "next/headers";
import { notFound } from "next/navigation";
import { count } from "./limits";
import { type Participant, participantOf } from "./links";

/** For pages: the person of a token, or nothing there. Addresses that open nothing are counted. */
export async function participantOrNotFound(token: string): Promise<Participant> {
  const who = await participantOf(token);
  if (who) return who;
  const place = (await headers()).get("x-forwarded-for")?.split(",")[0]?.trim() || "unknown";
  await count("wrong-link", place).catch(() => undefined);
  notFound();
}
