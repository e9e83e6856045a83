export const score = {
  shortFor: "{seconds} s short for {people}",
  nameOf: "Name of {title, select, no {the block} other {{title}}}",
  pieces: "Score: {pieces} pieces",
  reads:
    "Score of {clock}: {pieces} pieces in {blocks, plural, one {1 block} other {# blocks}}, {rows, plural, one {1 row} other {# rows}} of {minutes} minutes. Arrow keys go from piece to piece, with Alt they make it longer or shorter; X reads all of it as a table.",
  nothing: "nothing",
  repsSeconds: "{reps} reps, {seconds} s",
  before: "before {move}",
  atEnd: "at the end",
} as const;
