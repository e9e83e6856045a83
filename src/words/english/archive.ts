/** Moving a whole studio, and the hours in which an instructor can't teach, in English. */

export const archive = {
  title: "Moving house",
  about:
    "Everything of this studio in one file that another Brontle opens: classes, moves, homes, what was taught and written down, seasons. Health answers, where people are, personal links, letters and passwords stay here.",
  takeOut: "Take everything out",
  takeIn: "Take an archive in",
  takeInAbout:
    "You see first what would come. What is here already stays as it is; taking the same in again makes no doubles.",
  file: "Archive",
  reading: "Reading it…",
  from: "“{studio}”, as it was on {when}",
  comes: "comes",
  here: "is here already",
  goingOn:
    "{n, plural, one {One class} other {# classes}} went on while it was made, and {n, plural, one {isn’t} other {aren’t}} in it.",
  nothing: "All of it is here already.",
  take: "Take it in",
  taken: "It is taken in.",
} as const;

/** What is in an archive. */
export const archived = {
  moves: "own moves",
  people: "people and their homes",
  classes: "classes",
  sessions: "sessions with their logs",
  seasons: "seasons",
  steps: "decisions about next steps",
  plans: "plans by themselves",
} as const;

/** Times that a calendar of the instructor's says are taken. */
export const busy = {
  title: "When you can’t teach",
  about:
    "From a calendar file (ICS) of yours. Only the times are kept, not what they are for; a class planned at one of them says so. The same calendar taken in again replaces what it said.",
  takeIn: "Take a calendar in",
  file: "Calendar file",
  name: "Called",
  found: "{n, plural, =0 {No time} one {One time} other {# times}} in the year ahead.",
  taken: "{n, plural, one {One time is} other {# times are}} kept.",
  take: "Keep these times",
  ahead: "{n, plural, =0 {nothing ahead} one {one time ahead} other {# times ahead}}",
  remove: "Remove",
  removeThat: "Remove {name}",
  more: "and {n} more",
  line: "line {n}",
  meets: "You are busy then: {times}.",
} as const;

/** What couldn't be read of a calendar file. */
export const busyFault = {
  "no-calendar": "That is no calendar file (ICS).",
  "too-large": "That is larger than any calendar Brontle reads: at most 4 MB.",
  "no-start": "This entry has no beginning: left out.",
  "no-length": "This entry ends before it begins: left out.",
  "too-often": "This entry comes again more often than a day has room for: left out.",
  unreadable: "This entry can’t be read: left out.",
  "too-many": "There are more times than Brontle keeps: the first 5000 of them.",
} as const;
