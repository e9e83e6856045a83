import { download, onlyOwner, reading, uuidParam } from "@/server/http";
import { personData } from "@/server/person-data";

/** Everything that is kept about a person, without their health answers. */
export const GET = reading(async (who, params) => {
  onlyOwner(who);
  const data = await personData(who.studioId, uuidParam(params, "id"), { own: false, name: who.name });
  return download("person-data.json", JSON.stringify(data, null, 2));
});
