import { rosterCsv } from "@/core/formats/roster-csv";
import { withoutPrivate } from "@/core/homes/own-view";
import { download, reading } from "@/server/http";
import { listPeople } from "@/server/people";
import { note } from "@/server/trail";
import { wordsIn } from "@/words/languages";
import { rosterTerms } from "@/words/roster-terms";

/** The roster as a file, without what only people themselves see: `?form=csv` for a table, otherwise JSON. */
export const GET = reading(async (who, _params, request) => {
  await note({ studioId: who.studioId, kind: "roster-exported", actor: who.name });
  const people = (await listPeople(who.studioId)).map((row) => withoutPrivate(row.doc));
  const csv = new URL(request.url).searchParams.get("form") === "csv";
  return csv
    ? download("roster.csv", rosterCsv(people, rosterTerms(wordsIn(who.language ?? "en"))))
    : download(
        "roster.json",
        `${JSON.stringify({ format: "brontle.roster", version: 1, people }, null, 2)}\n`,
      );
});
