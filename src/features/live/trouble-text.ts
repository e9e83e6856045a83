import type { FailureCode } from "@/browser/api";

/**
 * What keeps this screen from the server, in a few words that fit a line; null where nothing does. `held`:
 * why the first of what was pressed here hasn't been taken.
 */
export function troubleText(reached: boolean, held: FailureCode | null): string | null {
  if (!reached || held === "offline") return "no connection: this screen keeps time";
  if (held === "full") return "server full: kept here";
  if (held === "signed-out") return "signed out: sign in in another tab";
  if (held !== null) return "server busy: kept here";
  return null;
}
