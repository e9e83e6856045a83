import type { FailureCode } from "@/browser/api";

/**
 * What keeps this screen from the server, in a few words that fit a line; null where nothing does. `held`:
 * why the first of what was pressed here hasn't been taken.
 */
export function troubleText(reached: boolean, held: FailureCode | null): string | null {
  if (!reached || held === "offline") return "no connection: this screen keeps time";
  if (held === "full") return "the server is full: kept here, sent when there is room";
  if (held === "signed-out") return "signed out: sign in in another tab, what you press is kept";
  if (held !== null) return "the server is busy: kept here, sent again";
  return null;
}
