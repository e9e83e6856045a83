export const live = {
  offline: "no connection: this screen keeps time",
  full: "server full: kept here",
  signedOut: "signed out: sign in in another tab",
  busy: "server busy: kept here",
  anotherScreenMovedClass: "Another screen moved the class at the same moment; its move counts.",
  notDone: "Not done: {message}",
} as const;
