import { describe, expect, test } from "vitest";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { exposureAt } from "../testing/exposures";
import { historyByMove, regionBeliefs } from "./history";

const person: Person = {
  id: "ines",
  name: "Ines",
  bodyKg: 70,
  workingSets: [
    { move: "goblet-squat", kg: 12, reps: 10, rir: 3, date: "2026-10-20" },
    { move: "goblet-squat", kg: 16, reps: 12, rir: 2, date: "2026-11-20" },
  ],
};
const at = (day: string, move = "goblet-squat") => exposureAt(day, { move });

describe("what somebody did over time", () => {
  test("stands in order with what was believed then, the move done most often first", () => {
    const history = historyByMove(
      person,
      [at("2026-11-20"), at("2026-10-20"), at("2026-11-20", "plank")],
      LIBRARY_BOOK,
    );
    expect(history.map(({ move }) => move)).toEqual(["goblet-squat", "plank"]);
    const [first, last] = history[0]?.points ?? [];
    expect(first?.exposure.day).toBe("2026-10-20");
    // More was shown since, and by then it was believed.
    expect(last?.maximum?.median).toBeGreaterThan(first?.maximum?.median ?? Number.POSITIVE_INFINITY);
    expect(history[1]?.points[0]?.maximum).toBeNull();
    for (const { maximum } of history[0]?.points ?? []) {
      expect(maximum?.low).toBeLessThan(maximum?.median ?? 0);
      expect(maximum?.median).toBeLessThan(maximum?.high ?? 0);
    }
  });

  test("is told by region with how it moved", () => {
    const [knee] = regionBeliefs(person, LIBRARY_BOOK, { before: "2026-10-21", on: "2026-11-21" });
    expect(knee).toMatchObject({ region: "knee", move: "goblet-squat" });
    expect(knee?.now.median).toBeGreaterThan(knee?.before.median ?? Number.POSITIVE_INFINITY);
    expect(
      regionBeliefs({ id: "x", name: "X" }, LIBRARY_BOOK, { before: "2026-10-21", on: "2026-11-21" }),
    ).toEqual([]);
  });
});
