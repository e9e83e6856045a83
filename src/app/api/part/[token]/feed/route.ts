import { object } from "yup";
import { env } from "@/server/env";
import { endFeed, makeFeed } from "@/server/feeds";
import { writingPart } from "@/server/http";

const nothing = object({}).noUnknown();

/** The secret address of this person's own calendar; the one before ends. Told this once. */
export const POST = writingPart(nothing, async (who) => ({
  address: `${env.origin}/api/calendar/${await makeFeed(who.studioId, who.personId)}`,
}));

/** Ends it. */
export const DELETE = writingPart(nothing, (who) => endFeed(who.studioId, who.personId));
