import { ARCHIVE_ARRIVES_MS, MOST_ARCHIVE_BYTES, surveyArchive } from "@/server/archive/put-in";
import { boundedBytes } from "@/server/body";
import { onlyOwner, taking } from "@/server/http";
import { rateLimit } from "@/server/limits";

/** What an archive would bring; nothing is stored. */
export const POST = taking(async (who, _params, request) => {
  onlyOwner(who);
  await rateLimit("file", who.userId);
  return surveyArchive(who.studioId, await boundedBytes(request, MOST_ARCHIVE_BYTES, ARCHIVE_ARRIVES_MS));
});
