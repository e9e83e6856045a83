/** What an edit did, without a verb, to follow “Undo:”. */
import type { EditName } from "../../core/class/edits";
import type { KeyedList } from "../../core/class/keyed";

/** By the key that is set. */
export const editKey = {
  title: "the title",
  stance: "the stance",
  promise: "what is promised",
  role: "the role",
  rounds: "the rounds",
  rest: "the rest",
  longRest: "the rest between rounds",
  restMove: "what is done in the rests",
  longRestMove: "what is done between rounds",
  prepare: "the time to get ready",
  demo: "the time to show",
  demoAt: "when it is shown",
  brief: "the talk",
  after: "the water",
  cap: "the time for as many rounds as possible",
  loop: "the way round",
  locked: "what is locked",
  atEnd: "what happens at the end of a piece",
  pace: "whose pace it is done at",
  move: "the move",
  dose: "the dose",
  load: "the load",
  sides: "the sides",
  firstSide: "the first side",
  count: "how it is counted",
  marks: "the levels",
  alternatives: "the ways for who can’t",
  choice: "the choice of ways",
  cue: "the words during it",
  call: "the words before it",
  together: "what is kept together",
  pinned: "what keeps its place",
} as const;

export const editName = {
  "copy-block": "the copy of a block",
  "ease-block": "easier ways for a block",
  combine: "several moves in turn",
  "copy-slot": "the copy of a move",
  "replace-move": "another move",
  "split-block": "the cut of a block in two",
  "join-blocks": "two blocks joined",
  "order-slots": "another order",
  fit: "the fit to a length",
  work: "the seconds of work",
  reps: "the reps",
  several: "several moves together",
  reshape: "another shape of a block",
  restore: "an earlier version put back",
} as const satisfies Record<EditName, string>;

export const editList = {
  acknowledged: "a finding left as it is",
  overruled: "your own choice for somebody",
  moves: "a move of your own",
} as const satisfies Record<KeyedList, string>;

export const edit = {
  aBlock: "a block",
  aMove: "a move",
  nothing: "nothing",
  of: "{what} of {place}",
  added: "{what} added",
  removed: "{what} removed",
  moved: "{what} moved",
} as const;
