import { expect, test } from "vitest";
import { makeBook } from "../../core/moves/book";
import { checkOwn } from "../../core/moves/check-own";
import { LIBRARY, LIBRARY_BOOK } from "../../core/moves/library";
import { startingMove } from "../../core/moves/starting-move";
import { screenIn } from "../../words/screens/screens";
import { placeOf } from "./fault-places";

const t = screenIn("moves", "en");

test("a fault is told by the field of the form in which it stands", () => {
  expect(placeOf("name", t)).toBe("Name");
  expect(placeOf("$.cues[1]", t)).toBe("Say, line 2");
  expect(placeOf("needs[0][1].kg", t)).toBe("Needs, line 1");
  expect(placeOf("muscles.primary[0]", t)).toBe("Trains first, line 1");
  expect(placeOf("$.strange", t)).toBe("strange");
});

test("whatever is wrong with an empty form has a field", () => {
  const found = checkOwn(
    { ...startingMove(null), muscles: {}, sides: "up", repSeconds: -1, needs: "" },
    LIBRARY_BOOK,
  );
  expect(found.ok).toBe(false);
  if (!found.ok) for (const { path } of found.error) expect(placeOf(path, t), path).toMatch(/^[A-Za-z]/);
});

test("from any move of the library one's own is made with nothing but a name", () => {
  for (const like of LIBRARY) {
    const own = { ...startingMove(like), id: "my-own-way", name: "My own way" };
    const made = checkOwn(JSON.parse(JSON.stringify(own)), makeBook(LIBRARY));
    expect(made.ok ? [] : made.error, like.id).toEqual([]);
  }
});
