import { describe, expect, test } from "vitest";
import { checkClass } from "../class/check-class";
import { LIBRARY_BOOK } from "../moves/library";
import type { Need } from "../moves/move";
import { partFor } from "../parts/parts";
import { classOf } from "../testing/classes";
import { fillingsOf } from "./fillings";
import type { Person } from "./home";
import { homeIndex } from "./home-index";
import type { KitItem } from "./kit";

const dumbbells = (count: number): Person => ({
  id: "p",
  name: "P",
  kit: Array.from({ length: count }, (_, i): KitItem => ({ id: `k${i}`, type: "dumbbell", kg: 1 + i })),
});
const held: Need = { as: "hand-weight" };
/** Nothing at home is as heavy as this. */
const never: Need = { as: "hand-weight", kg: [400, 400] };

describe("the search for ways to meet a move's needs", () => {
  test("sees all of an ordinary home, and says so", () => {
    const { list, stopped } = fillingsOf([[held, held]], homeIndex(dumbbells(5)));
    expect([list.length, stopped]).toEqual([20, false]);
  });

  test("stops in a home with more ways than are looked at, and says so", () => {
    const { list, stopped } = fillingsOf([[held, held]], homeIndex(dumbbells(40)));
    expect(list.length).toBeGreaterThan(50);
    expect(stopped).toBe(true);
  });

  test("of six things, the last of which fails in every way, comes to an end", () => {
    const needs = [held, held, held, held, held, { as: "hand-weight", kg: [30, 30], count: 2 } as Need];
    const from = performance.now();
    const { list, stopped } = fillingsOf([needs], homeIndex(dumbbells(30)));
    expect([list, stopped]).toEqual([[], false]);
    expect(fillingsOf([[held, held, held, held, never]], homeIndex(dumbbells(30)))).toEqual({
      list: [],
      stopped: false,
    });
    // Each can be met alone, but not together: only trying tells, and trying has an end.
    const alone = Array.from({ length: 6 }, (): Need => ({ as: "hand-weight", kg: [1, 5] }));
    const tried = fillingsOf([alone], homeIndex(dumbbells(30)));
    expect([tried.list, tried.stopped]).toEqual([[], false]);
    const more = Array.from({ length: 6 }, (_, i): Need => ({ as: "hand-weight", kg: [1, i < 3 ? 30 : 2] }));
    expect(fillingsOf([more], homeIndex(dumbbells(30))).stopped).toBe(true);
    expect(performance.now() - from).toBeLessThan(1000);
  });

  test("that stopped makes the part say that it isn't proved", () => {
    const own = { id: "lift", name: "Lift", repSeconds: 3, needs: [[held, held]] };
    const doc = {
      ...classOf([{ id: "b", title: "", slots: [{ id: "s", move: "lift", dose: { seconds: 40 } }] }]),
      moves: [own],
    };
    const checked = checkClass(doc, LIBRARY_BOOK);
    if (!checked.ok) throw new Error("faulty");
    expect(partFor(checked.value, dumbbells(40), LIBRARY_BOOK).exact).toBe(false);
    expect(partFor(checked.value, dumbbells(5), LIBRARY_BOOK).exact).toBe(true);
  });
});
