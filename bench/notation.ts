/** Reading a page of a typed plan, with all that it isn't sure of, and printing a class. */
import { readFileSync } from "node:fs";
import type { ClassDoc } from "../src/core/class/document";
import { LIBRARY, LIBRARY_BOOK } from "../src/core/moves/library";
import { printPlan } from "../src/core/notation/print-plan";
import { readPlan } from "../src/core/notation/read-plan";

const PAGE = `Monday strength

Warm up: march 60s, arm circles 30s, inchworm x 5, leg swings 30 s each side

A. Main
1. 3x10 goblet squat @ 12kg (chest up)
2. 3x8-12 DB row each side, 2 RIR
3. RDL 3 x 8 tempo 3-0-1-0
4. 3x12 gobet sqat holt

3 rounds 40/20, 60 between: squat, towel row, press-up, plank
4x 8-12 floor press 3-0-1 + bent row, 75 s
every 60 s for 8 min: 10 swings

Finisher: 20 on 10 off x 8, mountain climbers
water 60 s

Cool down
hamstring stretch 30s each side
child's pose 1 min
`;
function median(times: number, session: () => unknown): number {
  const all = Array.from({ length: times }, () => {
    const start = performance.now();
    session();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return all[Math.floor(all.length / 2)] as number;
}
readPlan(PAGE, LIBRARY_BOOK);
const { notes } = readPlan(PAGE, LIBRARY_BOOK);
console.log(
  `a page of ${PAGE.split("\n").length} lines, with ${notes.length} notes and what is near: ${median(15, () => readPlan(PAGE, LIBRARY_BOOK)).toFixed(1)} ms`,
);
/** A page of twenty moves that weren't typed before; with a letter missing in each, so that all are searched for. */
const pageOf = (from: number, slip: boolean) =>
  [
    "A page",
    "",
    ...LIBRARY.slice(from, from + 20).map(
      ({ name }) => `- 3x10 ${slip ? name.replace(/[aeiou]/, "") : name}`,
    ),
  ].join("\n");
let at = 0;
const fresh = (slip: boolean) => () => {
  at += 20;
  return readPlan(pageOf(at, slip), LIBRARY_BOOK);
};
console.log(`a page of 20 moves never typed before: ${median(9, fresh(false)).toFixed(1)} ms`);
console.log(`the same with a slip in each, and what is near: ${median(9, fresh(true)).toFixed(1)} ms`);
const gale = JSON.parse(
  readFileSync(new URL("../demo/classes/1-gale-warning.json", import.meta.url), "utf8"),
) as ClassDoc;
console.log(`the text of a demo class: ${median(7, () => printPlan(gale, LIBRARY_BOOK)).toFixed(0)} ms`);
