import { headers } from "next/headers";
import { notFound } from "next/navigation";
import { rateLimit } from "./limits";
import { type Participant, participantOf } from "./links";
import { ADDRESS_HEADER } from "./web/address";

/** Counts an address that opens nothing, by the place that it was asked from. */
export async function countWrong(): Promise<void> {
  const place = (await headers()).get(ADDRESS_HEADER) ?? "unknown";
  await rateLimit("wrong-link", place).catch(() => undefined);
}

/** For pages: the person of a token, or nothing there. */
export async function participantOrNotFound(token: string): Promise<Participant> {
  const who = await participantOf(token);
  if (who) return who;
  await countWrong();
  notFound();
}
