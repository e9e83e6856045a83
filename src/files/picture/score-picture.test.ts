import { readFileSync } from "node:fs";
import { createCanvas, loadImage } from "@napi-rs/canvas";
import fc from "fast-check";
import { XMLParser, XMLValidator } from "fast-xml-parser";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../../core/class/document";
import { LIBRARY_BOOK } from "../../core/moves/library";
import { scoreOf } from "../../core/score/score";
import { arbClass } from "../../core/testing/arbitraries";
import { wordsIn } from "../../words/languages";
import { facesIn } from "../fonts";
import { scorePng } from "./score-png";
import { INKINGS, PICTURE, PICTURE_MINUTES, pictureSize, scoreSvg } from "./score-svg";

const words = wordsIn("en");
const FACES = facesIn(new URL("../../../", import.meta.url).pathname);
const CIRCUIT: ClassDoc = JSON.parse(
  readFileSync(new URL("../../../examples/classes/2-circuit.json", import.meta.url), "utf8"),
);

describe("the score as a drawing", () => {
  test("is sound XML of any class, with every block's title, as another program reads it", () => {
    const arbTitle = fc.string({ unit: "binary", minLength: 1, maxLength: 20 });
    fc.assert(
      fc.property(arbClass, arbTitle, fc.constantFrom(...PICTURE_MINUTES), (doc, title, minutes) => {
        const named = { ...doc, title };
        const svg = scoreSvg(named, LIBRARY_BOOK, { ...PICTURE, minutes }, words);
        expect(XMLValidator.validate(svg)).toBe(true);
        const { svg: root } = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: "" }).parse(svg);
        const { width, height } = pictureSize(scoreOf(doc, LIBRARY_BOOK).seconds.plan, {
          ...PICTURE,
          minutes,
        });
        expect([Number(root.width), Number(root.height)]).toEqual([width, height]);
        expect(svg).not.toMatch(/NaN|undefined|Infinity/);
        // Nothing in it is fetched or run.
        expect(svg).not.toMatch(/<script|<image|href=|url\((?!#)/i);
      }),
      { numRuns: 60 },
    );
  });

  test("in grey has no colour", () => {
    const svg = scoreSvg(CIRCUIT, LIBRARY_BOOK, { ...PICTURE, inking: "grey" }, words);
    const colours = svg.match(/#[0-9a-f]{6}/g) ?? [];
    expect(colours.length).toBeGreaterThan(5);
    for (const colour of colours) expect(colour.slice(1, 3)).toBe(colour.slice(3, 5));
    for (const colour of colours) expect(colour.slice(3, 5)).toBe(colour.slice(5, 7));
  });
});

describe("the score as a picture", () => {
  test("is as large as it says, with bars and letters on it, in colour and in grey", async () => {
    for (const inking of INKINGS) {
      const options = { ...PICTURE, inking };
      const png = await scorePng(CIRCUIT, LIBRARY_BOOK, options, FACES, words);
      const image = await loadImage(Buffer.from(png));
      const { width, height } = pictureSize(scoreOf(CIRCUIT, LIBRARY_BOOK).seconds.plan, options);
      expect(image.width / image.height).toBeCloseTo(width / height, 2);
      const canvas = createCanvas(image.width, image.height);
      const context = canvas.getContext("2d");
      context.drawImage(image, 0, 0);
      const { data } = context.getImageData(0, 0, image.width, image.height);
      let [dark, coloured] = [0, 0];
      for (let i = 0; i < data.length; i += 4) {
        const [red = 0, green = 0, blue = 0] = data.subarray(i, i + 3);
        if (red + green + blue < 300) dark += 1;
        if (Math.abs(red - green) > 24) coloured += 1;
      }
      // A tenth of it is ink at the least; in grey none of it has a colour.
      expect(dark).toBeGreaterThan((image.width * image.height) / 50);
      if (inking === "grey") expect(coloured).toBe(0);
      else expect(coloured).toBeGreaterThan(1000);
    }
  });
});
