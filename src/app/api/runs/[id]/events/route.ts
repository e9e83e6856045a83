import { number, object, string } from "yup";
import {
  COMMAND_KINDS,
  MOST_COUNT_IN_MS,
  MOST_NOTE_CHARACTERS,
  mostSeconds,
  seenByAll,
} from "@/core/live/events";
import { reading, uuidParam, writing } from "@/server/http";
import { databaseNow, eventsAfter, takeCommand } from "@/server/run-events";
import { needSession } from "@/server/sessions";

const body = object({
  id: string().uuid().required(),
  kind: string().oneOf(COMMAND_KINDS).required(),
  payload: object({
    countInMs: number().integer().min(0).max(MOST_COUNT_IN_MS),
    seconds: number().integer().min(1),
    finishAtMs: number().integer().min(0).nullable(),
    person: string().min(1).max(100),
    text: string().min(1).max(MOST_NOTE_CHARACTERS),
  })
    .noUnknown()
    .required(),
  seen: number().integer().min(0).required(),
  offlineAtMs: number().integer().min(0),
})
  .noUnknown()
  .test("its-seconds", "That is more seconds than this may take.", (sent) => {
    const seconds = sent?.payload?.seconds;
    return seconds === undefined || !sent?.kind || seconds <= mostSeconds(sent.kind);
  });

/** The events so far (after a number where one is given), and the database's clock. */
export const GET = reading(async (who, params, request) => {
  const id = uuidParam(params, "id");
  await needSession(who.studioId, id);
  const { searchParams } = new URL(request.url);
  const after = searchParams.get("after") ?? "0";
  const all = await eventsAfter(id, /^\d{1,9}$/.test(after) ? Number(after) : 0);
  const events = searchParams.get("view") === "stage" ? seenByAll(all) : all;
  return Response.json({ events, nowMs: await databaseNow() });
});

/** A command of the instructor's: counts once however often it is sent. */
export const POST = writing(body, (who, params, { id, kind, payload, seen, offlineAtMs }) =>
  takeCommand(who.studioId, uuidParam(params, "id"), { id, kind, payload }, seen, offlineAtMs ?? null),
);
