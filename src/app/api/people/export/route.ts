import { rosterCsv } from "@/core/formats/roster-csv";
import { download, reading } from "@/server/http";
import { listPeople } from "@/server/people";
import { note } from "@/server/trail";

/** The roster as a file: `?form=csv` for a table, otherwise JSON with everything. */
export const GET = reading(async (who, _params, request) => {
  await note({ studioId: who.studioId, kind: "roster-exported", actor: who.name });
  const people = (await listPeople(who.studioId)).map((row) => row.doc);
  const csv = new URL(request.url).searchParams.get("form") === "csv";
  return csv
    ? download("roster.csv", rosterCsv(people))
    : download(
        "roster.json",
        `${JSON.stringify({ format: "brontle.roster", version: 1, people }, null, 2)}\n`,
      );
});
