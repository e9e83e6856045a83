/** Our own starting points in Spanish: whatever of them is read, and nothing of their amounts. */
import { expect, test } from "vitest";
import { newClass } from "../../core/class/new-class";
import { templateClass } from "../../core/starting/template";
import { TEMPLATES } from "../../core/starting/templates";
import { STARTING_IN_SPANISH } from "./spanish";
import { startingIn, titlesIn } from "./starting-in";

test("every title and every purpose of a starting point is there in Spanish", () => {
  const docs = TEMPLATES.map(templateClass);
  const read = [
    ...TEMPLATES.map(({ about }) => about),
    ...docs.map(({ title }) => title),
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
