/** A command that was made on an older state: whether it still means the same. */
import { factsOf } from "./event-kinds";
import type { SessionCommand, SessionEvent } from "./events";

/**
 * Decides on a command that saw the events up to some point and arrives after `since`.
 * "again": the same command was taken before, count it once. "refused": something moved the clock
 * meanwhile and this would move it again. "taken": append it.
 */
export function mergeCommand(
  command: SessionCommand,
  events: readonly SessionEvent[],
  seenSeq: number,
): "taken" | "again" | "refused" {
  if (events.some((event) => event.id === command.id)) return "again";
  const since = events.filter((event) => event.seq > seenSeq);
  if (since.some((event) => event.kind === "end")) return "refused";
  const { merges } = factsOf(command.kind);
  const moved = merges === "unless-moved" && since.some(({ kind }) => factsOf(kind).clock === "jumps");
  const same = merges === "unless-same" && since.some(({ kind }) => kind === command.kind);
  return moved || same ? "refused" : "taken";
}
