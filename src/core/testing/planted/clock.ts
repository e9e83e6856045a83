/** Planted faults of length, promises, gaps, words and what stands between pieces. */
import { blockWith, classWith, plant, slotAdded, slotWith } from "./plant";

const words = (n: number) => Array.from({ length: n }, () => "slowly").join(" ");
const LAPS = "Laps of the pier";
const PAIRS = "Harbour pairs";
const TWENTY = "Twenty on, ten off";
const STATIONS = "Five stations";
const MINUTE = "On the minute";
const STRAIGHT = "One thing at a time";
const FORM = "Well made";
const HOUR = "A mixed hour";
const CHAIR = "Sitting at the slip";
const FLOW = "Slow water";

export const CLOCK_FAULTS = [
  plant("length-over", LAPS, [classWith({ promise: { minutes: 20 } })]),
  plant("length-over", HOUR, [classWith({ promise: { minutes: 30 } })]),
  plant("length-under", LAPS, [classWith({ promise: { minutes: 45 } })]),
  plant("length-under", CHAIR, [classWith({ promise: { minutes: 50 } })]),
  plant("length-loose", PAIRS, [
    slotWith("a1", { dose: { reps: { min: 4, plan: 10, max: 25 } } }),
    slotWith("b1", { dose: { reps: { min: 4, plan: 10, max: 25 } } }),
  ]),
  plant("length-loose", STRAIGHT, [blockWith("a", { rest: { min: 40, plan: 90, max: 150 } })]),
  plant("promise-moves", LAPS, [classWith({ promise: { moves: 6 } })]),
  plant("promise-moves", TWENTY, [classWith({ promise: { moves: 3 } })]),
  plant("promise-kit", PAIRS, [classWith({ promise: { kit: [] } })]),
  plant("promise-kit", STATIONS, [classWith({ promise: { kit: ["towel"] } })]),
  plant("gap-short", LAPS, [slotWith("a3", { move: "bridge" }), blockWith("a", { rest: 0, stacked: true })]),
  plant("gap-short", PAIRS, [blockWith("a", { rest: 2 })]),
  plant("gap-short", FLOW, [blockWith("w", { after: 0, rest: 0 })]),
  plant("gap-short", FORM, [slotWith("a3", { move: "bridge" }), blockWith("a", { rest: 2 })]),
  plant("window-short", MINUTE, [slotWith("a1", { dose: { reps: 25, within: 60 } })]),
  plant("window-short", MINUTE, [slotWith("a3", { dose: { reps: 30, within: 60 } })]),
  plant("words-long", LAPS, [slotWith("a2", { call: words(80) })]),
  plant("words-long", TWENTY, [slotWith("a1", { cue: words(60) })]),
  plant("not-shown", LAPS, [slotWith("a1", { demo: 0 })]),
  plant("not-shown", PAIRS, [blockWith("a", { demo: 0 })]),
  plant("demo-short", PAIRS, [blockWith("a", { demo: 4 })]),
  plant("demo-short", STATIONS, [slotWith("a2", { demo: 4 })]),
  plant("no-water", LAPS, [blockWith("a", { rounds: 8, longRest: 20 })]),
  plant("no-water", "As many as there are", [blockWith("a", { cap: 1260 })]),
  plant("no-warmup", LAPS, [blockWith("w", null)]),
  plant("no-warmup", CHAIR, [
    blockWith("w", { slots: [{ id: "w1", move: "seated-march", dose: { seconds: 60 } }] }),
  ]),
  plant("no-cooldown", PAIRS, [blockWith("z", null)]),
  plant("no-cooldown", FORM, [
    blockWith("z", { slots: [{ id: "z1", move: "slow-breathing", dose: { hold: 40 } }] }),
  ]),
  plant("stretch-early", LAPS, [slotWith("w6", { move: "open-arms-stretch", dose: { hold: 60 } })]),
  plant("stretch-early", CHAIR, [slotWith("w5", { move: "seated-side-bend", dose: { hold: 70 } })]),
  plant("hard-early", LAPS, [slotWith("w3", { move: "star-jack" })]),
  plant("hard-early", TWENTY, [slotWith("w1", { move: "fast-feet" })]),
  plant("warmup-fit", PAIRS, [
    blockWith("w", { slots: [{ id: "w1", move: "march-on-the-spot", dose: { seconds: 300 } }] }),
    slotWith("a1", { move: "press-up", dose: { reps: 8 } }),
  ]),
  plant("warmup-fit", "Push only", [
    blockWith("w", { slots: [{ id: "w1", move: "march-on-the-spot", dose: { seconds: 300 } }] }),
  ]),
  plant("rest-stance", LAPS, [slotWith("a2", { move: "split-squat" }), blockWith("a", { rest: 45 })]),
  plant("rest-stance", STRAIGHT, [blockWith("a", { rest: 200 })]),
  plant("work-rest", LAPS, [blockWith("a", { rest: 55, longRest: 120 })]),
  plant("work-rest", FORM, [blockWith("a", { rest: 5, longRest: 20 })]),
  plant("no-rest", TWENTY, [
    blockWith("a", { rest: 0 }),
    slotWith("a1", { move: "star-jack" }),
    slotWith("a2", { move: "squat-jump" }),
    slotWith("a3", { move: "fast-feet" }),
  ]),
  plant("no-rest", LAPS, [
    blockWith("a", { rest: 0 }),
    slotWith("a1", { move: "squat-jump" }),
    slotWith("a2", { move: "press-up" }),
    slotWith("a3", { move: "star-jack" }),
  ]),
  plant("filler-muscle", LAPS, [blockWith("a", { restMove: "bodyweight-squat" })]),
  plant("filler-muscle", STATIONS, [blockWith("a", { longRestMove: "bodyweight-squat" })]),
  plant("up-and-down", LAPS, [
    slotWith("a2", { move: "bridge" }),
    slotWith("a4", { move: "dead-bug" }),
    blockWith("a", { rounds: 4 }),
  ]),
  plant("up-and-down", TWENTY, [slotWith("a2", { move: "bridge" }), slotWith("a4", { move: "heel-tap" })]),
  plant("claim", LAPS, [classWith({ title: "Melt the belly fat" })]),
  plant("claim", FORM, [slotWith("a1", { cue: "This fixes your posture." })]),
  plant("claim", CHAIR, [blockWith("a", { title: "Heal your back" })]),
  plant("claim", PAIRS, [slotWith("a1", { call: "Nobody gets hurt here." })]),
  plant("claim", TWENTY, [blockWith("a", { title: "Boost the metabolism" })]),
  plant("claim", HOUR, [slotWith("b2", { cue: "Tones the upper arms." })]),
  plant("move-unknown", LAPS, [slotWith("a4", { move: { name: "Stair dance" } })]),
  plant("move-unknown", FLOW, [
    slotAdded("a", { move: { name: "Eel wave" }, dose: { seconds: 40 }, demo: 10 }),
  ]),
];
