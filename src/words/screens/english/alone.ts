export const alone = {
  byThemselves: "By themselves",
  givePlan: "Give a plan",
  noPlanYetClass:
    "No plan yet. A class can be given for a day: it stands on their page in their own version, and their phone leads them through it.",
  notDoneYet: "not done yet",
  takeBack: "Take back: {title}, {day}",
  takeBack2: "Take back",
  plan: "A plan for {name}",
  theyDoAloneNobody:
    "They do it alone: nobody sees them, and pressing Hurts tells nobody. Give only what they know and what is safe without you.",
  class: "Class",
  day: "Day",
  yourWords: "Your words",
  give: "Give it",
} as const;
