/** Dates and times of day in words, in a zone. */
import type { Ms } from "../core/units";
import type { Words } from "./words";

/** `Wednesday 25 November at 19:00`, in a zone; with the zone's short name where it goes to others. */
export function longWhen(atMs: Ms, timeZone: string, words: Words, named = false): string {
  return new Intl.DateTimeFormat(words.locale, {
    timeZone,
    weekday: "long",
    day: "numeric",
    month: "long",
    hour: "2-digit",
    minute: "2-digit",
    ...(named ? { timeZoneName: "short" } : {}),
  }).format(atMs);
}

const formats = new Map<string, Intl.DateTimeFormat>();

/** Making a format costs a thousand times what using it does. */
function formatOf(locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = `${locale} ${JSON.stringify(options)}`;
  const format = formats.get(key) ?? new Intl.DateTimeFormat(locale, options);
  formats.set(key, format);
  return format;
}

/** `2 November` of a day `YYYY-MM-DD`. */
export function dayText(day: string, words: Words): string {
  const options = { timeZone: "UTC", day: "numeric", month: "long" } as const;
  return formatOf(words.locale, options).format(new Date(`${day}T00:00:00Z`));
}

/** `2 Nov` of a day `YYYY-MM-DD`. */
export function shortDay(day: string, words: Words): string {
  const options = { timeZone: "UTC", day: "numeric", month: "short" } as const;
  return formatOf(words.locale, options).format(new Date(`${day}T00:00:00Z`));
}

/** `Wed 25 Nov` and `19:00`; in the device's own zone where none is given. */
export function shortWhen(
  atMs: Ms,
  timeZone: string | undefined,
  words: Words,
): { readonly day: string; readonly time: string } {
  const of = (options: Intl.DateTimeFormatOptions) =>
    formatOf(words.locale, { ...(timeZone ? { timeZone } : {}), ...options }).format(atMs);
  return {
    day: of({ weekday: "short", day: "numeric", month: "short" }),
    time: of({ hour: "2-digit", minute: "2-digit" }),
  };
}
