/** What the read-through finds, and what its fixes do, in English. */
import type { Reasons } from "../reasons";

const ONE_WAY =
  "{firstAny, select, no {No single number mends it: use Fit.} other {One way: {firstInside}.}}";

export const finding = {
  "length-over": `It takes {plan}, {by} more than the {minutes} minutes that were announced. ${ONE_WAY}`,
  "length-under": `It takes {plan}, {by} less than the {minutes} minutes that were announced. ${ONE_WAY}`,
  "length-loose": "Between {least} and {most}: ranges leave {open} open, more than a tenth of {plan}.",
  "promise-moves": "{announced} moves were announced; the main work and finisher have {found}.",
  "promise-kit": "Not announced but used: {kit}{more, plural, =0 {} other {, # other things}}.",
  "gap-short":
    "{between, select, sides {Changing sides in {moveInside} takes up to {needs} s; there are {gap}: {who}.} other {Before {moveInside} there are {gap} s; changing takes {who} up to {needs} s.}}",
  "window-short": "{move} takes {needs} s as it is dosed and starts every {every} s: it is cut off.",
  "words-long":
    "What you say {when, select, before {before} other {during}} {moveInside} takes {takes} s; there are {room} s.",
  "not-shown": "{move} is worked without having been shown.",
  "no-water": "{length} without water, from {from} to {to}.",
  "sides-uneven":
    "{how, select, turns {{move} changes sides {times} times: {side} gets one more than the other.} other {{move} halves an odd total: one side gets more than the other.}}",
  "count-mixed":
    "{of, select, sides {{move} is counted {here, select, each {each side here and in total} other {in total here and each side}} elsewhere.} other {{move} is dosed in {here, select, reps {reps here and in seconds} other {seconds here and in reps}} elsewhere.}}",
  "no-warmup":
    "{there, select, yes {The warm-up has {has}; a class of {plan} wants {least}.} other {There is no warm-up: the class begins with {insteadAny, select, no {work} other {{instead}}}.}}",
  "no-cooldown":
    "{there, select, yes {The cool-down has {has}; a class of {plan} wants {least}.} other {There is no cool-down: the class ends with {insteadAny, select, no {work} other {{instead}}}.}}",
  "stretch-early": "{move} holds {muscles} for {seconds} s before the main work; so long comes after.",
  "same-muscle": "{move} works {muscles} straight after {afterInside}.",
  "rest-muscle":
    "{move} works {muscles} hard {again, select, yes {again after {gap} s} other {{gap} s after {afterInside}}}; this stance gives it {least} s or more.",
  "rest-stance":
    "{blockAny, select, no {The block} other {{block}}} gives {seconds} s {between, select, rest {between moves} other {between rounds}}; {stance, select, form {form first} strength {strength} other {density}} keeps to {least}–{most} s.",
  "work-rest":
    "Work to rest is {ratio} over the main blocks ({work} to {rest}); this stance keeps to {least}–{most}.",
  "grip-stack":
    "{what, select, grip {The grip} other {The shoulders under load}}: {seconds} s of work without {off} s off, from {from}.",
  "hard-early": "{move} is an effort of about {effort} of 10 at {from} already.",
  "jumps-many": "Landings, weighted by impact: {over}.",
  "up-and-down": "People get up and down {times} times; more than {most} loses rests to it.",
  "failure-beginner": "{move} goes to the limit for {who}, who work at easier: never to failure there.",
  "failure-unstable":
    "{move} goes to the limit and isn't stable {whoAny, select, no {as set} other {for {who}}}.",
  "muscle-missing":
    "The whole body was announced, and nothing works {group, select, legsFront {the front of the legs} legsBack {the back of the legs} push {push} pull {pull} other {the trunk}}.",
  "push-pull": "{push} push sets to {pull} pull sets; between 2:3 and 3:2 is even.",
  "week-many": "Hard sets this week, above the {bound} of this stance: {sets}.",
  "week-few": "Hard sets this week, under the {bound} of this stance: {sets}.",
  "too-soon": "Only {hours} h since or until {muscles} work hard; {wanted} h are wanted between.",
  unmet: "{name} can't do {moveInside}. {why}",
  "home-unknown": "{name} has not said what is at home: a floor and nothing else is counted on.",
  "one-level":
    "{move} has no {missing, select, easier {easier} harder {harder} other {easier and no harder}} way.",
  limit:
    "{what, select, slot {{move} is excluded for {who} ({limits}){insteadAny, select, no {} other {; instead: {insteadInside}}}.} other {The filler {moveInside} is excluded for {who}: they rest.}}",
  room: "{name} can't do {moveInside}. {why}",
  "load-jump":
    "{kg, plural, =0 {{name}’s band is strong} other {{name} has {load}}} for {moveInside}: about {reps} reps with {rir} in reserve, under the {least} that are set.",
  caution:
    "{of, select, furniture {Furniture in use. Say: sturdy, against a wall, never the middle of a table, nothing on castors.} anchors {Doors and anchors in use. Say: shut and latched, pulled only the way that closes it, tug twice before you lean.} bands {Bands in use. Say: look for nicks, eyes away from the line of pull, feet flat on it.} sliders {Sliders in use. Say: no running start on a smooth floor, a hand near support.} other {Weights overhead in use. Say: lamp, ceiling, children and pets out of the area.}}",
  claim: '"{text}" promises what a move can\'t: no exercise slims one place, and none here treats anything.',
  "way-order":
    "{level, select, flat {The easier} other {The harder}} way of {moveInside}{same, select, yes {} other {, {wayInside},}} is predicted {level, select, flat {harder} other {easier}} than what is set{whoAny, select, no {} other { for {who}}}.",
  "dose-hard":
    "{set} {unit, select, reps {reps} other {s}} of {moveInside}: {can} of the {people} who work {mark, select, flat {at easier} sharp {at harder} other {as set}} can; {most} {unit, select, reps {reps} other {s}} is what most can.",
  "hold-long":
    "{move} is held for {seconds} s {mark, select, flat {at easier} sharp {at harder} other {as set}}; {whoAny, select, no {most} other {{who}}} hold it about {limit} s at their limit.",
  "own-time":
    "{move} {mark, select, flat {at easier} sharp {at harder} other {as set}} takes {needs} s; the piece has {room} s: {who}.",
  "dose-kind":
    "{of, select, reps {{move} is held, and has reps} hold {{move} can't be held, and has a hold} other {{move} is thrown, and has a tempo}}.",
  "one-side-only": "{move} works one side alone in the whole class.",
  "demo-short": "{move} is new and shown for {seconds} s; it wants about {needs} s.",
  "warmup-fit":
    "Nothing in the warm-up moves what {blockAny, select, no {the first hard block} other {{block}}} loads first: {muscles}.",
  "filler-muscle":
    "{move} fills a rest and works {muscles}, {when, select, after {which {besideInside} has just worked} other {which {besideInside} works next}}.",
  "no-rest":
    "{pieces} hard pieces run on without a gap{blockAny, select, no {} other { in {block}}}, from {from}.",
  "over-face":
    "{bar, select, yes {{move} goes to the limit under a bar, and nothing would catch it} other {{move} goes to the limit with a weight over the face}}{whoAny, select, no {} other {: {who}}}.",
  "move-unknown": "Not known of {moves}: what it trains, needs or loads. Nothing is judged by it.",
} as const satisfies Reasons["finding"];

/** What several findings of one cause say together. */
export const several = {
  "gap-short":
    "{between, select, sides {Changing sides takes up to {needs} s; there are {gap}} blocks {From block to block up to {needs} s are needed; {gap} are there} other {{blockAny, select, no {This block} other {{block}}} needs up to {needs} s between moves; {gap} are there}}: {people, plural, one {one person} other {# people}}{worst, plural, =0 {, {most} s short} other {, most of them {most} s short, {who} # s}}.",
  "not-shown": "Worked without having been shown: {movesInside}.",
  "one-level": "No easier way, or no harder one: {movesInside}.",
  "demo-short": "New, and shown for less than they need: {movesInside}.",
  "load-jump": "{who} have too much at home for what is set in {moveInside}.",
  "home-unknown": "{who} have not said what is at home: a floor and nothing else is counted on.",
  limit:
    "What limits ask for is taken care of: {people, plural, one {one person does} other {# people do}} something else in {moves, plural, one {one move} other {# moves}}.",
  caution: "Words to say once: {eachInside}.",
} as const satisfies Reasons["several"];

/** What to say of each thing in use, in few words. */
export const cautions = {
  furniture: "furniture sturdy and against a wall, never the middle of a table, nothing on castors",
  anchors: "doors shut and latched, pulled only the way that closes them, tug twice before you lean",
  bands: "bands without nicks, eyes away from the line of pull, feet flat on them",
  sliders: "no running start on a smooth floor, a hand near support",
  overhead: "lamp, ceiling, children and pets out of the area of what goes overhead",
} as const satisfies Reasons["cautions"];

export const landings = {
  "as-set": "as set {landings} (allowed {allowed})",
  people: "{who} up to {landings} (allowed {allowed})",
} as const satisfies Reasons["landings"];

export const fix = {
  "sides-in-turn": "Both sides in turn, each time",
  rounds: "{rounds} rounds",
  "even-total": "An even total",
  "count-each": "Count each side",
  "count-alike": "Count {count, select, each {each side} other {in total}} here too",
  "dose-alike": "In {in, select, reps {reps} other {seconds}} here too",
  hold: "Hold it for {seconds} s",
  "note-ways":
    "Note a plain {missing, select, easier {easier} harder {harder} other {easier and harder}} way",
  "start-every": "Start it every {seconds} s",
  unsaid: "Leave it unsaid",
  "say-only": "Say only “{text}”",
  show: "Show it for {seconds} s",
  "water-after": "{seconds} s of water after {blockAny, select, no {the block} other {{block}}}",
  "rounds-of": "{rounds} rounds of {blockAny, select, no {it} other {{block}}}",
  "longer-in": "{seconds} s more for each move of {blockAny, select, no {it} other {{block}}}",
  "begin-warmup": "Begin with a warm-up of {length}",
  "end-cooldown": "End with a cool-down of {length}",
  "side-change": "{seconds} s to change sides",
  "all-of-them": "All {count} at once: {firstInside}",
  "show-all": "Show each of them",
  "gaps-in": "{seconds} s between all moves of {blockAny, select, no {this block} other {{block}}}",
  "after-block": "{seconds} s after {blockAny, select, no {the block} other {{block}}}",
  "rest-after": "{seconds} s rest after {moveInside}",
  "between-rounds": "{seconds} s between rounds",
  "rest-and-rounds": "{seconds} s after {moveInside} and between rounds",
  "rest-in": "{seconds} s rest in {blockAny, select, no {the block} other {{block}}}",
  "fewer-reps": "Fewer reps for everybody: {reps} at the least",
  "round-more": "One round more of {blockAny, select, no {this block} other {{block}}}",
  "round-less": "One round less of {blockAny, select, no {this block} other {{block}}}",
  "number-in":
    "{to} s {key, select, rest {rest} longRest {rest between rounds} after {water after} demo {showing each move} brief {talk before} other {getting ready}} in {blockAny, select, no {this block} other {{block}}} instead of {was} s",
  and: "{firstInside}, and {secondInside}",
  order: "The order {places} in {blockAny, select, no {this block} other {{block}}}",
  "say-cautions": "Put them into the opening talk, {seconds} s in all",
  leave: "Leave {left} in reserve",
  "ways-over": "Change the two ways over",
  "way-away": "Take the {level, select, flat {easier} other {harder}} way away: everybody gets their own",
  "dose-of":
    "{amount} {unit, select, reps {reps} other {s}} {mark, select, flat {at easier} sharp {at harder} other {for all as set}}",
  "work-for": "Work for {seconds} s instead",
  "no-tempo": "No tempo",
  "no-filler": "Rest there instead",
  "announce-moves": "Announce {moves} moves",
  "announce-kit": "Announce these too",
  "time-instead": "Work for the time instead",
  "meant-so": "It is meant so in this block",
  "stance-rest": "{seconds} s {between, select, rest {between moves} other {between rounds}}",
} as const satisfies Reasons["fix"];
