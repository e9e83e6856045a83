/** The files that can be made of a class, and what is said about them, in English. */

/** By the name under which each is asked for. */
export const file = {
  sheet: "Class sheet",
  people: "Everybody's own sheet",
  cards: "Cards for the wall",
  picture: "The score as a picture",
  drawing: "The score as a drawing",
  plan: "The plan as text",
  markdown: "The sheet as Markdown",
  captions: "Captions",
  chapters: "Chapters as lines",
  "chapter-track": "Chapters as a track",
  track: "Its sounds",
  calendar: "Calendar entry",
  timeline: "Every second as a table",
  roster: "Homes as a table",
  class: "Class file",
  schema: "Schema of class files",
} as const;

/** What each is for. */
export const fileFor = {
  sheet: "Clock times, doses, ways and kit: teach from it when the laptop dies.",
  people: "A page a person: what they do, with which of their things. Nobody else is on it.",
  cards: "A station a page, to be read from two metres.",
  picture: "Dots, for a message or a slide.",
  drawing: "Lines, sharp at any size.",
  plan: "A short line a move. Reads back as the same class.",
  markdown: "Headings and tables, for notes and pages.",
  captions: "What the call sheet says, at the second it is said.",
  chapters: "A time and a name a line, for what stands under a recording.",
  "chapter-track": "The same, for players that show chapters.",
  track: "Bells and spoken counts as one sound, as long as the class.",
  calendar: "With its time, for any calendar.",
  timeline: "A line a piece: start, seconds, block, round, move, side.",
  roster: "Who is asked, with what they have. No health answers.",
  class: "Everything in it. Opens in any Brontle.",
  schema: "What a program may write into a class file (JSON Schema).",
} as const;

export const fileGroup = {
  paper: "On paper",
  recording: "For a recording",
  text: "To show and to send",
  programs: "For other programs",
} as const;

export const paper = { A4: "A4", Letter: "Letter" } as const;
export const ink = { colour: "in colour", grey: "in grey" } as const;

/** Around them. */
export const files = {
  title: "Files of this class",
  about: "Made now, of the class as it stands and the homes as they are.",
  make: "Make",
  making: "Making…",
  cancel: "Cancel",
  made: "{file} is made.",
  paper: "Paper",
  language: "Language",
  ink: "Ink",
  minutes: "Minutes a row",
  offset: "Lead-in, s",
  counts: "Counts",
  countsAs: "{how, select, spoken {spoken} ticked {ticked} other {none}}",
  noSound: "Spoken counts can't be loaded: the connection is gone.",
  toRead: "The sheet to read here",
  log: "Log",
  logFor: "Everything that was written down, with what stood there before.",
  logTable: "Log as a table",
  logTableFor: "A line a person and move: sets, reps, weight, effort.",
  /** In the upper line of the Desk. */
  word: "Files",
} as const;
