/** Good classes with a pulse: twenty on and ten off, every minute, laps, stations, against a cap, a mixed hour. */
import { coolDown, good, HELLO, STANDING_COOL_DOWN, STANDING_WARM_UP, warmUp, work } from "./build";

export const DENSITY_CLASSES = [
  good(
    "Twenty on, ten off",
    "density",
    [
      HELLO,
      warmUp([...STANDING_WARM_UP, ["side-step-reach", { seconds: 50 }]]),
      work(
        "a",
        "Four of them",
        [
          ["step-jack", { seconds: 20 }, { demo: 8 }],
          ["punches", { seconds: 20 }, { demo: 8 }],
          ["heel-flick-walk", { seconds: 20 }, { demo: 8 }],
          ["standing-knee-to-elbow", { seconds: 20 }, { demo: 10 }],
        ],
        { rounds: 4, rest: 10, longRest: 45, after: 45 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
  good(
    "On the minute",
    "density",
    [
      HELLO,
      warmUp([...STANDING_WARM_UP, ["good-morning", { seconds: 60 }]]),
      work(
        "a",
        "Every minute",
        [
          ["bodyweight-squat", { reps: 12, within: 60 }, { demo: 10 }],
          ["wall-press-up", { reps: 12, within: 60 }, { demo: 10 }],
          ["towel-row", { reps: 12, within: 60 }, { demo: 16 }],
        ],
        { rounds: 4, after: 45 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
  good(
    "Laps of the pier",
    "density",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work(
        "a",
        "Laps",
        [
          ["bodyweight-squat", { seconds: 40 }, { demo: 8 }],
          ["towel-row", { seconds: 40 }, { demo: 14 }],
          ["wall-press-up", { seconds: 40 }, { demo: 10 }],
          ["side-step-reach", { seconds: 40 }, { demo: 10 }],
        ],
        { rounds: 3, rest: 20, longRest: 60, after: 60 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
  good(
    "Five stations",
    "density",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work(
        "a",
        "Stations",
        [
          ["goblet-squat", { seconds: 35 }, { demo: 12 }],
          ["bent-row", { seconds: 35 }, { demo: 14 }],
          ["march-on-the-spot", { seconds: 35 }, { demo: 5 }],
          ["standing-press", { seconds: 35 }, { demo: 12 }],
          ["standing-knee-to-elbow", { seconds: 35 }, { demo: 10 }],
        ],
        { rounds: 3, rest: 20, longRest: 60, after: 60 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
  good(
    "As many as there are",
    "density",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work(
        "a",
        "Eight minutes",
        [
          ["bodyweight-squat", { reps: 8 }, { demo: 8 }],
          ["wall-press-up", { reps: 8 }, { demo: 10 }],
          ["good-morning", { reps: 8 }, { demo: 10 }],
        ],
        { cap: 480, after: 60 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
  good(
    "A mixed hour",
    "strength",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work(
        "a",
        "Strong first",
        [
          ["goblet-squat", { reps: { min: 8, plan: 10, max: 12 } }, { load: { rir: 2 } }],
          ["bent-row", { reps: { min: 8, plan: 10, max: 12 } }, { load: { rir: 2 } }],
        ],
        { rounds: 4, rest: 25, longRest: 90, demo: 15, after: 60 },
      ),
      work(
        "b",
        "Then round",
        [
          ["backpack-hinge", { seconds: 40 }, { demo: 12 }],
          ["wall-press-up", { seconds: 40 }, { demo: 10 }],
          ["towel-row", { seconds: 40 }, { demo: 12 }],
          ["standing-press", { seconds: 40 }, { demo: 12 }],
        ],
        { rounds: 3, rest: 45, longRest: 90, after: 60 },
      ),
      work(
        "c",
        "A pulse to end with",
        [
          ["step-jack", { seconds: 20 }, { demo: 8 }],
          ["punches", { seconds: 20 }, { demo: 8 }],
        ],
        { role: "finisher", rounds: 6, rest: 10, longRest: 10, after: 60 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
];
