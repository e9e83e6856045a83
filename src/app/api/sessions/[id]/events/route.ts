import { number, object, string } from "yup";
import { COMMAND_KINDS } from "@/core/live/event-kinds";
import { type SessionCommand, seenByAll } from "@/core/live/events";
import { happeningFields } from "@/server/field-schema";
import { afterParam, reading, uuidParam, writing } from "@/server/http";
import { databaseNow, eventsAfter, takeCommand } from "@/server/session-events";
import { needSession } from "@/server/sessions";

const body = object({
  id: string().uuid().required(),
  ...happeningFields(COMMAND_KINDS),
  seen: number().integer().min(0).required(),
  offlineAtMs: number().integer().min(0),
}).noUnknown();

/** The events so far (after a number where one is given), and the database's clock. */
export const GET = reading(async (who, params, request) => {
  const id = uuidParam(params, "id");
  await needSession(who.studioId, id);
  const { searchParams } = new URL(request.url);
  const all = await eventsAfter(id, afterParam(request));
  const events = searchParams.get("view") === "stage" ? seenByAll(all) : all;
  return Response.json({ events, nowMs: await databaseNow() });
});

/** A command of the instructor's: counts once however often it is sent. */
export const POST = writing(body, (who, params, { id, kind, payload, seen, offlineAtMs }) => {
  const command = { id, kind, payload } as SessionCommand;
  return takeCommand(who.studioId, uuidParam(params, "id"), command, seen, offlineAtMs ?? null);
});
