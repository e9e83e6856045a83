/** What any page may have to say: that it can't be shown, that two people changed one thing. */

export const page = {
  close: "Close",
  ownProblem: "Brontle has a problem of its own just now.",
  wentWrong: "Something went wrong.",
  itsNumber: "Its number is {request}.",
  notShown: "This page could not be shown",
  notAnswered: "Brontle or its database did not answer. What was saved is safe; try again in a moment.",
  tellNumber: "If it stays like this, tell whoever runs Brontle the number of this error:",
  tryAgain: "Try again",
  nothingHere: "There is nothing here",
  removed: "It was removed, or it belongs to another studio. Nothing of yours is lost.",
  toClasses: "To the classes",
  openLink: "Open your own link once",
  openLinkWhy:
    "The link that your instructor sent you opens your page. For eight hours afterwards this button opens it too, also without a network.",
} as const;

export const met = {
  kg: "kg",
  lengthM: "length, m",
  ceilingCm: "ceiling, cm",
  timeZone: "time zone",
  bodyKg: "body mass",
  heightCm: "height, cm",
  repSeconds: "seconds of a rep",
  nothing: "nothing",
  twoVersions: "Two versions",
  met: "Somebody else changed the same while this was open. Nothing is stored yet; all that doesn't meet is kept from both.",
  what: "What",
  theirs: "Theirs, stored",
  yours: "Yours",
  keepTheirs: "Keep theirs",
  keepYours: "Keep yours",
} as const;

/** The score. */
export const drawn = {
  round: "round {round}",
  rest: "rest {seconds}",
  water: "water {seconds}",
  shortFor: "{seconds} s short for {people}",
  short: "{seconds} s short",
  seconds: "{seconds} s",
  asMany: "As many rounds as possible",
} as const;

/** A dose in a few signs, beside its move. */
export const shortDose = {
  seconds: "{span} s",
  hold: "hold {span} s",
  reps: "{span} reps",
  toLimit: "to limit {span} s",
  paced: "{dose} at {tempo}",
  within: "{dose} in {seconds} s",
} as const;
