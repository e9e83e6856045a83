import { object, string } from "yup";
import { logCsv, logJson } from "@/core/log/log-file";
import { download, reading, uuidParam, writing } from "@/server/http";
import { sessionLog, write } from "@/server/log";
import { written } from "@/server/log-schema";
import { note } from "@/server/trail";

const body = object({ person: string().uuid().required(), entries: written }).noUnknown();

/** The log as a file: CSV with a line a person and slot, or JSON with everything. */
export const GET = reading(async (who, params, request) => {
  const log = await sessionLog(who.studioId, uuidParam(params, "id"));
  await note({ studioId: who.studioId, kind: "log-exported", actor: who.name });
  const name = `log-${log.startsAt.slice(0, 10)}` as const;
  return new URL(request.url).searchParams.get("form") === "csv"
    ? download(`${name}.csv`, `\uFEFF${logCsv(log)}`)
    : download(`${name}.json`, JSON.stringify(logJson(log), null, 2));
});

/** What the instructor writes down about somebody; what stood there before is kept. */
export const POST = writing(body, (who, params, { person, entries }) =>
  write(who.studioId, uuidParam(params, "id"), person, who.name, entries),
);
