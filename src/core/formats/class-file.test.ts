import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { newClass } from "../class/new-class";
import { arbClass } from "../testing/arbitraries";
import { classFileName, classFileText, parseJsonText } from "./class-file";

describe("a class file", () => {
  test("read back is the same document with its keys in the same order, laid out line by line", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const text = classFileText(doc);
        expect(text.endsWith("}\n")).toBe(true);
        const read = parseJsonText(text);
        expect(read.ok && JSON.stringify(read.value)).toBe(JSON.stringify(doc));
        // Every block and every slot begins on a line of its own.
        const slots = doc.blocks.reduce((sum, block) => sum + (block.slots?.length ?? 0), 0);
        expect(text.split("\n").length).toBeGreaterThanOrEqual(doc.blocks.length + slots);
      }),
    );
  });

  test("keeps what isn't ASCII, empty lists and empty objects", () => {
    const doc = { ...newClass('Ölför "now" ☂', "form"), "x-own": { list: [], none: {}, deep: [[[1]]] } };
    const read = parseJsonText(classFileText(doc as never));
    expect(read.ok && read.value).toEqual(doc);
  });

  test.each([
    ["Gale warning: legs and pull", "gale-warning-legs-and-pull.brontle.json"],
    ["  Ábreiða — kvöld  ", "abrei-a-kvold.brontle.json"],
    ["☂", "class.brontle.json"],
    ["../../etc/passwd", "etc-passwd.brontle.json"],
  ])("of %j gets a name that every system takes", (title, name) => {
    expect(classFileName({ ...newClass("T", "form"), title })).toBe(name);
  });

  test("of any title gets a short plain name", () => {
    fc.assert(
      fc.property(fc.string({ unit: "grapheme", maxLength: 200 }), (title) => {
        expect(classFileName({ ...newClass("T", "form"), title })).toMatch(
          /^[a-z0-9-]{1,60}\.brontle\.json$/,
        );
      }),
    );
  });

  test("that is no JSON is one fault, with the reason", () => {
    const read = parseJsonText("{ nonsense");
    expect(read).toMatchObject({ ok: false, error: [{ path: "$", code: "kind" }] });
    expect(parseJsonText("\uFEFF[1]")).toEqual({ ok: true, value: [1] });
  });
});
