import { readingPart } from "@/server/http";
import { personData } from "@/server/person-data";

/** Everything that is kept about this person, for themselves. */
export const GET = readingPart(async (who) => {
  const data = await personData(who.studioId, who.personId, true);
  return new Response(JSON.stringify(data, null, 2), {
    headers: {
      "content-type": "application/json; charset=utf-8",
      "content-disposition": 'attachment; filename="everything-about-me.json"',
      "cache-control": "no-store",
    },
  });
});
