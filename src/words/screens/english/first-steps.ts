export const firstSteps = {
  drawnLikeThis:
    "A class is drawn like this: time from left to right, the harder the higher, rests empty. This one takes {clock}.",
  whereYouTeach: "Where you teach",
  datesTimesSaidTime: "Dates and times are said in this time zone, and everybody reads them in their own.",
  peopleYouTeach: "The people you teach",
  theirNamesEnoughBegin:
    "Their names are enough to begin with. What each has at home can come later, from you or from them.",
  addOnePerson: "Add one person",
  class: "A class",
  pastePlanFromMessage:
    "Paste a plan from a message, a document or a gym: it is timed to the second and becomes everybody's own version for what they have at home.",
  beginFromOneOurs: "Begin from one of ours",
  date: "A date",
  everybodyAskedGetsPage: "Everybody asked gets a page of their own with what to have ready.",
  chooseDate: "Choose a date",
  howBegin: "How to begin",
  done: "done",
  timeZoneStudio: "Time zone of the studio",
  thereNow: "It is {time} there now.",
  right: "That is right",
} as const;
