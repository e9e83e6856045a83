/** The stage: what everybody sees of a class in the call. */
export const stage = {
  language: "Language",
  work: "Work",
  startsIn: "Starts in",
  untilNext: "until next",
  next: "Next",
  then: "then",
  and: "next",
  or: "or",
  soundOff: "Sound off",
  soundOn: "Sound on",
  begins: "{length}, begins in a moment",
  moves: "{n, plural, one {# move} other {# moves}}",
  block: "Block",
  over: "That was it. Drink something.",
  stop: "Pain, dizziness, chest discomfort, unusual breathlessness: stop.",
  safety:
    "Furniture sturdy and against a wall, doors latched, shoes and a dry floor for jumps. Pain, dizziness, chest discomfort or unusual breathlessness: stop. In an emergency call your local emergency number.",
};
