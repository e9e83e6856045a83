import { object, string } from "yup";
import { env } from "@/server/env";
import { endFeed, makeFeed } from "@/server/feeds";
import { writing } from "@/server/http";

const body = object({ person: string().uuid().nullable().defined() }).noUnknown();

/** Makes the secret address of a calendar, of the studio or of one person; the one before ends. Told this once. */
export const POST = writing(body, async (who, _params, { person }) => ({
  address: `${env.origin}/api/calendar/${await makeFeed(who.studioId, person)}`,
}));

/** Ends it. */
export const DELETE = writing(body, (who, _params, { person }) => endFeed(who.studioId, person));
