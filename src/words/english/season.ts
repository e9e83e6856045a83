/** What a season says of itself, and a plan of days in words. */
export const season = {
  atOnce: "{n, plural, one {Two classes at once} other {# times two classes at once}}: {when}.",
  busy: "{n, plural, one {One class} other {# classes}} while you are busy: {when}.",
  dayOff: "On a day off: {days}.",
  notAsSaid:
    "Announced “{says}”, but {n, plural, one {two days running} other {# times two days running}}: {days}.",
  notSoOften:
    "Announced “{says}”: {said, plural, one {one day} other {# days}} a week, which isn’t so in {weeks}.",
  tooSoon: "{muscles} work hard again after {hours} h: {weeks}.",
  running: "{days, plural, one {One day} other {# days}} running, from {from}.",
  weekMany: "More than {bound} hard sets a week: {muscles}.",
  weekFew: "Fewer than {bound} hard sets a week: {muscles}.",
  jump: "A jump: {muscles}.",
  gone: "Nothing for two weeks or more: {muscles}.",
  clockChange:
    "From {day} it is an hour {way, select, earlier {earlier} other {later}} for {people} in {zone}: at {time}.",
  clockChangeBy:
    "From {day} it is {minutes} minutes {way, select, earlier {earlier} other {later}} for {people} in {zone}: at {time}.",
  inWeeks: "{muscle} {sets} ({weeks})",
  jumped: "{muscle} from {from} to {to} (week {week})",
  goneIn: "{muscle} ({weeks})",
  week: "week {n}",
  weeks: "weeks {list}",
  runningDays: "Day {a} and day {b} follow each other, and every other day was said.",
  saidTimes:
    "{said, plural, one {Once} other {# times}} a week was said, and {named, plural, one {one day is} other {# days are}} named.",
  restAndWork: "Day {day} is a rest and a training day.",
  twiceNamed: "Day {day} is named twice.",
  soonAgain: "Day {a} and day {b} both work the {group}: a day between is usual.",
  noSuchDay: "No week has a day {day}.",
} as const;

export const focusGroup = {
  full: "whole body",
  lower: "legs",
  upper: "upper body",
  push: "pushing muscles",
  pull: "pulling muscles",
  trunk: "trunk",
} as const;
