/** How well everybody's screen knows the time: what each device last said of itself. */
import type { Ms } from "../units";
import { isOf, type SessionEvent } from "./events";

export interface DeviceNow {
  /** Its clock lies within this much of the server's. */
  readonly withinMs: Ms;
  /** It shows everything so much later, as the call brings the instructor. */
  readonly lateMs: Ms;
}

/** The last of each person, by roster id. */
export function devicesNow(events: readonly SessionEvent[]): ReadonlyMap<string, DeviceNow> {
  return new Map(
    events
      .filter(isOf("device"))
      .map(({ payload: { person, withinMs, lateMs } }) => [person, { withinMs, lateMs }]),
  );
}

/** A device says it anew where it has become this much better or worse, ms, or half or twice of what it was. */
const WORTH_MS = 20;

/** Whether a device has something new to say of itself. */
export function isNews(said: DeviceNow | null, now: DeviceNow): boolean {
  if (said === null || said.lateMs !== now.lateMs) return true;
  const [least, most] = [Math.min(said.withinMs, now.withinMs), Math.max(said.withinMs, now.withinMs)];
  return most - least >= WORTH_MS && most >= 2 * least;
}
