export const pages = {
  doneOn: "done {day}",
  effort: "effort {effort}",
  saidHurt: "said that it hurt",
  feedOf:
    "The classes of {name} for a calendar that follows. They can make an address of their own on their page; the one before ends then.",
  weeksOf:
    "{weeks, plural, one {# week} other {# weeks}}, times of {zone}{says, select, no {} other {, “{says}”}}",
  everybody: "everybody",
  without: "{n} of their things missing",
  nothingNew: "nothing new",
  motto: "Set the class once. See what every home can do of it, and teach it to the second.",
  demo: "This is the demo of {club}, an invented club. Its sign-in is filled in.",
  linkOver: "That link's time is over. Sign in, and a new message goes out to your address.",
  linkNothing: "That link opens nothing. Sign in, and a new message goes out where one is needed.",
  proven: "The address is yours: sign in.",
  asksYou: "{studio} asks you to teach with them",
  signInFirst: "Sign in, or make an account of your own first. Then you can join.",
} as const;
