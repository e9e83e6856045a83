/** Pieces of text that are put together of values, in English. */

import type { Shape } from "../../core/class/reshape";
import type { NumberKey } from "../../core/class/sentence";
import type { Note } from "../../core/notation/note";
import type { OrderCause } from "../../core/shape/order-costs";

export const quantity = {
  /** `6 kg`, `13.2 lb`. */
  kg: "{amount} kg",
  lb: "{amount} lb",
  litres: "{amount} l",
  grams: "{amount} g",
  cm: "{amount} cm",
  /** Two masses, each with its unit. */
  between: "{least}–{most}",
  upTo: "up to {most}",
  tension: "({tension})",
  /** A small number as a word. */
  few: "{n, plural, =0 {no} =1 {one} =2 {two} =3 {three} =4 {four} =5 {five} =6 {six} other {#}}",
} as const;

export const kit = {
  one: "{name}{measureAny, select, no {} other { {measure}}}",
  many: "{count} {name}{measureAny, select, no {} other { {measure}}}",
  packed: "{thing} ({inside})",
  /** With who uses it. */
  used: "{kit} ({who})",
} as const;

export const needs = {
  many: "{few} {name}",
  sturdy: "{form, select, a {a sturdy support} one {sturdy support} other {sturdy supports}}",
  anchorAt:
    "{form, select, a {a {at, select, low {low} mid {mid} other {high}} anchor} one {{at, select, low {low} mid {mid} other {high}} anchor} other {{at, select, low {low} mid {mid} other {high}} anchors}}",
  ofKg: "{need} of {kg} kg or more",
  optional: "{need} if there is one",
  high: "{need}, {least}–{most} cm high",
  /** Between whole lists of needs. */
  or: "{first}, or {second}",
  nothing: "nothing",
  no: "no {need}",
} as const;

export const people = {
  /** Two names and how many more. */
  others: "{first}, {second} and {others} others",
  removed: "somebody since removed",
} as const;

export const dose = {
  seconds: "{span} seconds",
  hold: "hold {span} seconds",
  reps: "{most, plural, =1 {{span} rep} other {{span} reps}}",
  ladder:
    "ladder {from}–{to}{step, plural, =1 {} other { by #}}{hold, select, no {} other { hold {hold} s a {holdOn, select, rep {rep} other {rung}}}}",
  toLimit: "to limit {span} seconds",
  /** What is counted, where it stands beside the clock. */
  counted: "{most, plural, =1 {{span} rep} other {{span} reps}}",
  limit: "to the limit",
  reserve: "stop with {left} left, {span} seconds",
  stopLeft: "stop with {left} left",
  ofSequence: "{reps} {move}",
  after: "{dose}, then {kind, select, hold {hold {n} s} other {{n, plural, one {# pulse} other {# pulses}}}}",
  eachSide: "{amount} each side",
  paceTempo: "{dose} at {tempo}",
  paceSeconds: "{dose} of {seconds} s",
  within: "{dose} in {seconds} s",
  stop: "{seconds} s, then rest",
} as const;

/** An easier or harder way in a line, and what is said to who can't. */
export const way = {
  target: "{target, select, none {no load} other {{target}}}",
  kg: "{kg} kg",
  rir: "{rir} in reserve",
  rpe: "RPE {rpe}",
  reps: "{span} reps",
  tempo: "at {tempo}",
  rounds: "{rounds, plural, one {first round only} other {first # rounds}}",
  whoCant: "who can’t: {ways}",
  elseOr: "{said}, else {way}",
  choice: "or as you like: {ways}",
  choiceOr: "{said} or {way}",
} as const;

export const tempo = {
  lower: "lower {seconds} s",
  pause: "pause {seconds} s",
  lift: "lift {seconds} s",
  top: "pause {seconds} s",
} as const;

/** The taught class. */
export const live = {
  asManyRounds: "As many rounds as possible: {moves}",
  ownPace: "At your own pace{moves, select, none {} other {: {moves}}}",
  ownLine: "{sets} × {move}, {what}",
  restAfter: "rest {seconds} s",
  over: "The class is over",
  notHeld: "not held",
  round: "{unit, select, set {set} other {round}} {n} of {of}",
  turn: "{turn, select, down {down to the floor} other {stand up}}",
  fetchNeeds: "fetch {needs}",
  loadEach: "{kg} kg each",
  loadReserve: "{reserve} in reserve",
  loadEffort: "effort {effort} of 10",
  slower: "slower, smaller",
  /** The count of reps, after its number: how many there are to do, of what. */
  countOf:
    "{kind, select, about {of about {of}} pulse {of {of, plural, one {# pulse} other {# pulses}}} rung {of {of}, rung {rung} of {rungs}} each {of {of} each side} other {of {of}}}",
  /** What one does now, or what of the count is said differently. */
  phase:
    "{phase, select, lower {lower} bottom {hold} lift {lift} top {hold} half {half way} two {last two} last {last one} other {}}",
  /** What to demonstrate, for how many, and what only to say. */
  toShow: "{way} ({people})",
  show: "Show {ways}",
  say: "say {ways}",
  /** What is different from the last set. */
  nowReps: "{most, plural, =1 {{span} rep now} other {{span} reps now}}",
  nowSeconds: "{span} seconds now",
  nowLoad:
    "{change, select, heavier {heavier{load, select, none {} other {: {load}}}} lighter {lighter{load, select, none {} other {: {load}}}} other {{load, select, none {without a load now} other {{load} now}}}}",
  nowSide: "the other side: {side}",
  /** What becomes of the next set of those who said how many more there were. */
  nextSet:
    "{change, select, heavier {heavier} lighter {lighter} moreReps {more reps} other {fewer reps}} for {people}",
  /** One group to call. */
  group: "{people} {mark}{way}{halves, select, yes {, half a side} other {}}{stop}",
  groupStop: ", {stop}",
  noWay: "no way: rest or choose",
  /** Where each is in a block at one's own pace. */
  place: "{n}/{of} {move}",
  placeRest: "{n}/{of} rest {left}",
  placeThrough: "through",
  placeCut: "{n} won’t fit",
  placeSilent: "nothing pressed for {minutes} min",
  placesThrough: "{all, select, yes {All are through: → goes on} other {{n} of {of} through}}",
  /** How well a screen knows the time, and how late it shows it. */
  within: "clock right to {ms} ms",
  device: "±{ms} ms{late, select, none {} other {, hears {late} s late}}",
  step: "{text} · {n} of {of}",
  here: "{here} here",
  notYet: "{notYet} not yet",
  late: "{late} late",
} as const;

/** A participant's own part, on their phone. */
export const own = {
  rest: "Rest, or choose another way.",
  restRound: "Rest in this round: at your level it has fewer.",
  side: "{side} side",
  shares: "{seconds} s a side",
  bringAt: "{thing}: {weights}",
  knownFrom: "{held}, from {move} on {day}",
  about: "about {reps, plural, one {# rep} other {# reps}}",
  enough: "Enough at your level: rest until the time is over.",
  stop: "Stop in {seconds}.",
  change: "Change to your {side} in {seconds}.",
  /** Asked after the first set, and answered. */
  howMany: "How many more could you have done?",
  nextSet:
    "{change, select, heavier {Next set heavier} lighter {Next set lighter} moreReps {More in the next set} fewerReps {Fewer in the next set} other {The next set stays as it is}}{set, select, none {} other { ({set})}}.",
  noted: "Noted.",
  onPaper: "On paper",
  /** In a block at one's own pace. */
  setOf: "set {n} of {of}",
  setsDone: "{of, plural, one {set} other {# sets}} done",
  doneRest: "Done: rest {seconds} s",
  doneLast: "Done: that was the last set",
  takeBack: "Not done yet: take it back",
  through: "All your sets are done. Breathe, drink, and wait for the others.",
  cut: "{n, plural, one {One set won’t} other {# sets won’t}} fit any more: leave {n, plural, one {it} other {them}} out.",
  lastMinute: "A minute is left: finish this set, and that is it.",
  leftInBlock: "left",
  oneSide: "Your {side} only: repeat it easier there, or rest.",
  fetch: "Fetch: {things}",
  /** What is answered to who asks for another way. */
  another:
    "{code, select, easier {You go on with: {name}.} less {You go on with less of it, or a lighter weight.} choose {Nothing easier, but you can choose below.} other {There is no other way with what is there: do fewer, do it slower, or rest. That is fine.}} Your instructor sees it.",
  stopWords:
    "Pain, dizziness, chest discomfort or unusual breathlessness: stop. In an emergency call {number, select, none {your local emergency number} other {{number}}}.",
  illRest: "Not today, please: rest, and come back when you are well.",
  illMore:
    "That holds for fever, a cough or cold on the chest, a stomach upset, or feeling unwell all over. You may leave this page open and only watch. Nothing of this is sent or kept. If it gets worse, or you are unsure, ask a doctor.",
  /** While it hurts: what comes before anything else. */
  hurtCard:
    "Chest pain, fainting or collapse: call {number, select, none {your local emergency number} other {{number}}}, or have somebody call, and stay on the call.",
  /** Shown only when the server has it. */
  hurtTold: "Stop. Your instructor is told.",
  hurtTelling: "Stop. Telling your instructor…",
  hurtAloud: "Stop. Not told yet: say it aloud.",
  hurtButton: "{state, select, told {Told} pressed {Not told yet} other {Hurts}}",
  when: "{day}, {time}",
} as const;

/** What somebody might do next in a move. */
export const progress = {
  same: "the same again",
  weight: "{to} kg each instead of {from}",
  reps: "{to} reps a set instead of {from}",
  hold: "hold {to} s instead of {from}",
  move: "{way, select, harder {the harder way} other {the easier way}}: {move}",
  slower: "lowered more slowly",
  pause: "with a pause at the hardest place",
  oneAndAHalf: "one and a half reps each",
  moreInTime: "more reps in the same time",
  lessRest: "the same with less rest",
  anotherRound: "another round",
  ask: "ask about it first; no more until it is clear",
  goalKg: "{kg} kg each",
  goalReps: "{reps} reps a set",
  goalSeconds: "{seconds} s",
  believed: "{median} kg ({low}–{high})",
  moved: "{change} % in six weeks",
  keepRounds: "{rounds, plural, one {# set} other {# sets}} of it, as before",
  keepSeconds: "{seconds} s of it, as before",
  more: "{more} left",
  hurt: "it hurt",
} as const;

/** Moves that share strength. */
export const region = {
  knee: "knees: squats and lunges",
  hip: "hips: hinges",
  "push-horizontal": "pushing forwards",
  "push-vertical": "pushing overhead",
  "pull-horizontal": "rowing",
  "pull-vertical": "pulling down",
  "arm-flexion": "arm curls",
  "arm-extension": "arm extensions",
  "shoulder-raise": "shoulder raises",
  trunk: "trunk",
  calf: "calves",
  "hip-abduction": "outer hips",
  carry: "carrying",
} as const;

export const progressWhy = {
  ready: "At the top twice running, with enough left.",
  notYet: "Not yet at the top of all sets twice running with enough left.",
  saidTooLittle: "At the top twice, but how many more there were wasn’t said.",
  hurt: "It was said to hurt.",
  missed: "Below what was meant twice running.",
  hardClass: "The class was nine or more of ten twice running.",
  away: "Away for two weeks or more.",
  longAway: "Away for more than four weeks.",
} as const;

export const room = {
  /** Cells that differ, as short as can be. */
  swap: "swap",
  eased: "eased",
  raised: "raised",
} as const;

/** What stands after each number of a block's sentence. */
export const numberTail = {
  rounds:
    "{station, select, yes {{one, select, yes {set} other {sets}} at each of {moves, plural, one {# move} other {# moves}}} other {{one, select, yes {round} other {rounds}} of {moves, plural, one {# move} other {# moves}}}}",
  cap: "s for as many rounds as possible of {moves, plural, one {# move} other {# moves}}",
  work: "s work",
  reps: "reps",
  rest: "s rest",
  longRest: "{station, select, yes {s between stations} other {s between rounds}}",
  prepare: "s to get ready",
  demo: "s to show each",
  brief: "s of talk before",
  after: "s for water after",
} as const satisfies Record<NumberKey, string>;

/** Its name for a screen reader. */
export const numberLabel = {
  rounds: "{station, select, yes {Sets} other {Rounds}}",
  cap: "Seconds for as many rounds as possible",
  work: "Seconds of work",
  reps: "Reps",
  rest: "Seconds of rest",
  longRest: "{station, select, yes {Seconds between stations} other {Seconds between rounds}}",
  prepare: "Seconds to get ready",
  demo: "Seconds to show each move",
  brief: "Seconds of talk before the block",
  after: "Seconds for water after the block",
} as const satisfies Record<NumberKey, string>;

/** Why a number that was typed isn't taken. */
export const typedNumber = {
  form: "“{text}” isn’t {unit, select, seconds {a time: such as 90, 1:30, 2 min or 20–40} other {a number: such as 8, 8–12 or 3x}}",
  clock: "“{text}” is a time, and this counts {unit, select, reps {reps} other {rounds}}",
  order: "“{text}” goes from the greater to the smaller",
  least: "{least} is the least",
  most: "{most} is the most",
} as const;

/** Why a dose that was typed isn't taken. */
export const typedDose = {
  empty: "Such as 40 s, 12 reps, 8–12 reps 3110, 10 e/s, hold 0:30, to limit 40 s, 12/10/8",
  words: "“{text}” isn’t understood here: such as 40 s, 8–12 reps 3110, 10 e/s, hold 0:30",
  sets: "“{text}” has sets: type the reps here, and the sets as the block’s rounds",
} as const;

/** A number that a fit changes, by its key; a dose's keys are work. */
export const fitNumber = {
  rounds: "{to} rounds instead of {from}",
  rest: "{to} s rest instead of {from}",
  longRest: "{to} s between rounds instead of {from}",
  brief: "{to} s of talk instead of {from}",
  demo: "{to} s to show each instead of {from}",
  prepare: "{to} s to get ready instead of {from}",
  after: "{to} s after it instead of {from}",
  cap: "{to} s for as many rounds as possible instead of {from}",
  work: "{to} s of work instead of {from}",
  reps: "{to} reps instead of {from}",
} as const;

/** What the main work has with a fit, by what it is. */
export const fitLoss = {
  sets: "{now} sets instead of {was}",
  work: "{now} of work instead of {was}",
  rest: "{now} of rest instead of {was}",
} as const;

export const fit = {
  /** Where a change is: a block by its title, a slot by its move. */
  inBlock: "{change} in {blockAny, select, no {the block} other {{block}}}",
  inMove: "{change} in {move}",
  afterMove: "{change} after {move}",
  leftOut: "without {move}{blockAny, select, no {} other { in {block}}}",
  nothingLost: "the main work stays as it is",
  warmup: "a warm-up first, {length}",
  cooldown: "a cool-down at the end, {length}",
  block: "another block of {moves}, {length}",
  unlock: "unlock {blockAny, select, no {a block} other {{block}}}: {total}",
  asItStands: "It is {total} as it stands.",
  ways: "{changes}: {total}.",
  lockedKey: "{key} of {blockAny, select, no {a block} other {{block}}}",
} as const;

/** What the reader of a plan isn't sure of. */
export const planNote = {
  "unknown-move":
    "No move is called “{text}”: it is taken as typed.{nearAny, select, no {} other { Near: {near}.}}",
  "read-as": "“{text}” was read as {move}.{nearAny, select, no {} other { It could be {near}.}}",
  "no-dose": "“{text}” says nothing of how much: the usual was put in.",
  "list-length":
    "There {count, plural, =1 {is one number} other {are # numbers}} for {sets, plural, =1 {one set} other {# sets}}: the list was {more, select, yes {cut} other {filled up with its last}}.",
  "not-read": "Nothing was made of “{text}”.",
  "as-title": "“{text}” became the title of its block.",
  "not-allowed": "{text} can't be stored as it stands.",
} as const satisfies Record<Note["code"], string>;

export const plan = {
  where: "line {line}, {from}–{to}",
} as const;

export const orderCause = {
  muscles: "shared muscles: {now} instead of {was}",
  grip: "grip twice running: {now} instead of {was}",
  shoulders: "shoulders twice running: {now} instead of {was}",
  hard: "two hard ones running: {now} instead of {was}",
  jumps: "two jumping ones running: {now} instead of {was}",
  position: "changes of position: {now} instead of {was}",
  kit: "changes of kit: {now} instead of {was}",
  fresh: "what needs fresh legs after what tires them: {now} instead of {was}",
  last: "what goes to the limit before something else: {now} instead of {was}",
} as const satisfies Record<OrderCause, string>;

export const order = {
  noBetter: "The present order costs no more than any other.",
  worse: "but worse: {cause}",
  presentWays: "everyone's ways are those of the present order; they are worked out again after",
} as const;

/** What a move would do where it is put. */
export const putEffect = {
  length:
    "{seconds, plural, =0 {The class stays as long} other {The class gets {by} {longer, select, yes {longer} other {shorter}}}}",
  follow:
    "{as} of {of} do it as it is set, at their own level{swapped, plural, =0 {} =1 {, 1 something else instead} other {, # something else instead}}{unmet, plural, =0 {} =1 {, 1 nothing} other {, # nothing}}",
  fits: "Everybody has the time to change over",
  short:
    "{short, plural, =1 {1 person hasn't} other {# people haven't}} the time to change over: half of them need {needs} s",
  sets: "Hard sets: {sets}",
  noSets: "No hard set more or less",
  pushPull: "Push to pull {push} : {pull}, now {pushNow} : {pullNow}",
} as const;

/** What a block can be turned into. */
export const reshape = {
  circuit: "A circuit",
  "straight-sets": "Straight sets",
  windows: "A set every minute",
  "as-many-rounds": "As many rounds as possible",
  ladders: "Ladders",
  supersets: "Supersets, two by two",
  "one-by-one": "Each move by itself",
} as const satisfies Record<Shape, string>;
