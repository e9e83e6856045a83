/** A command that was made on an older state: whether it still means the same. */
import type { RunCommand, RunEvent, RunEventKind } from "./events";

/** Commands that move the clock to another segment; two of them made at once would move it twice. */
const MOVES: readonly RunEventKind[] = ["skip", "back", "repeat", "start", "end"];

/** Two of the same of these made at once would cut twice where once was meant. */
const CUTS: readonly RunEventKind[] = ["drop-round", "shorten-rests", "shorten"];

/**
 * Decides on a command that saw the events up to some point and arrives after `since`.
 * "again": the same command was taken before, count it once. "refused": something moved the clock
 * meanwhile and this would move it again. "taken": append it.
 */
export function mergeCommand(
  command: RunCommand,
  events: readonly RunEvent[],
  seenSeq: number,
): "taken" | "again" | "refused" {
  if (events.some((event) => event.id === command.id)) return "again";
  const since = events.filter((event) => event.seq > seenSeq);
  if (since.some((event) => event.kind === "end")) return "refused";
  if (CUTS.includes(command.kind) && since.some((event) => event.kind === command.kind)) return "refused";
  const moved = since.some((event) => MOVES.includes(event.kind));
  return moved && ["skip", "back", "repeat"].includes(command.kind) ? "refused" : "taken";
}
