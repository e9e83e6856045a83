/** Good classes of strength: supersets, straight sets, a form class, pushing alone. */
import { coolDown, good, HELLO, STANDING_COOL_DOWN, STANDING_WARM_UP, warmUp, work } from "./build";

const SETS = { reps: { min: 8, plan: 10, max: 12 } } as const;

export const STRENGTH_CLASSES = [
  good(
    "Harbour pairs",
    "strength",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work(
        "a",
        "Legs and pull",
        [
          ["goblet-squat", SETS, { load: { rir: 2 } }],
          ["bent-row", SETS, { load: { rir: 2 } }],
        ],
        { rounds: 3, rest: 25, longRest: 90, demo: 15, after: 60 },
      ),
      work(
        "b",
        "Hips and push",
        [
          ["backpack-hinge", SETS, { load: { rir: 2 } }],
          ["press-up", { reps: 8 }],
        ],
        { rounds: 3, rest: 25, longRest: 90, demo: 15, after: 60 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
  good(
    "One thing at a time",
    "strength",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work(
        "a",
        "Straight sets",
        [
          ["split-squat", { reps: 8 }, { sideChange: 10, demo: 14 }],
          ["one-arm-row", { reps: 8 }, { sideChange: 10, demo: 14 }],
          ["floor-press", { reps: 10 }, { demo: 14 }],
        ],
        { loop: "station", rounds: 3, rest: 90, longRest: 120, after: 60 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    // One has 16 kg and a band for a row that they do with 4 reps.
    ["caution", "load-jump", "one-level"],
  ),
  good(
    "Well made",
    "form",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work(
        "a",
        "Slow and clean",
        [
          ["sit-to-stand", { reps: 8, tempo: "3-1-1-0" }, { demo: 15 }],
          ["wall-press-up", { reps: 10, tempo: "3-0-1-0" }, { demo: 15 }],
          ["hinge-reach", { reps: 8 }, { demo: 12 }],
          ["band-pull-apart", { reps: 10 }, { demo: 12 }],
        ],
        { rounds: 3, rest: 40, longRest: 75, after: 45 },
      ),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
  ),
  good(
    "Push only",
    "strength",
    [
      HELLO,
      warmUp(STANDING_WARM_UP),
      work("a", "Press", [["press-up", { reps: 8 }, { demo: 14 }]], { rounds: 3, rest: 90, after: 90 }),
      work("b", "Overhead", [["standing-press", SETS, { load: { rir: 2 }, demo: 14 }]], {
        rounds: 3,
        rest: 90,
        after: 45,
      }),
      coolDown(STANDING_COOL_DOWN),
    ],
    ["caution"],
    { promise: { focus: ["push"] } },
  ),
];
