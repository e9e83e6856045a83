import { number, object, string } from "yup";
import { COMMAND_KINDS, MOST_COUNT_IN_MS, MOST_EXTEND_SECONDS } from "@/core/live/events";
import { reading, uuidParam, writing } from "@/server/http";
import { databaseNow, listRunEvents, takeCommand } from "@/server/runs";

const body = object({
  id: string().uuid().required(),
  kind: string().oneOf(COMMAND_KINDS).required(),
  payload: object({
    countInMs: number().integer().min(0).max(MOST_COUNT_IN_MS),
    seconds: number().integer().min(1).max(MOST_EXTEND_SECONDS),
    person: string().min(1).max(100),
  })
    .noUnknown()
    .required(),
  seen: number().integer().min(0).required(),
  offlineAtMs: number().integer().min(0),
}).noUnknown();

/** The events so far, and the database's clock. */
export const GET = reading(async (who, params) => {
  const events = await listRunEvents(who.studioId, uuidParam(params, "id"));
  return Response.json({ events, nowMs: await databaseNow() });
});

/** A command of the instructor's: counts once however often it is sent. */
export const POST = writing(body, (who, params, { id, kind, payload, seen, offlineAtMs }) =>
  takeCommand(who.studioId, uuidParam(params, "id"), { id, kind, payload }, seen, offlineAtMs ?? null),
);
