/** What a route answers to who follows a session. */
import { afterParam } from "../http";
import { ANSWER_HEADER, answerOf } from "../web/answers";
import { type Followed, liveHub } from "./hub";
import { say } from "./said";

/**
 * An answer that goes on: server-sent events from where the reader left off.
 * @throws Refused where whoever asks has as many streams as they may
 */
export function eventStream(request: Request, followed: Followed): Response {
  const seq = afterParam(request, request.headers.get("last-event-id"));
  const hub = liveHub();
  hub.admit(followed.owner);
  if (typeof followed.eyes === "object") void say("here", followed.session, followed.owner.id);
  const answer = answerOf(request.headers.get(ANSWER_HEADER));
  return new Response(hub.stream(followed, seq, request.signal, answer), {
    headers: {
      "content-type": "text/event-stream; charset=utf-8",
      "cache-control": "no-store, no-transform",
      "x-accel-buffering": "no",
    },
  });
}
