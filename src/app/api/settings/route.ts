import { mixed, object } from "yup";
import { onlyOwner, writing } from "@/server/http";
import { saveSettings } from "@/server/studios";

const body = object({
  settings: mixed<Record<string, unknown>>().required(),
  before: mixed<Record<string, unknown>>().nullable(),
}).noUnknown();

/** Stores the studio's own numbers. */
export const PUT = writing(body, (who, _params, { settings, before }) => {
  onlyOwner(who);
  return saveSettings(who.studioId, settings, before ?? null);
});
