import type { FailureCode } from "@/browser/api";
import type { Say } from "@/words/screens/screens";

/**
 * What keeps this screen from the server, in a few words that fit a line; null where nothing does. `held`:
 * why the first of what was pressed here hasn't been taken.
 */
export function troubleText(reached: boolean, held: FailureCode | null, t: Say<"live">): string | null {
  if (!reached || held === "offline") return t("offline");
  if (held === "full") return t("full");
  if (held === "signed-out") return t("signedOut");
  if (held !== null) return t("busy");
  return null;
}
