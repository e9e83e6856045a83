import { expect, test } from "vitest";
import { copySlot, moveBlock, setBlock, setSlot, together } from "../core/class/commands";
import { type Block, type ClassDoc, slotsOf } from "../core/class/document";
import { applyEdit, type Edit } from "../core/class/edits";
import { newClass } from "../core/class/new-class";
import { differences } from "../core/class/turn-into";
import { LIBRARY_BOOK } from "../core/moves/library";
import { differenceLines } from "./difference-words";
import { wordsIn } from "./languages";

const words = wordsIn("en");
const doc = newClass("T", "density");
const [first, main] = doc.blocks as [Block, Block];

const lines = (edit: Edit): readonly string[] => {
  const next = applyEdit(doc, edit);
  const to = next.ok ? next.value : doc;
  return differenceLines(differences(doc, to), to, LIBRARY_BOOK, words);
};

test("what differs is told with what it was and what it is", () => {
  const slot = slotsOf(main)[0] as NonNullable<ClassDoc["blocks"][number]["slots"]>[number];
  const edit = together([
    setSlot(slot, "dose", { seconds: 55 }),
    setBlock(main, "rest", { min: 10, max: 20 }),
    moveBlock(doc, first.id, null),
  ]);
  const told = lines(edit);
  expect(told.some((line) => line.endsWith("→ 55 s"))).toBe(true);
  expect(told.some((line) => line.endsWith("→ 10–20"))).toBe(true);
  expect(told.some((line) => line.includes("moved") || line.includes("place"))).toBe(true);
  expect(lines(copySlot(doc, main, slot).edit)).toHaveLength(1);
});

test("of two that are the same nothing is told", () => {
  expect(lines(together([]))).toEqual([]);
});
