import { expect, test } from "vitest";
import { checkRoster } from "./roster";

test("a roster tells every fault with its path", () => {
  const bad = {
    format: "brontle.roster",
    version: 1,
    people: [
      { id: "a", name: "A", kit: [{ id: "k", type: "anvil", kg: -1 }], limits: ["no-mondays"] },
      { id: "a", name: "" },
    ],
  };
  const checked = checkRoster(bad);
  expect(checked.ok ? [] : checked.error.map((fault) => fault.path).sort()).toEqual([
    "people[0].kit[0].kg",
    "people[0].kit[0].type",
    "people[0].limits[0]",
    "people[1].id",
    "people[1].name",
  ]);
});
