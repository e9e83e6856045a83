import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { LIBRARY } from "./library";
import { idOf, startingMove, withoutStaleFacts } from "./starting-move";

describe("a move of one's own", () => {
  test("like another begins with its facts, nameless, linked to it, and without what holds for that one's gym", () => {
    fc.assert(
      fc.property(fc.constantFrom(...LIBRARY), (like) => {
        const made = startingMove(like);
        expect({ id: made.id, name: made.name }).toEqual({ id: "", name: "" });
        expect(made.links).toEqual([{ to: like.id, kind: "swap", how: "position" }]);
        expect(made).not.toHaveProperty("gym");
        const { id: _id, name: _name, links: _links, gym: _gym, aliases: _aliases, ...facts } = like;
        expect(made).not.toHaveProperty("aliases");
        expect(made).toMatchObject(facts);
      }),
    );
  });

  test("keeps the body's facts of the one it is like as long as its position and words are those", () => {
    for (const like of LIBRARY) {
      const made = startingMove(like);
      expect(withoutStaleFacts(made), like.id).toEqual(made);
      const other = made.loads.includes("grip")
        ? made.loads.filter((load) => load !== "grip")
        : [...made.loads, "grip" as const];
      expect(withoutStaleFacts({ ...made, loads: other }), like.id).not.toHaveProperty("body");
      const position = made.position === "seated" ? ("standing" as const) : ("seated" as const);
      expect(withoutStaleFacts({ ...made, position }), like.id).not.toHaveProperty("body");
    }
    expect(withoutStaleFacts({ ...startingMove(null), id: "own" })).toMatchObject({ id: "own" });
  });

  test("like none begins as the plainest, linked to nothing", () => {
    const made = startingMove(null);
    expect(made).toMatchObject({ id: "", name: "", links: [] });
    expect(made.needs).toEqual([[]]);
  });
});

test("an id is lower-case words with dashes between, the same for the same name", () => {
  expect(idOf("  Quay-side Squat (Slow!) ")).toBe("quay-side-squat-slow");
  expect(idOf("Élan à côté")).toBe("e-lan-a-co-te");
  fc.assert(
    fc.property(fc.string({ unit: "grapheme" }), (name) => {
      const id = idOf(name);
      expect(id).toMatch(/^([a-z0-9]+(-[a-z0-9]+)*)?$/);
      expect(idOf(id)).toBe(id);
    }),
  );
});
