import { describe, expect, test } from "vitest";
import { newClass } from "../class/new-class";
import { LIBRARY_BOOK } from "../moves/library";
import { readSeason } from "./season";

const at = "2026-11-24T18:30:00Z";
const season = (more: object = {}) => ({
  format: "brontle.season",
  version: 1,
  at,
  classes: [{ at: "2026-11-22T18:30:00Z", class: newClass("Before", "strength") }],
  ...more,
});
const faultsOf = (value: unknown) => {
  const result = readSeason(value, LIBRARY_BOOK);
  return result.ok ? [] : result.error.map(({ path }) => path);
};

describe("a season file", () => {
  test("gives the instants and the classes", () => {
    const result = readSeason(season(), LIBRARY_BOOK);
    if (!result.ok) throw new Error("refused");
    expect(result.value.atMs).toBe(Date.parse(at));
    expect(result.value.classes.map(({ atMs, doc }) => [atMs, doc.title])).toEqual([
      [Date.parse("2026-11-22T18:30:00Z"), "Before"],
    ]);
    expect(faultsOf(season({ classes: [] }))).toEqual([]);
  });

  test("that is wrong says where, every fault at once", () => {
    expect(faultsOf(null)).toEqual(["$"]);
    expect(faultsOf(season({ format: "other", at: "tonight" }))).toEqual(["format", "at"]);
    expect(faultsOf(season({ at: "2026-13-45T99:00:00Z" }))).toEqual(["at"]);
    expect(faultsOf(season({ classes: undefined }))).toEqual(["classes"]);
    const broken = { at, class: { ...newClass("X", "form"), stance: "sideways" } };
    expect(faultsOf(season({ classes: [{ class: newClass("X", "form") }, broken, 7] }))).toEqual([
      "classes[0].at",
      "classes[1].class.stance",
      "classes[2]",
    ]);
  });
});
