import { classFileName, classFileText } from "@/core/formats/class-file";
import { findClass } from "@/server/classes";
import { download, reading, uuidParam } from "@/server/http";
import { Refused } from "@/server/refused";

/** The class as a file to keep, change and import again. */
export const GET = reading(async (who, params) => {
  const stored = await findClass(who.studioId, uuidParam(params, "id"));
  if (!stored) throw new Refused("not-found", "There is no such class here.");
  return download(classFileName(stored.doc), classFileText(stored.doc));
});
