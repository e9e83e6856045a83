/** Good classes that are kind: seated, a flow, a lunch break with nothing. */
import { coolDown, good, HELLO, warmUp, work } from "./build";

export const GENTLE_CLASSES = [
  good(
    "Sitting at the slip",
    "form",
    [
      HELLO,
      warmUp([
        ["seated-march", { seconds: 60 }],
        ["seated-arm-sweep", { seconds: 60 }],
        ["ankle-circle", { seconds: 30 }, { sideChange: 5 }],
        ["seated-back-wave", { seconds: 60 }],
        ["shoulder-roll", { seconds: 60 }],
      ]),
      work(
        "a",
        "From the chair",
        [
          ["seated-leg-straighten", { seconds: 40 }, { demo: 10 }],
          ["seated-bent-row", { reps: 10 }, { demo: 14 }],
          ["seated-knees-out", { seconds: 40 }, { demo: 10 }],
          ["seated-reach", { seconds: 40 }, { demo: 10 }],
        ],
        { rounds: 3, rest: 35, longRest: 75, after: 45 },
      ),
      coolDown([
        ["seated-hamstring-stretch", { hold: 30 }, { sideChange: 5 }],
        ["seated-side-bend", { hold: 30 }, { sideChange: 5 }],
        ["slow-breathing", { hold: 90 }],
        ["neck-stretch", { hold: 20 }, { sideChange: 5 }],
      ]),
    ],
    ["caution"],
  ),
  good(
    "Slow water",
    "form",
    [
      HELLO,
      warmUp(
        [
          ["back-wave", { seconds: 60 }],
          ["thread-the-needle", { seconds: 40 }, { sideChange: 5 }],
          ["half-kneeling-rock", { seconds: 40 }, { sideChange: 10 }],
          ["open-book", { seconds: 40 }, { sideChange: 8 }],
        ],
        { rest: 10 },
      ),
      work(
        "a",
        "Flow",
        [
          ["bridge", { seconds: 50 }, { demo: 12 }],
          ["dead-bug", { seconds: 50 }, { demo: 14 }],
          ["knee-roll", { seconds: 50 }, { demo: 10 }],
        ],
        { rounds: 2, rest: 40, longRest: 75, after: 30 },
      ),
      coolDown([
        ["knees-to-chest", { hold: 50 }],
        ["figure-four", { hold: 40 }, { sideChange: 5 }],
        ["lying-twist-stretch", { hold: 40 }, { sideChange: 5 }],
      ]),
    ],
    ["caution"],
  ),
  good(
    "Lunch on the quay",
    "density",
    [
      warmUp(
        [
          ["march-on-the-spot", { seconds: 50 }],
          ["arm-sweep", { seconds: 45 }],
          ["squat-reach", { seconds: 45 }],
          ["hinge-reach", { seconds: 45 }],
        ],
        { brief: 30 },
      ),
      work(
        "a",
        "Nothing but the floor",
        [
          ["bodyweight-squat", { seconds: 30 }, { demo: 8 }],
          ["wall-press-up", { seconds: 30 }, { demo: 10 }],
          ["good-morning", { seconds: 30 }, { demo: 10 }],
          ["standing-knee-to-elbow", { seconds: 30 }, { demo: 10 }],
        ],
        { rounds: 3, rest: 15, longRest: 50, after: 30 },
      ),
      coolDown([
        ["slow-breathing", { hold: 50 }],
        ["calf-stretch", { hold: 30 }, { sideChange: 5 }],
        ["open-arms-stretch", { hold: 30 }],
      ]),
    ],
    ["caution"],
  ),
];
