/** What the instructor says, in English. A sentence each: how many of them fit is counted in words. */
import type { Reasons } from "../reasons";

export const call = {
  own: "{text}",
  title: "{block}.",
  have: "Have ready what you have of: {kit}.",
  name: "{move}.",
  cue: "{text}",
  caution:
    "{of, select, furniture {Furniture sturdy and against a wall, never the middle of a table, nothing on castors.} anchors {Doors shut and latched, pulled only the way that closes them; tug twice before you lean.} bands {Bands without nicks, eyes away from the line of pull, feet flat on them.} sliders {No running start on a smooth floor, a hand near support.} other {Lamp, ceiling, children and pets out of the area of what goes overhead.}}",
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
