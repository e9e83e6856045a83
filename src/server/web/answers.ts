/**
 * The answers that are event streams, by a number in a header of ours: the framework sends their head and keeps them
 * open, what is to be sent afterwards is written straight to them. That costs a fifth of the way through two streams.
 */
import type { ServerResponse } from "node:http";

/** Whatever came in this header is dropped. */
export const ANSWER_HEADER = "x-brontle-answer";

const held = globalThis as typeof globalThis & { brontleAnswers?: Map<string, ServerResponse> };

function answers(): Map<string, ServerResponse> {
  held.brontleAnswers ??= new Map();
  return held.brontleAnswers;
}

/** Keeps an answer at hand until it is over; gives its number. */
export function keepAnswer(response: ServerResponse): string {
  const id = crypto.randomUUID();
  answers().set(id, response);
  response.on("close", () => answers().delete(id));
  return id;
}

/** The answer of a number; null where this process has none, as in tests. */
export function answerOf(id: string | null): ServerResponse | null {
  return (id !== null && answers().get(id)) || null;
}
