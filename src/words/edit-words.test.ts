import fc from "fast-check";
import { expect, test } from "vitest";
import { copyBlock, joinBlocks, setRounds, splitBlock } from "../core/class/commands";
import type { Block } from "../core/class/document";
import type { Edit } from "../core/class/edits";
import { putEntry } from "../core/class/keyed";
import { newClass } from "../core/class/new-class";
import { LIBRARY_BOOK } from "../core/moves/library";
import { arbClass } from "../core/testing/arbitraries";
import { editText } from "./edit-words";
import { wordsIn } from "./languages";

const words = wordsIn("en");

test("every edit that is made can be told in words", () => {
  const doc = newClass("T", "density");
  const block = doc.blocks[0] as Block;
  const say = (edit: Edit | null) => (edit ? editText(edit, doc, LIBRARY_BOOK, words) : "");
  expect(say(setRounds(block, 3))).toBe("the rounds of Warm-up");
  expect(say(splitBlock(doc, block, "s2"))).toBe("the cut of a block in two");
  expect(say(joinBlocks(doc, block))).toBe("two blocks joined");
  expect(say(copyBlock(doc, block))).toBe("the copy of a block");
  expect(say(putEntry(doc, "overruled", { slot: "s4", person: "p", move: "plank" }))).toContain(
    "your own choice",
  );
});

test("of what was never met before it still says something", () => {
  fc.assert(
    fc.property(arbClass, fc.string({ minLength: 1 }), (doc, key) => {
      const edit = { op: "set", target: { in: "class" }, key, from: 1, to: 2 } as unknown as Edit;
      expect(editText(edit, doc, LIBRARY_BOOK, words)).not.toBe("");
    }),
  );
});
