/** Planted faults of doses, levels, muscles, limits to the limit, homes and weeks. */
import { AT, HOUR as HOUR_MS, hardSquats, kit, person, ROPE_CLIMB } from "../class-builders";
import { ROOM } from "../good/room";
import { blockWith, classWith, goodClass, plant, slotAdded, slotWith } from "./plant";

const LAPS = "Laps of the pier";
const PAIRS = "Harbour pairs";
const TWENTY = "Twenty on, ten off";
const STATIONS = "Five stations";
const STRAIGHT = "One thing at a time";
const PUSH = "Push only";
const FORM = "Well made";
const HOUR = "A mixed hour";
const CHAIR = "Sitting at the slip";
const FLOW = "Slow water";
const CAP = "As many as there are";

const STRANGER = { id: "Nils", name: "Nils Osmay" };
const only = (more: Parameters<typeof person>[0]) => [person(more)];
const sets = (kg: number) => ({
  kit: kit({ type: "dumbbell" as const, count: 2, kg }),
  workingSets: [{ move: "bent-row", kg: 10, reps: 10, rir: 2 }],
});

/** A move that nothing leads away from, and somebody who must not land. */
const LEAP = { move: { name: "Leap", loads: ["jump" as const], impact: "high" as const }, demo: 10 };
const DOWNSTAIRS = only({ space: { jumping: false } });

export const PEOPLE_FAULTS = [
  plant("sides-uneven", STRAIGHT, [slotWith("a1", { sides: "swap" })]),
  plant("sides-uneven", STRAIGHT, [slotWith("a2", { sides: "inTurn", count: "total", dose: { reps: 9 } })]),
  plant("one-side-only", STRAIGHT, [slotWith("a1", { sides: "both" })]),
  plant("one-side-only", STRAIGHT, [slotWith("a2", { sides: "both" })]),
  plant("count-mixed", STRAIGHT, [
    slotAdded("a", { move: "split-squat", dose: { reps: 8 }, count: "total", sideChange: 10 }),
  ]),
  plant("count-mixed", HOUR, [slotWith("b1", { move: "goblet-squat" })]),
  plant("same-muscle", LAPS, [slotWith("a2", { move: "split-squat", sideChange: 5 })]),
  plant("same-muscle", STATIONS, [slotWith("a2", { move: "reverse-lunge" })]),
  plant("rest-muscle", PAIRS, [blockWith("a", { longRest: 20, rest: 15 })]),
  plant("rest-muscle", STRAIGHT, [blockWith("a", { rest: 40 })]),
  plant("grip-stack", STATIONS, [slotWith("a3", { move: "curl" }), blockWith("a", { rest: 5 })]),
  plant("grip-stack", HOUR, [
    blockWith("b", { rest: 8 }),
    slotWith("b1", { move: "dumbbell-hinge" }),
    slotWith("b2", { move: "curl" }),
  ]),
  plant("jumps-many", TWENTY, [
    slotWith("a1", { move: "star-jack" }),
    slotWith("a3", { move: "squat-jump" }),
  ]),
  plant("jumps-many", LAPS, [slotWith("a1", { move: "squat-jump" }), slotWith("a4", { move: "star-jack" })]),
  plant("failure-beginner", PAIRS, [slotWith("b2", { dose: { toLimit: 30 } })]),
  plant("failure-beginner", STRAIGHT, [slotWith("a3", { load: { rir: 0 } })]),
  plant("failure-beginner", PUSH, [slotWith("b1", { load: { rpe: 10 } })]),
  plant("failure-unstable", LAPS, [slotWith("a1", { move: "skater-hop", dose: { toLimit: 30 } })]),
  plant("failure-unstable", TWENTY, [slotWith("a1", { move: "skater-hop", dose: { toLimit: 20 } })]),
  plant("over-face", STRAIGHT, [slotWith("a3", { dose: { toLimit: 40 } })]),
  plant("over-face", STRAIGHT, [slotWith("a3", { move: "barbell-bench-press", load: { rir: 0 } })], {
    people: [ROOM, ROOM],
  }),
  plant("muscle-missing", PUSH, [classWith({ promise: { focus: ["full"] } })]),
  plant("muscle-missing", TWENTY, [classWith({ promise: { focus: ["full"] } })]),
  plant("push-pull", PUSH, [classWith({ promise: {} })]),
  plant("push-pull", PAIRS, [slotWith("a2", { move: "floor-press" })]),
  plant("week-many", PAIRS, [], {
    season: {
      atMs: AT,
      classes: [20, 40].map((hours) => ({ atMs: AT - hours * HOUR_MS, doc: hardSquats(12) })),
    },
  }),
  plant("week-few", PAIRS, [], { season: { atMs: AT, classes: [] } }),
  plant("too-soon", PAIRS, [], {
    season: { atMs: AT, classes: [{ atMs: AT - 30 * HOUR_MS, doc: goodClass(PAIRS) }] },
  }),
  plant("unmet", LAPS, [slotWith("a2", { move: ROPE_CLIMB })]),
  plant("unmet", FORM, [slotWith("a4", { move: ROPE_CLIMB })]),
  plant("home-unknown", LAPS, [], { people: [ROOM, [...ROOM, STRANGER]] }),
  plant("home-unknown", CHAIR, [], { people: [ROOM, [STRANGER, ...ROOM]] }),
  plant("one-level", LAPS, [slotWith("a4", { move: { name: "Stair dance" } })], { people: [[], []] }),
  plant("one-level", CAP, [slotWith("a1", { move: { name: "Stair dance" } })], { people: [[], []] }),
  plant("limit", LAPS, [], {
    people: [only({}), only({ limits: ["no-wrist-load"] })],
  }),
  plant("limit", PAIRS, [], { people: [only({}), only({ limits: ["shallow-knees"] })] }),
  plant("room", LAPS, [slotWith("a4", LEAP)], { people: [DOWNSTAIRS, DOWNSTAIRS] }),
  plant("room", TWENTY, [slotWith("a4", LEAP)], { people: [DOWNSTAIRS, DOWNSTAIRS] }),
  plant("load-jump", PAIRS, [], { people: [only(sets(10)), only(sets(12))] }),
  plant("load-jump", HOUR, [], { people: [only(sets(10)), only(sets(12))] }),
  plant("caution", TWENTY, [slotWith("a2", { move: "band-row" })]),
  plant("caution", CAP, [slotWith("a2", { move: "chair-press-up" })], {
    people: [only({}), only({ kit: kit({ type: "chair", sturdy: true }) })],
  }),
  plant("way-order", FORM, [slotWith("a2", { marks: { flat: { move: "press-up" } } })]),
  plant("way-order", PAIRS, [slotWith("b2", { marks: { sharp: { move: "wall-press-up" } } })]),
  plant("way-order", STRAIGHT, [slotWith("a1", { marks: { flat: { reps: 12 } } })]),
  plant("dose-hard", PAIRS, [slotWith("b2", { dose: { reps: 25 } })]),
  plant("dose-hard", CAP, [slotWith("a2", { move: "press-up", dose: { reps: 25 } })]),
  plant("hold-long", FLOW, [slotWith("a3", { move: "plank", dose: { hold: 90 } })]),
  plant("hold-long", LAPS, [slotWith("a1", { move: "wall-sit", dose: { hold: 90 } })]),
  plant("own-time", PAIRS, [slotWith("b2", { marks: { sharp: { reps: 14 } } })]),
  plant("own-time", STRAIGHT, [slotWith("a1", { marks: { sharp: { reps: 14 } } })]),
  plant("dose-kind", LAPS, [slotWith("a1", { move: "squat-jump", dose: { hold: 30 } })]),
  plant("dose-kind", STATIONS, [
    slotWith("a1", { move: "kettlebell-swing", dose: { seconds: 35, tempo: "3-0-1-0" } }),
  ]),
  plant("dose-kind", FLOW, [slotWith("a3", { move: "plank", dose: { reps: 10 } })]),
];
