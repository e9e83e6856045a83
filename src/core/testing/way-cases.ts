/** The same for what is said of ways, doses, fillers and what people are ready for. */
import type { FindingCode } from "../review/finding";
import { block, doc, kit, main, type Pair, person, rounds, slot } from "./class-builders";

const PRESSES = kit({ type: "dumbbell", count: 2, kg: 8 });
const three = (more: Parameters<typeof person>[0] = {}) =>
  ["a", "b", "c"].map((id) => person({ id, name: `Person ${id.toUpperCase()}`, ...more }));

export const WAY_CASES = {
  // Hands on the floor is harder than knees on the floor.
  "way-order": {
    fires: {
      doc: doc([block([slot("knee-press-up", { reps: 8 }, { marks: { flat: { move: "press-up" } } })])]),
      people: [person({ mark: "flat" })],
    },
    quiet: {
      doc: doc([block([slot("press-up", { reps: 8 }, { marks: { flat: { move: "knee-press-up" } } })])]),
      people: [person({ mark: "flat" })],
    },
  },
  "dose-hard": {
    fires: { doc: doc([block([slot("press-up", { reps: 30 })])]), people: three() },
    quiet: { doc: doc([block([slot("press-up", { reps: 8 })])]), people: three() },
  },
  // A natural person holds a plank for about a minute.
  "hold-long": {
    fires: { doc: doc([block([slot("plank", { hold: 61 })])]) },
    quiet: { doc: doc([block([slot("plank", { hold: 60 })])]) },
  },
  // A squat takes 3 s: 10 of them 30 s, 11 are nothing that anybody notices.
  "own-time": {
    fires: {
      doc: doc([block([slot("bodyweight-squat", { reps: 10 }, { marks: { sharp: { reps: 12 } } })])]),
      people: [person({ mark: "sharp" })],
    },
    quiet: {
      doc: doc([block([slot("bodyweight-squat", { reps: 10 }, { marks: { sharp: { reps: 10 } } })])]),
      people: [person({ mark: "sharp" })],
    },
  },
  "dose-kind": {
    fires: { doc: doc([block([slot("squat-jump", { hold: 20 })])]) },
    quiet: { doc: doc([block([slot("squat-jump", { seconds: 20 })])]) },
  },
  "one-side-only": {
    fires: { doc: doc([block([slot("split-squat", { reps: 8 }, { sides: "both" })])]) },
    quiet: {
      doc: doc([
        block([
          slot("split-squat", { reps: 8 }, { sides: "swap" }),
          slot("bridge"),
          slot("split-squat", { reps: 8 }, { sides: "swap", firstSide: "right" }),
        ]),
      ]),
    },
  },
  // It wants 12 s.
  "demo-short": {
    fires: { doc: doc([block([slot("push-press", { seconds: 30 }, { demo: 5 })])]) },
    quiet: { doc: doc([block([slot("push-press", { seconds: 30 }, { demo: 12 })])]) },
  },
  "warmup-fit": {
    fires: {
      doc: doc([
        block([slot("march-on-the-spot", { seconds: 300 })], { role: "warmup" }),
        block([slot("press-up", { seconds: 40 }), slot("bent-row", { reps: 8 })]),
      ]),
    },
    quiet: {
      doc: doc([
        block([slot("march-on-the-spot", { seconds: 200 }), slot("arm-sweep", { seconds: 100 })], {
          role: "warmup",
        }),
        block([slot("press-up", { seconds: 40 }), slot("bent-row", { reps: 8 })]),
      ]),
    },
  },
  "filler-muscle": {
    fires: {
      doc: doc([block([slot("goblet-squat"), slot("press-up")], { rest: 30, restMove: "bodyweight-squat" })]),
    },
    quiet: {
      doc: doc([block([slot("goblet-squat"), slot("press-up")], { rest: 30, restMove: "slow-breathing" })]),
    },
  },
  "no-rest": {
    fires: { doc: doc([block([slot("squat-jump"), slot("skater-hop"), slot("star-jack")])]) },
    quiet: { doc: doc([block([slot("squat-jump"), slot("skater-hop")]), main(60, { prepare: 10 })]) },
  },
  "over-face": {
    fires: {
      doc: doc([block([slot("floor-press", { toLimit: 40 })])]),
      people: [person({ kit: PRESSES })],
    },
    quiet: {
      doc: doc([rounds(1, [slot("floor-press", { reps: 8 }, { load: { rir: 1 } })])]),
      people: [person({ kit: PRESSES })],
    },
  },
} as const satisfies Partial<Record<FindingCode, Pair>>;
