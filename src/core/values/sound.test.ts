import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { DOCUMENT, isSoundText, type SoundBounds, unsound, utf8Bytes } from "./sound";

const bounds = (more: Partial<SoundBounds>): SoundBounds => ({ ...DOCUMENT, ...more });

describe("texts", () => {
  test("with a NUL or half of a character are not sound, all others are", () => {
    for (const text of ["a\0", "\0", "\ud83d", "x\udc00", "\udc00\ud83d"])
      expect(isSoundText(text)).toBe(false);
    for (const text of ["", "é", "😀", "\u0001\n\t", "\ufeff", "\uffff"])
      expect(isSoundText(text)).toBe(true);
  });

  test("have as many bytes as they take when they are written", () => {
    fc.assert(
      fc.property(fc.string({ unit: "binary", maxLength: 60 }), (text) => {
        if (text.isWellFormed()) expect(utf8Bytes(text)).toBe(Buffer.byteLength(text));
      }),
    );
  });
});

describe("a value", () => {
  test("of any JSON that is small is sound", () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 8 }), (value) => {
        const text = JSON.stringify(value);
        if (text.includes("\\u0000") || !text.isWellFormed() || /\\ud[89a-f]/i.test(text)) return;
        expect(unsound(JSON.parse(text), DOCUMENT)).toBeNull();
      }),
    );
  });

  test("is told with its place, the first in the order of the document", () => {
    expect(unsound({ a: [1, { b: "x\0" }], c: "\ud83d" }, DOCUMENT)).toEqual({
      path: "a[1].b",
      code: "unsound-text",
    });
    expect(unsound({ "k\0": 1 }, DOCUMENT)).toMatchObject({ path: "$", code: "unsound-text" });
    expect(unsound({ list: [[[1]]] }, bounds({ depth: 3 }))).toEqual({
      path: "list[0][0]",
      code: "too-deep",
      most: 3,
    });
    expect(unsound({ list: [1, 2, 3] }, bounds({ entries: 2 }))).toMatchObject({
      path: "list",
      code: "length",
    });
    expect(unsound({ text: "x".repeat(200) }, bounds({ bytes: 100 }))).toEqual({
      path: "$",
      code: "too-large",
      most: 100,
    });
  });

  test("as deep as JSON can be read stops at the bound and overflows nothing", () => {
    const deep = JSON.parse(`${"[".repeat(100_000)}${"]".repeat(100_000)}`);
    expect(unsound(deep, DOCUMENT)?.code).toBe("too-deep");
  });

  test("is never measured larger than it is written, and hardly smaller", () => {
    fc.assert(
      fc.property(fc.jsonValue({ maxDepth: 4 }), (value) => {
        const size = Buffer.byteLength(JSON.stringify(value));
        // Ten per cent and a little: escapes and long numbers are not counted.
        const least = bounds({ bytes: Math.max(0, Math.floor(size * 0.2) - 20) });
        const text = JSON.stringify(value);
        if (!/\\u|\d{5}/.test(text) && least.bytes > 0) expect(unsound(value, least)?.code).toBe("too-large");
      }),
    );
  });
});
