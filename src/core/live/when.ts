/** Dates and times of day in a zone, and the instants that they are. Zone rules come from the platform's tables. */
import { TZDate } from "@date-fns/tz";
import type { Ms } from "../units";

/** By how much clocks are put back in autumn: an hour, on Lord Howe Island half of one. */
const FALLS_MS = [3_600_000, 1_800_000];

/**
 * The instant of a date (`2026-11-25`) and a time of day (`19:00`) in a zone, or null where the text is
 * neither. A time that a zone skips in spring is taken as much later as the clocks go forward; of one that
 * comes twice in autumn the first is meant.
 */
export function instantIn(date: string, time: string, timeZone: string): Ms | null {
  const day = /^(\d{4})-(\d{2})-(\d{2})$/.exec(date);
  const clock = /^(\d{1,2}):(\d{2})$/.exec(time);
  if (!day || !clock) return null;
  const [year, month, dom] = day.slice(1).map(Number) as [number, number, number];
  const [hours, minutes] = clock.slice(1).map(Number) as [number, number];
  const real = new Date(Date.UTC(year, month - 1, dom));
  if (real.getUTCMonth() !== month - 1 || hours > 23 || minutes > 59) return null;
  const ms = new TZDate(year, month - 1, dom, hours, minutes, 0, 0, timeZone).getTime();
  if (Number.isNaN(ms)) return null;
  // Of an hour that comes twice the platform gives the second in some zones: the same words once before?
  const before = FALLS_MS.map((by) => ms - by).find((at) => {
    const fields = fieldsIn(at, timeZone);
    return fields.date === date && fields.time === clock[0].padStart(5, "0");
  });
  return before ?? ms;
}

/** An instant as date and time of day in a zone, as form fields want them. */
export function fieldsIn(atMs: Ms, timeZone: string): { readonly date: string; readonly time: string } {
  const at = new TZDate(atMs, timeZone);
  const two = (n: number) => String(n).padStart(2, "0");
  return {
    date: `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`,
    time: `${two(at.getHours())}:${two(at.getMinutes())}`,
  };
}

/** A zone without its continent: `Reykjavik`. */
export function zoneName(timeZone: string): string {
  return (timeZone.split("/").at(-1) ?? timeZone).replaceAll("_", " ");
}
