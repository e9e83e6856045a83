/** Our own starting points in Spanish: whatever of them is read, and nothing of their amounts. */
import { expect, test } from "vitest";
import { addBlock, together } from "../../core/class/commands";
import { newClass } from "../../core/class/new-class";
import { LIBRARY_BOOK } from "../../core/moves/library";
import { plainEnd, proposedBlock } from "../../core/shape/proposed-block";
import { templateClass } from "../../core/starting/template";
import { TEMPLATES } from "../../core/starting/templates";
import { STARTING_IN_SPANISH } from "./spanish";
import { blocksRenamed, offeredIn, startingIn, titlesIn } from "./starting-in";

test("every title and every purpose of a starting point is there in Spanish", () => {
  const docs = TEMPLATES.map(templateClass);
  const empty = newClass("New class", "form");
  const offered = [
    plainEnd(empty, "warmup", 200),
    plainEnd(empty, "cooldown", 200),
    proposedBlock(empty, LIBRARY_BOOK, [], 900),
  ].flatMap((proposed) => proposed?.block ?? []);
  expect(offered).toHaveLength(3);
  const read = [
    ...TEMPLATES.map(({ about }) => about),
    ...docs.map(({ title }) => title),
    ...offered.map(({ title }) => title),
    ...[...docs, newClass("New class", "form")].flatMap(({ blocks }) => blocks.map(({ title }) => title)),
  ].filter(Boolean);
  expect(read.filter((text) => STARTING_IN_SPANISH[text] === undefined)).toEqual([]);
  expect(startingIn("Strength hour", "es")).toBe("Una hora de fuerza");
  expect(startingIn("Strength hour", "de")).toBe("Strength hour");
});

test("a class of ours has other titles, and is the same class", () => {
  for (const template of TEMPLATES) {
    const doc = templateClass(template);
    const own = titlesIn(doc, "es");
    expect(own.title).not.toBe(doc.title);
    const untitled = ({ blocks, ...rest }: typeof doc) => ({
      ...rest,
      title: "",
      blocks: blocks.map((block) => ({ ...block, title: "" })),
    });
    expect(untitled(own)).toEqual(untitled(doc));
    expect(titlesIn(doc, "en")).toBe(doc);
  }
  expect(titlesIn(newClass("Quay legs", "form"), "es").title).toBe("Quay legs");
});

test("a block that is put into somebody's class is called in their language; theirs stay as they are", () => {
  const doc = { ...newClass("Quay", "form"), title: "Main" };
  const theirs = new Set(doc.blocks.slice(0, 2).map(({ id }) => id));
  const own = titlesIn(doc, "es", theirs);
  expect([own.title, ...own.blocks.map(({ title }) => title)]).toEqual([
    "Main",
    "Warm-up",
    "Main",
    "Vuelta a la calma",
  ]);
  const { block, before } = plainEnd(doc, "warmup", 120);
  const offered = offeredIn(together([addBlock(block, before)]), "es");
  expect(offered).toEqual(together([addBlock({ ...block, title: "Calentamiento" }, before)]));
  expect(offeredIn(addBlock(block, before), "en")).toEqual(addBlock(block, before));
});

test("reasons tell of a block by its other name, however deep they stand", () => {
  const says = [{ code: "block-in", block: { block: "Main" }, more: { in: [{ block: "Hello" }, "Main"] } }];
  expect(blocksRenamed(says, (title) => title.toUpperCase())).toEqual([
    { code: "block-in", block: { block: "MAIN" }, more: { in: [{ block: "HELLO" }, "Main"] } },
  ]);
});
