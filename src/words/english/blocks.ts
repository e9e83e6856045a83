/** Why a change of a class isn't taken. */
export const notTaken = {
  gone: "That {what, select, block {block} slot {move} other {{what}}} is not there any more.",
  taken: "There is a {what, select, block {block} slot {move} other {{what}}} with that id already.",
  changedSince:
    "Somebody else changed {key} after you: theirs stays, and there is nothing of yours to take back.",
  closed: "{key} can't be changed.",
} as const;

/** How a block goes round, in a few words. */
export const goes = {
  asMany: "as many rounds as possible in {seconds} s",
  rounds: "{one, select, yes {1 round} other {{span} rounds}}",
  rest: "{span} s rest",
  longRest: "{span} s between rounds",
  brief: "{span} s talk",
  after: "{span} s water",
  /** Of what was done in a set. */
  eachKg: "{kg} kg each",
} as const;
