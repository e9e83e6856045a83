/** Why somebody does what they do, in English: all that a participant may read of a reason. */
import type { Reasons } from "../reasons";

export const whyNot = {
  ceiling: "the ceiling is too low for it",
  length: "there isn't room enough for it",
  jumping: "there is no jumping at home",
  limit: "asked for {limit}",
  "home-unknown": "home not said yet, so nothing is counted on",
  "no-kit": "{needsNone} at home",
  "kit-too-heavy": "too heavy for it: {needs} such as is at home",
  "kit-too-light": "too light for it: {needs} such as is at home",
  "not-at-once": "{needs}: not all at once",
  "not-here": "not possible here",
  "too-hard": "too hard yet with what is there",
  effort: "nearer to the effort that is meant",
  "saves-changing": "saves changing kit or position between moves",
} as const satisfies Reasons["whyNot"];

export const why = {
  "as-set": "As set{heldAny, select, no {; needs nothing} other { with {held}}}.",
  less: "The set move, less of it{heldAny, select, no {} other { with {held}}}: so that as much is left in reserve as was meant.",
  "as-set-level": "As set for {mark}{heldAny, select, no {} other { with {held}}}.",
  chosen: "{move}{heldAny, select, no {} other { with {held}}}: your choice.",
  instead: "{move}{heldAny, select, no {} other { with {held}}} instead of {setInside}: {because}.",
  own: "{move}{heldAny, select, no {} other { with {held}}}: this class’s own way where {setInside} isn’t possible: {because}.",
  choice: "{move}{heldAny, select, no {} other { with {held}}}: one of the ways to choose from.",
  unmet: "No way found: {because}.{helpAny, select, no {} other { It would take {help}.}}",
  "chosen-unknown": "You chose {id}, which the library doesn't have.",
  "chosen-unmet": "You chose {moveInside}: {because}.",
  written: "{text}",
} as const satisfies Reasons["why"];

export const load = {
  "from-sets":
    "From {moveInside} on {day}: likely {open, select, yes {{low} or more} other {{low}–{high}}} reps with {rir} left.",
  "from-sets-undated":
    "From known sets of {moveInside}: likely {open, select, yes {{low} or more} other {{low}–{high}}} reps with {rir} left.",
  "from-level":
    "By the usual level ({mark}) alone: likely {open, select, yes {{low} or more} other {{low}–{high}}} reps with {rir} left.",
  "start-light": "Start light: the last two reps should be slow, not shaky; then say how it went.",
  unpredicted: "Too light or too long a set to predict reps from the known {known} × {reps}.",
  predicted:
    "{rough, select, yes {Roughly} other {About}} {reps} reps with {rir} in reserve, from the known {known} × {knownReps}.",
} as const satisfies Reasons["load"];

export const adjust = {
  "two-at-once": "Two at once.",
  "one-limb": "One limb instead of two: {moveInside}.",
  "fits-time": "Fewer, so that it fits in {seconds} s.",
  slower: "Lower two counts slower.",
  pause: "Pause two counts at the hardest point.",
  "one-and-a-half": "One and a half reps each.",
  "more-reps": "More reps: up to {reps}.",
  harder: "A harder way: {moveInside}.",
  "both-hands": "Both hands on one weight: {moveInside}.",
  lever: "A shorter lever: {moveInside}.",
  "smaller-range": "A smaller range.",
  easier: "An easier way: {moveInside}.",
  "hold-at-most": "Hold it for {seconds} s at most, breathing.",
  "keep-reserve": "Stop with {reps} in reserve, and breathe out on the effort.",
  written: "{text}",
} as const satisfies Reasons["adjust"];

export const dearer = {
  leave: "not what was set",
  mark: "further from the level that is wanted",
  link: "further from what was set",
  pattern: "another movement pattern",
  muscles: "trains other muscles first",
  position: "another position",
  impact: "another impact",
  load: "the load is further off",
  smaller: "smaller than was set",
  kit: "other things in the hands",
  less: "fewer reps or seconds",
  strain: "further from the effort that is meant",
  skill: "more to learn",
  energy: "more or less out of breath",
  holding: "held against moved",
  sidedness: "one side against two",
  changing: "more changing between moves",
  same: "costs the same; the first was taken",
} as const satisfies Reasons["dearer"];
