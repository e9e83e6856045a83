/** What was changed to make a class of a starting point, in English. */
import type { Reasons } from "../reasons";

const IN = "{blockAny, select, no {a block} other {{block}}}";

export const start = {
  "move-room":
    "{to} instead of {fromInside}: for {can} of {of} it is the better one{before, plural, =0 {, and nobody can do the other} other {; # can do the other}}",
  "move-kit": "{to} instead of {fromInside}, which needs other kit",
  "block-out": "Without {blockAny, select, no {a block} other {{block}}}",
  "block-in": "With a block more: {block}",
  length: "{to} instead of {from}",
  mended: "{fix}. {of}",
  "mended-several": "{fix}. {of}",
  "step-work": `{seconds} s more work in ${IN}`,
  "step-rest": `{seconds} s less rest in ${IN}`,
  "step-hold": `Held {seconds} s longer in ${IN}`,
  "step-reps": `{reps, plural, =1 {One rep} other {# reps}} more in ${IN}`,
  "step-sets": `{sets, plural, =1 {One round} other {# rounds}} more of ${IN}`,
} as const satisfies Reasons["start"];
