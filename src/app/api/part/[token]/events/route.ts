import { number, object, string } from "yup";
import { MARKS } from "@/core/homes/home";
import { ENTRY_KINDS } from "@/core/live/events";
import { writingPart } from "@/server/http";
import { Refused } from "@/server/refused";
import { runHas, takeEntry } from "@/server/runs";

const body = object({
  id: string().uuid().required(),
  run: string().uuid().required(),
  kind: string().oneOf(ENTRY_KINDS).required(),
  mark: string().oneOf(MARKS),
  slot: string().min(1).max(100),
  offlineAtMs: number().integer().min(0),
}).noUnknown();

/** What a participant enters: counts once however often it is sent, and is always their own. */
export const POST = writingPart(body, async (who, { id, run, kind, mark, slot, offlineAtMs }) => {
  if (!(await runHas(who.studioId, run, who.doc.id)))
    throw new Refused("not-found", "There is no such class here.");
  const payload = { person: who.doc.id, ...(mark ? { mark } : {}), ...(slot ? { slot } : {}) };
  await takeEntry(run, { id, kind, payload }, offlineAtMs ?? null);
});
