/** For each code of a finding a class in which it fires, and one just at its threshold. */
import type { FindingCode } from "../review/finding";
import {
  AT,
  block,
  cooldown,
  doc,
  HOUR,
  hardSquats,
  kit,
  main,
  type Pair,
  person,
  ROPE_CLIMB,
  rounds,
  slot,
  warmup,
  words,
} from "./class-builders";
import { WAY_CASES } from "./way-cases";

/** For each code a class in which it fires, and one just at its threshold in which it does not. */
export const FINDING_CASES: Record<FindingCode, Pair> = {
  ...WAY_CASES,
  "length-over": {
    fires: { doc: doc([main(601, { after: 60 })], { promise: { minutes: 10 } }) },
    quiet: { doc: doc([main(660)], { promise: { minutes: 10 } }) },
  },
  "length-under": {
    fires: { doc: doc([main(530, { after: 5 })], { promise: { minutes: 10 } }) },
    quiet: { doc: doc([main(540)], { promise: { minutes: 10 } }) },
  },
  "length-loose": {
    fires: { doc: doc([block([slot("bodyweight-squat", { seconds: { min: 94, plan: 100, max: 105 } })])]) },
    quiet: { doc: doc([block([slot("bodyweight-squat", { seconds: { min: 95, plan: 100, max: 105 } })])]) },
  },
  "promise-moves": {
    fires: { doc: doc([block([slot("bodyweight-squat"), slot("bridge")])], { promise: { moves: 3 } }) },
    quiet: {
      doc: doc([block([slot("bodyweight-squat"), slot("bridge"), slot("bridge")])], {
        promise: { moves: 2 },
      }),
    },
  },
  "promise-kit": {
    fires: {
      doc: doc([block([slot("goblet-squat")])], { promise: { kit: ["towel"] } }),
      people: [person({ kit: kit({ type: "kettlebell", kg: 8 }) })],
    },
    quiet: {
      doc: doc([block([slot("goblet-squat")])], { promise: { kit: ["kettlebell"] } }),
      people: [person({ kit: kit({ type: "kettlebell", kg: 8 }) })],
    },
  },
  // Standing up from lying takes 7 s.
  // Getting up takes 7 s; under three seconds short is nothing that anybody notices.
  "gap-short": {
    fires: {
      doc: doc([rounds(2, [slot("bridge"), slot("bodyweight-squat")], { rest: 4, longRest: 60 })]),
      people: [person()],
    },
    quiet: {
      doc: doc([rounds(2, [slot("bridge"), slot("bodyweight-squat")], { rest: 5, longRest: 60 })]),
      people: [person()],
    },
  },
  "window-short": {
    fires: { doc: doc([block([slot("bodyweight-squat", { reps: 11, repSeconds: 3, within: 32 })])]) },
    quiet: { doc: doc([block([slot("bodyweight-squat", { reps: 11, repSeconds: 3, within: 33 })])]) },
  },
  // 24 words at 2.3 a second take 10.4 s.
  "words-long": {
    fires: {
      doc: doc([
        rounds(2, [slot("bodyweight-squat"), slot("bridge", { seconds: 40 }, { call: words(24) })], {
          rest: 10,
        }),
      ]),
    },
    quiet: {
      doc: doc([
        rounds(2, [slot("bodyweight-squat"), slot("bridge", { seconds: 40 }, { call: words(23) })], {
          rest: 10,
        }),
      ]),
    },
  },
  "not-shown": {
    fires: { doc: doc([block([slot("bodyweight-squat")])]) },
    quiet: {
      doc: doc([
        block([slot("bodyweight-squat")], { role: "warmup" }),
        block([slot("bodyweight-squat"), slot("bridge", { seconds: 30 }, { demo: 5 })]),
      ]),
    },
  },
  "no-water": {
    fires: { doc: doc([main(1000), main(201)]) },
    quiet: { doc: doc([main(1000), main(200)]) },
  },
  "sides-uneven": {
    fires: { doc: doc([rounds(3, [slot("split-squat", { reps: 8 }, { sides: "swap" })])]) },
    quiet: { doc: doc([rounds(4, [slot("split-squat", { reps: 8 }, { sides: "swap" })])]) },
  },
  "count-mixed": {
    fires: {
      doc: doc([
        block([
          slot("reverse-lunge", { reps: 10 }),
          slot("bridge"),
          slot("reverse-lunge", { reps: 10 }, { count: "total" }),
        ]),
      ]),
    },
    quiet: {
      doc: doc([
        block([slot("reverse-lunge", { reps: 10 }), slot("bridge"), slot("reverse-lunge", { reps: 12 })]),
      ]),
    },
  },
  "no-warmup": {
    fires: { doc: doc([warmup(179), main(600)]) },
    quiet: { doc: doc([warmup(180), main(600)]) },
  },
  "no-cooldown": {
    fires: { doc: doc([main(1600), cooldown(239)]) },
    quiet: { doc: doc([main(1600), cooldown(240)]) },
  },
  "stretch-early": {
    fires: { doc: doc([block([slot("calf-stretch", { hold: 60 })], { role: "warmup" }), main(60)]) },
    quiet: { doc: doc([block([slot("calf-stretch", { hold: 59 })], { role: "warmup" }), main(60)]) },
  },
  "same-muscle": {
    fires: { doc: doc([block([slot("bodyweight-squat"), slot("split-squat")])]) },
    quiet: { doc: doc([block([slot("bodyweight-squat"), slot("press-up"), slot("split-squat")])]) },
  },
  "rest-muscle": {
    fires: {
      doc: doc([rounds(3, [slot("goblet-squat", { reps: 8 }, { load: { rir: 2 } })], { longRest: 89 })]),
    },
    quiet: {
      doc: doc([rounds(3, [slot("goblet-squat", { reps: 8 }, { load: { rir: 2 } })], { longRest: 90 })]),
    },
  },
  "rest-stance": {
    fires: {
      doc: doc([block([slot("bodyweight-squat"), slot("split-squat")], { rest: 21 })], { stance: "density" }),
    },
    quiet: {
      doc: doc([block([slot("bodyweight-squat"), slot("split-squat")], { rest: 20 })], { stance: "density" }),
    },
  },
  "work-rest": {
    fires: {
      doc: doc([
        rounds(2, [slot("bridge", { seconds: 41 }), slot("press-up", { seconds: 41 })], {
          rest: 40,
          longRest: 80,
        }),
      ]),
    },
    quiet: {
      doc: doc([
        rounds(2, [slot("bridge", { seconds: 40 }), slot("press-up", { seconds: 40 })], {
          rest: 40,
          longRest: 80,
        }),
      ]),
    },
  },
  "grip-stack": {
    fires: {
      doc: doc([block([slot("bent-row", { seconds: 46 }), slot("curl", { seconds: 45 })], { rest: 10 })]),
    },
    quiet: {
      doc: doc([block([slot("bent-row", { seconds: 45 }), slot("curl", { seconds: 45 })], { rest: 10 })]),
    },
  },
  "hard-early": {
    fires: { doc: doc([warmup(359), block([slot("star-jack", { seconds: 20 })])]) },
    quiet: { doc: doc([warmup(360), block([slot("star-jack", { seconds: 20 })])]) },
  },
  "jumps-many": {
    fires: { doc: doc([block([slot("squat-jump", { reps: 81 })])]) },
    quiet: { doc: doc([block([slot("squat-jump", { reps: 80 })])]) },
  },
  "up-and-down": {
    fires: { doc: doc([rounds(7, [slot("bodyweight-squat"), slot("bridge")])]) },
    quiet: { doc: doc([rounds(6, [slot("bodyweight-squat"), slot("bridge")])]) },
  },
  "failure-beginner": {
    fires: {
      doc: doc([block([slot("bodyweight-squat", { toLimit: 40 })])]),
      people: [person({ mark: "flat" })],
    },
    quiet: {
      doc: doc([block([slot("bodyweight-squat", { toLimit: 40 })])]),
      people: [person({ mark: "natural" })],
    },
  },
  "failure-unstable": {
    fires: { doc: doc([block([slot("skater-hop", { toLimit: 40 })])]) },
    quiet: { doc: doc([block([slot("press-up", { toLimit: 40 })])]) },
  },
  "muscle-missing": {
    fires: {
      doc: doc([block([slot("bodyweight-squat"), slot("press-up"), slot("band-row")])], {
        promise: { focus: ["full"] },
      }),
    },
    quiet: {
      doc: doc(
        [block(["bodyweight-squat", "bridge", "press-up", "band-row", "plank"].map((move) => slot(move)))],
        { promise: { focus: ["full"] } },
      ),
    },
  },
  "push-pull": {
    fires: {
      doc: doc([rounds(4, [slot("floor-press", { reps: 8 })]), rounds(2, [slot("bent-row", { reps: 8 })])], {
        promise: { focus: ["push", "pull"] },
      }),
    },
    quiet: {
      doc: doc([rounds(3, [slot("floor-press", { reps: 8 })]), rounds(2, [slot("bent-row", { reps: 8 })])], {
        promise: { focus: ["push", "pull"] },
      }),
    },
  },
  "week-many": {
    fires: {
      doc: hardSquats(8),
      season: { atMs: AT, classes: [{ atMs: AT - 50 * HOUR, doc: hardSquats(9) }] },
    },
    quiet: {
      doc: hardSquats(8),
      season: { atMs: AT, classes: [{ atMs: AT - 50 * HOUR, doc: hardSquats(8) }] },
    },
  },
  "week-few": {
    fires: { doc: hardSquats(5), season: { atMs: AT, classes: [] } },
    quiet: {
      doc: doc([
        rounds(
          6,
          [
            slot(
              { name: "Own squat", muscles: { primary: ["quads"], secondary: [] } },
              { reps: 8 },
              { load: { rir: 2 } },
            ),
          ],
          { longRest: 120 },
        ),
      ]),
      season: { atMs: AT, classes: [] },
    },
  },
  "too-soon": {
    fires: {
      doc: hardSquats(6),
      season: { atMs: AT, classes: [{ atMs: AT - 47 * HOUR, doc: hardSquats(6) }] },
    },
    quiet: {
      doc: hardSquats(6),
      season: { atMs: AT, classes: [{ atMs: AT - 48 * HOUR, doc: hardSquats(6) }] },
    },
  },
  unmet: {
    fires: { doc: doc([block([slot(ROPE_CLIMB)])]), people: [person({ kit: [] })] },
    quiet: {
      doc: doc([block([slot(ROPE_CLIMB)])]),
      people: [person({ kit: [{ id: "bar", type: "overhead-bar" }] })],
    },
  },
  "home-unknown": {
    fires: { doc: doc([main(60)]), people: [{ id: "p", name: "Piet Skerry" }] },
    quiet: { doc: doc([main(60)]), people: [person({ kit: [] })] },
  },
  "one-level": {
    fires: { doc: doc([block([slot({ name: "Stair dance" })])]) },
    quiet: {
      doc: doc([
        block([
          slot(
            { name: "Stair dance" },
            { seconds: 30 },
            { marks: { flat: { note: "slower" }, sharp: { note: "faster" } } },
          ),
        ]),
      ]),
    },
  },
  limit: {
    fires: { doc: doc([block([slot("press-up")])]), people: [person({ limits: ["no-wrist-load"] })] },
    quiet: { doc: doc([block([slot("press-up")])]), people: [person({ limits: ["no-jumping"] })] },
  },
  room: {
    fires: {
      doc: doc([block([slot({ name: "Leap", loads: ["jump"], impact: "high" })])]),
      people: [person({ space: { jumping: false } })],
    },
    quiet: { doc: doc([block([slot("squat-jump")])]), people: [person({ space: { jumping: false } })] },
  },
  "load-jump": {
    fires: {
      doc: doc([block([slot("bent-row", { reps: { min: 8, max: 12 } }, { load: { rir: 2 } })])]),
      people: [
        person({
          kit: kit({ type: "dumbbell", count: 2, kg: 11 }),
          workingSets: [{ move: "bent-row", kg: 10, reps: 10, rir: 2 }],
        }),
      ],
    },
    quiet: {
      doc: doc([block([slot("bent-row", { reps: { min: 8, max: 12 } }, { load: { rir: 2 } })])]),
      people: [
        person({
          kit: kit({ type: "dumbbell", count: 2, kg: 10 }),
          workingSets: [{ move: "bent-row", kg: 10, reps: 10, rir: 2 }],
        }),
      ],
    },
  },
  caution: {
    fires: {
      doc: doc([block([slot("band-row")])]),
      people: [person({ kit: kit({ type: "tube-band", tension: "medium" }) })],
    },
    quiet: {
      doc: doc([block([slot("bodyweight-squat")])]),
      people: [person({ kit: kit({ type: "tube-band", tension: "medium" }) })],
    },
  },
  claim: {
    fires: { doc: doc([main(60, { title: "Burn your belly fat" })]) },
    quiet: { doc: doc([main(60, { title: "Belly to the floor, burn slowly like a lamp" })]) },
  },
  "move-unknown": {
    fires: { doc: doc([block([slot({ name: "Stair dance" })])]) },
    quiet: {
      doc: doc([
        block([
          slot({
            name: "Stair dance",
            pattern: "run",
            needs: [[]],
            muscles: { primary: ["quads"], secondary: [] },
          }),
        ]),
      ]),
    },
  },
};
