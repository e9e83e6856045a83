import { expect, test } from "vitest";
import { classOf } from "../testing/classes";
import { movesNamed } from "./named-moves";

test("the moves that a class names are those of slots, levels and fillers, once each, never what a text says", () => {
  const doc = classOf([
    {
      id: "m",
      title: '"band-row"',
      restMove: "march-on-the-spot",
      longRestMove: "calf-stretch",
      slots: [
        {
          id: "a",
          move: "goblet-squat",
          dose: { seconds: 40 },
          cue: 'like "press-up"',
          marks: { flat: { move: "bodyweight-squat" }, sharp: { move: { name: "Own" } } },
        },
        { id: "b", move: "goblet-squat", dose: { seconds: 40 } },
        { id: "c", move: { name: "plank" }, dose: { seconds: 40 } },
      ],
    },
  ]);
  expect([...movesNamed(doc)]).toEqual([
    "goblet-squat",
    "bodyweight-squat",
    "march-on-the-spot",
    "calf-stretch",
  ]);
});
