import { slugOf } from "@/core/formats/class-file";
import { dayOf } from "@/core/units";
import { ARCHIVE_ARRIVES_MS, MOST_ARCHIVE_BYTES, takeArchive } from "@/server/archive/put-in";
import { archiveFiles } from "@/server/archive/take-out";
import { zipStream } from "@/server/archive/zip";
import { boundedBytes } from "@/server/body";
import { fileResponse, onlyOwner, reading, taking } from "@/server/http";
import { rateLimit } from "@/server/limits";
import { note } from "@/server/trail";

/** The whole studio as one file, for its owner. */
export const GET = reading(async (who) => {
  onlyOwner(who);
  await rateLimit("file", who.userId);
  await note({ studioId: who.studioId, kind: "studio-exported", actor: who.name });
  const name = `${slugOf(who.studioName)}-${dayOf(Date.now())}.brontle.zip`;
  return fileResponse(name, "application/zip", zipStream(archiveFiles(who.studioId)));
});

/** Takes an archive in, all of it or nothing. */
export const POST = taking(async (who, _params, request) => {
  onlyOwner(who);
  await rateLimit("file", who.userId);
  const bytes = await boundedBytes(request, MOST_ARCHIVE_BYTES, ARCHIVE_ARRIVES_MS);
  return takeArchive(who.studioId, bytes, who.name);
});
