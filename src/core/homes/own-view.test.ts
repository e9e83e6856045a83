import { expect, test } from "vitest";
import type { Person } from "./home";
import { keepingPrivate, OWN_KEYS, ownView, withoutPrivate } from "./own-view";

const person: Person = {
  id: "p1",
  name: "Ottavia Quill",
  kit: [{ id: "k", type: "towel" }],
  limits: ["no-jumping"],
  always: { "press-up": "wall-press-up" },
  coming: false,
};

test("a person sees what they said, and none of the instructor's choices about them", () => {
  expect(ownView(person)).toEqual({
    id: "p1",
    name: "Ottavia Quill",
    kit: person.kit,
    limits: person.limits,
  });
});

test("the instructor's keys can't be written by the person", () => {
  expect(OWN_KEYS).not.toContain("always");
  expect(OWN_KEYS).not.toContain("coming");
  expect(OWN_KEYS).not.toContain("id");
});

test("body mass and height are the person's own: they leave with no export, and no import takes them away", () => {
  const said: Person = { ...person, bodyKg: 71, heightCm: 182 };
  expect(ownView(said)).toMatchObject({ bodyKg: 71, heightCm: 182 });
  expect(withoutPrivate(said)).toEqual(person);
  expect(keepingPrivate(withoutPrivate(said), said)).toEqual(said);
  expect(keepingPrivate({ ...said, bodyKg: 73 }, said).bodyKg).toBe(73);
});
