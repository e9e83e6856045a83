import { onlyOwner, reading, uuidParam } from "@/server/http";
import { personData } from "@/server/person-data";

/** Everything that is kept about a person, without their health answers. */
export const GET = reading(async (who, params) => {
  onlyOwner(who);
  const data = await personData(who.studioId, uuidParam(params, "id"), { own: false, name: who.name });
  return new Response(JSON.stringify(data, null, 2), {
    headers: {
      "content-type": "application/json; charset=utf-8",
      "content-disposition": 'attachment; filename="person-data.json"',
      "cache-control": "no-store",
    },
  });
});
