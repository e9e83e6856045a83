/** Mail and calendar entries, in English: to participants, and about accounts. */

/** To a participant, about a session or their page. Paragraphs stand on their own. */
export const mail = {
  subject: "{title}, {when}",
  cancelledSubject: "Cancelled: {title}",
  hello: "Hello {name},",
  cancelled: "{title} on {when} is cancelled.",
  isOn: "{title} is on {when}.",
  ownPage: "Your own page, with what to have ready and your own version of the class:\n{address}",
  yoursAlone:
    "The link is yours alone: whoever has it sees your part. Before your first class it asks a few questions about your health. Only you see the answers.",
  call: "The call:\n{link}",
  afterSubject: "After {title}",
  /** What is proposed to those who were there; the instructor writes it as she likes. */
  afterThanks:
    "Thank you for coming. {title} took {minutes, plural, one {# minute} other {# minutes}}, and this is what we did:",
  /** Where nothing was worked. */
  afterNothing: "Thank you for coming to {title}.",
  afterBlock: "{rounds, plural, =1 {{name}: {moves}} other {{name}: # rounds of {moves}}}",
  afterSay: "How hard was it, and what did you do? Your own page asks it for a week.",
  askHomeSubject: "What do you have at home? {studio}",
  askHome:
    "So that your version of each class fits, say what you have at home: a chair, a towel, a band, or nothing at all, which is an answer too. It takes two minutes:\n{address}",
  linkAlone: "The link is yours alone: whoever has it sees your part.",
  newLinkSubject: "A new link to your page was made",
  newLink:
    "{by} of {studio} has made a new link that opens your own page. If you didn't ask for one, tell them: they can end it, and so can you, at the foot of your page.",
  answersStayShut: "Your health answers can't be opened with it: that takes the code that you set.",
} as const;

export const calendar = {
  place: "{studio}, at home over a video call.",
  page: "Your own version of it: {address}",
} as const;

/** About accounts, to instructors. */
export const accountMail = {
  proofSubject: "Your address at Brontle",
  proofMade: "An account was made with this address, for a studio called {studio}.",
  proofOpen: "Open this within an hour to say that the address is yours, then sign in:\n{link}",
  proofLeave: "If it wasn't you, leave it: without this nobody gets in.",
  knownSubject: "You have an account at Brontle",
  knownWanted: "Somebody wanted to make an account with this address, and there is one already.",
  knownSignIn: "If it was you: sign in at {address}, where a forgotten password can be replaced too.",
  knownNothing: "If it wasn't you, there is nothing to do.",
  resetSubject: "Another password for Brontle",
  resetAsked: "Somebody asked for another password for the account of this address.",
  resetOpen: "Open this within an hour to set one:\n{link}",
  resetLeave: "If it wasn't you, leave it: the password stays as it is.",
  wasResetSubject: "Your password at Brontle was replaced",
  wasReset:
    "The password of your account was replaced just now, with a link that was sent to this address. All sign-ins have ended.",
  wasResetNotYou: "If it wasn't you, somebody reads your mail: tell whoever runs this Brontle.",
} as const;
