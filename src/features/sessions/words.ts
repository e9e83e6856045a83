/** When a session is, in words. */

/** `Wednesday 25 November, 19:00`, in a zone. */
export function longWhen(atMs: number, timeZone: string): string {
  return new Intl.DateTimeFormat("en-GB", {
    timeZone,
    weekday: "long",
    day: "numeric",
    month: "long",
    hour: "2-digit",
    minute: "2-digit",
  }).format(atMs);
}

/** `Wed 25 Nov` and `19:00`, in a zone. */
export function shortWhen(atMs: number, timeZone: string): { readonly day: string; readonly time: string } {
  const of = (options: Intl.DateTimeFormatOptions) =>
    new Intl.DateTimeFormat("en-GB", { timeZone, ...options }).format(atMs);
  return {
    day: of({ weekday: "short", day: "numeric", month: "short" }),
    time: of({ hour: "2-digit", minute: "2-digit" }),
  };
}

/** A zone without its continent: `Reykjavik`. */
export function zoneName(timeZone: string): string {
  return (timeZone.split("/").at(-1) ?? timeZone).replaceAll("_", " ");
}
