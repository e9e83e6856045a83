import { expect, test } from "vitest";
import { NEED_ROLES } from "../moves/move";
import { KIT_TYPES, kitFacts } from "./kit-types";
import { fillersOf } from "./match";

test("every type asks for what its weight comes from", () => {
  const asked = {
    kg: ["kg"],
    range: ["minKg", "maxKg"],
    litres: ["litres"],
    grams: ["grams"],
    load: ["maxKg"],
  };
  for (const type of KIT_TYPES) {
    const { weighs, asks, fills, typical, begins, bears } = kitFacts(type);
    if (weighs) expect(asks, type).toEqual(expect.arrayContaining(asked[weighs]));
    // What is named for a role can fill it; what begins sturdy is asked whether it is.
    expect(fills, type).toEqual(expect.arrayContaining([...typical]));
    if (begins.sturdy) expect(bears, type).toBe(true);
  }
});

test("every role is filled by something at home, but for what only a gym has; the first is what people would name", () => {
  const empty = NEED_ROLES.filter((role) => fillersOf(role).length === 0);
  expect([...empty].sort()).toEqual(["cable", "machine"]);
  const first = (role: (typeof NEED_ROLES)[number]) => fillersOf(role)[0];
  expect([
    first("support"),
    first("filling"),
    first("hand-weight"),
    first("anchor"),
    first("slider-pair"),
  ]).toEqual(["chair", "bottle", "dumbbell", "door-anchor", "slider"]);
  expect([...fillersOf("held-weight")].sort()).toEqual([
    "adjustable-dumbbell",
    "backpack",
    "books",
    "bottle",
    "dumbbell",
    "jug",
    "kettlebell",
    "medicine-ball",
    "plate",
    "sandbag",
  ]);
  expect([...fillersOf("support")].sort()).toEqual([
    "bed",
    "bench",
    "books",
    "chair",
    "counter",
    "sofa",
    "stairs",
    "step",
    "table",
  ]);
});
