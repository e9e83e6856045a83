/** What the instructor says, in English. A sentence each: how many of them fit is counted in words. */
import type { Reasons } from "../reasons";

export const call = {
  own: "{text}",
  title: "{block}.",
  have: "Have ready what you have of: {kit}.",
  name: "{move}.",
  cue: "{text}",
  side: "Other side: {side, select, left {left} other {right}}.",
  next: "Next: {moveInside}{side, select, left {, left side} right {, right side} other {}}{doseAny, select, no {} other {, {dose}}}.",
  fetch: "Fetch your {kitOne}{others, select, yes { or what you have} other {}}.",
  easier: "Easier: {moveInside}.",
  "easier-note": "Easier: {noteInside}.",
  harder: "Harder: {moveInside}.",
  "harder-note": "Harder: {noteInside}.",
  "who-cant": "If you can’t: {moveInside}.",
  "who-cant-note": "{note}: {moveInside}.",
  choose: "Or, if you like it better: {moveInside}.",
  "half-way": "Half-way.",
  "last-ten": "Last ten.",
  water: "Water, {seconds} seconds.",
} as const satisfies Reasons["call"];
