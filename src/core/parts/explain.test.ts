import { expect, test } from "vitest";
import type { Person } from "../homes/home";
import type { KitItem } from "../homes/kit";
import { LIBRARY_BOOK } from "../moves/library";
import type { Move } from "../moves/move";
import { whyNot } from "./explain";

const move = (id: string) => LIBRARY_BOOK.get(id) as Move;
const with_ = (...kit: KitItem[]): Person => ({ id: "p", name: "P", kit, space: { floor: "smooth" } });

test("says that what is there is too heavy or too light, not that there is none", () => {
  const bell: KitItem = { id: "k", type: "dumbbell", count: 2, kg: 30 };
  expect(whyNot(move("side-raise"), with_(bell))).toMatchObject({ code: "kit-too-heavy" });
  const tin: KitItem = { id: "k", type: "tin", count: 2, grams: 200 };
  expect(whyNot(move("standing-press"), with_(tin))).toMatchObject({ code: "kit-too-light" });
  expect(whyNot(move("side-raise"), with_())).toMatchObject({ code: "no-kit" });
  expect(whyNot(move("side-raise"), with_({ id: "k", type: "dumbbell", count: 2, kg: 3 }))).toBeNull();
});
