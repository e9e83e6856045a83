/** Where a fault of a move stands, in the words of its form. */
import type { PlainKey, Say } from "@/words/screens/screens";

const PLACES: readonly (readonly [path: RegExp, place: PlainKey<"moves">])[] = [
  [/^(name|id)\b/, "name"],
  [/^aliases\b/, "alsoCalled"],
  [/^pattern\b/, "pattern"],
  [/^position\b/, "position"],
  [/^sides\b/, "sides"],
  [/^repSeconds\b/, "secondsOneRep"],
  [/^impact\b/, "impact"],
  [/^noise\b/, "noise"],
  [/^energy\b/, "effort"],
  [/^demoSeconds\b/, "secondsShow"],
  [/^setupSeconds\b/, "secondsSetUp"],
  [/^muscles\.primary\b/, "trainsFirst"],
  [/^muscles\.secondary\b/, "also"],
  [/^muscles\b/, "trainsFirst"],
  [/^loads\b/, "asksBody"],
  [/^needs\b/, "needs"],
  [/^cues\b/, "say"],
  [/^faults\b/, "watch"],
  [/^cautions\b/, "takeCare"],
  [/^links\b/, "links"],
];

/** The name of the field, and its line where it is one of several; the path itself for what the form doesn't show. */
export function placeOf(path: string, t: Say<"moves">): string {
  const bare = path.replace(/^\$\.?/, "");
  const known = PLACES.find(([form]) => form.test(bare))?.[1];
  const place = known ? t(known) : bare;
  const line = /\[(\d+)\]/.exec(bare)?.[1];
  return line === undefined ? place : t("placeLine", { place, line: Number(line) + 1 });
}
