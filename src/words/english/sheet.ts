/** What stands on paper and in files, in English. */

export const sheet = {
  alternating: "alternating",
  inTurn: "L then R",
  swap: "one side a round",
  roundsAt: "rounds at {times}",
  stationsAt: "stations at {times}",
  noWay: "no way found",
  kit: "Kit as set: {kit}.",
  noKit: "none",
  safety:
    "Furniture sturdy and against a wall; doors latched and pulled only the way that shuts them; bands without nicks; shoes and a dry floor for jumps. Pain, dizziness, chest discomfort, unusual breathlessness: stop.",
  people: "{n, plural, one {# person} other {# people}}",
  movesOf: "Moves of {block}",
  /** A block without a title of its own. */
  shapeOf: "{shape} of {moves}",
  more: "more",
  page: "{n} of {of}",
  instead: "instead of {move}",
  /** A participant's sheet. */
  haveReady: "Have ready",
  nothingToBring: "Nothing but a floor.",
  restHere: "Rest here, or choose something that feels right.",
  warmUp: "Warm-up weights: {weights}",
  /** Cards for the wall. */
  station: "{n} of {of}",
  easier: "Easier",
  harder: "Harder",
  needs: "Needs",
  /** Headings of a table of the whole class. */
  start: "Start",
  length: "Length",
  kind: "Kind",
  block: "Block",
  round: "Round",
  move: "Move",
  side: "Side",
  reps: "Reps",
  dose: "Dose",
  others: "Others",
  chapterRound: "{block}, {unit, select, set {set} other {round}} {n}",
  chapterStation: "{block}: {move}",
  begins: "Begin",
  classOver: "End",
  /** In the head of a file of captions. */
  captionsNote: "What is said in “{title}”, by {seconds}.",
  scoreOf: "Score of {title}, {length}",
} as const;
