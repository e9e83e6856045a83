import fc from "fast-check";
import { expect, test } from "vitest";
import { shortNames } from "./short-names";

const named = (...names: readonly string[]) => names.map((name, i) => ({ person: `p${i}`, name }));
const short = (...names: readonly string[]) => [...shortNames(named(...names)).values()];

test("names are as short as they can be told apart", () => {
  expect(short("Wren Aldous", "Kit Rowe")).toEqual(["Wren", "Kit"]);
  expect(short("Zoe Rowe", "Zoe Marrow", "Kit")).toEqual(["Zoe R.", "Zoe M.", "Kit"]);
  expect(short("Zoe Rowe", "Zoe Rasmus", "Zoe Marrow")).toEqual(["Zoe Rowe", "Zoe Rasmus", "Zoe M."]);
  expect(short("Zoe", "Zoe Rowe")).toEqual(["Zoe", "Zoe R."]);
});

test("two are the same only where their whole names are", () => {
  const arbName = fc.array(fc.constantFrom("Zoe", "Kit", "Wren", "Rowe", "Rasmus"), {
    minLength: 1,
    maxLength: 3,
  });
  fc.assert(
    fc.property(
      fc.uniqueArray(
        arbName.map((all) => all.join(" ")),
        { maxLength: 12 },
      ),
      (names) => {
        expect(new Set(short(...names)).size).toBe(names.length);
      },
    ),
  );
});
