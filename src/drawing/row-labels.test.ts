/** Labels of the score: none over another, none past its row; and what goes first where room is short. */
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import type { ClassDoc } from "../core/class/document";
import { LIBRARY_BOOK } from "../core/moves/library";
import { scoreRows } from "../core/score/rows";
import { scoreOf } from "../core/score/score";
import { templateClass } from "../core/starting/template";
import { TEMPLATES } from "../core/starting/templates";
import { arbClass } from "../core/testing/arbitraries";
import { classOf } from "../core/testing/classes";
import { GOOD_CLASSES } from "../core/testing/good";
import { wordsIn } from "../words/languages";
import { rowBrackets, rowsForTitles, TITLE_PX } from "./brackets";
import { drawnWords } from "./drawn-words";
import { slotFaces } from "./faces";
import { textWidth, wholeWords } from "./letters";
import type { Notch } from "./notches";
import { LABEL_PX, labelBox, rowLabels } from "./row-labels";

const ROW_SECONDS = 300;
const m = { pxPerSecond: 3, fullBar: 20, baseline: 44 };
const WIDE = ROW_SECONDS * m.pxPerSecond;

function labelsOf(
  doc: ClassDoc,
  notches: readonly Notch[] = [],
  selectedSlot: string | null = null,
  found: readonly number[] = [],
) {
  const context = {
    doc,
    faces: slotFaces(doc),
    said: drawnWords(wordsIn("en")),
    selectedSlot,
    below: { notches, found },
    curve: null,
  };
  const rows = scoreRows(scoreOf(doc, LIBRARY_BOOK).segments, ROW_SECONDS);
  return rows.map((row) => rowLabels(row, { ...context, rowSeconds: ROW_SECONDS, m }));
}

/** Every label and title of a class within its row, and no two of them over each other. */
function expectNoneMeets(doc: ClassDoc, notches: readonly Notch[], selectedSlot: string | null): void {
  const rows = scoreRows(scoreOf(doc, LIBRARY_BOOK).segments, ROW_SECONDS);
  const titles = new Map(doc.blocks.map(({ id, title }) => [id, title || "Circuit"]));
  const titleRows = rowsForTitles(rows);
  labelsOf(doc, notches, selectedSlot).forEach((labels, i) => {
    const row = rows[i];
    if (!row) throw new Error("no row");
    const heads = rowBrackets(row, m.pxPerSecond, titles, titleRows, null).filter(
      ({ title }) => title !== "",
    );
    const boxes = [
      ...labels.map((label) => ({ text: label.text, ...labelBox(label) })),
      ...heads.map(({ title, x }) => {
        return { text: title, left: x, right: x + textWidth(title, TITLE_PX, true), top: 2.5, bottom: 13.5 };
      }),
    ];
    for (const [n, a] of boxes.entries()) {
      expect(a.left, a.text).toBeGreaterThanOrEqual(-0.1);
      expect(a.right, a.text).toBeLessThanOrEqual(WIDE + 0.1);
      for (const b of boxes.slice(n + 1)) {
        const meet = a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
        expect(meet, `"${a.text}" and "${b.text}"`).toBe(false);
      }
    }
  });
}

/** A notch too short after every piece: more of them than any class has. */
function everyChange(doc: ClassDoc): readonly Notch[] {
  const { segments } = scoreOf(doc, LIBRARY_BOOK);
  return segments
    .filter(({ kind }) => kind === "work")
    .map(({ end }, i) => ({ at: end, needs: 20, short: 3 + (i % 17), people: 1 + (i % 30) }));
}

const longNames = (seconds: number, rest: number) =>
  classOf([
    {
      id: "m",
      title: "Main",
      rounds: 2,
      rest,
      longRest: 45,
      slots: [
        { id: "a", move: "goblet-squat", dose: { seconds } },
        { id: "b", move: "rear-foot-up-split-squat", dose: { seconds } },
      ],
    },
  ]);
const texts = (doc: ClassDoc) => labelsOf(doc).flatMap((labels) => labels.map(({ text }) => text));

describe("letters", () => {
  test("whole words are as many of the first as fit, and never end with a linking word", () => {
    expect(wholeWords("Inchworm to knees", 1000, 11)).toBe("Inchworm to knees");
    expect(wholeWords("Inchworm to knees", textWidth("Inchworm to knee", 11), 11)).toBe("Inchworm");
    expect(wholeWords("Inchworm", 10, 11)).toBe("");
    const arbWord = fc.constantFrom("Squat", "to", "and", "Wide", "é—x", "12", "");
    const arbText = fc.array(arbWord, { maxLength: 7 }).map((words) => words.join(" "));
    fc.assert(
      fc.property(arbText, fc.integer({ min: -5, max: 300 }), (text, px) => {
        const shown = wholeWords(text, px, LABEL_PX);
        expect(`${text} `.startsWith(shown === "" ? "" : `${shown} `)).toBe(true);
        if (shown !== "") expect(textWidth(shown, LABEL_PX)).toBeLessThanOrEqual(px);
        if (textWidth(text, LABEL_PX) <= px) expect(shown).toBe(text);
      }),
    );
  });
});

describe("labels of the score", () => {
  test("never meet, nor run past their row: any class, every change too short", () => {
    fc.assert(
      fc.property(arbClass, fc.boolean(), (doc, withSlot) => {
        fc.pre(scoreOf(doc, LIBRARY_BOOK).segments.length < 2000);
        const first = doc.blocks.flatMap((block) => ("slots" in block ? block.slots : []))[0];
        expectNoneMeets(doc, everyChange(doc), withSlot ? (first?.id ?? null) : null);
      }),
      { numRuns: 60 },
    );
  });

  test("never meet in the classes that are good, and in every starting point", () => {
    for (const doc of [...GOOD_CLASSES.map((good) => good.doc), ...TEMPLATES.map(templateClass)]) {
      for (const notches of [[], everyChange(doc)]) expectNoneMeets(doc, notches, null);
    }
  });

  test("are whole where there is room: a name runs over the rest that follows it", () => {
    expect(texts(longNames(40, 15))).toContain("2L Rear-foot-up split squat");
    expect(texts(longNames(20, 25))).toContain("1 Goblet squat");
  });

  test("go in their order: seconds of rests, numbers that repeat, then names by whole words", () => {
    const roomy = texts(longNames(60, 20));
    expect(roomy).toEqual(expect.arrayContaining(["1 Goblet squat", "2R", "rest 20", "round 2"]));
    const less = texts(longNames(20, 5));
    expect(less).toContain("2L Rear-foot-up split squat");
    expect(less).not.toContain("rest 5");
    const least = texts(longNames(8, 5));
    expect(least.some((text) => text.includes("…"))).toBe(false);
    expect(least.filter((text) => text.startsWith("1 "))).toEqual([]);
    expect(least).toContain("1");
  });

  test("of a piece that goes on in the next row stand where there is more room, once", () => {
    const doc = classOf([
      {
        id: "w",
        title: "Warm-up",
        rounds: 1,
        slots: [
          { id: "a", move: "march-on-the-spot", dose: { seconds: 290 } },
          { id: "b", move: "inchworm-to-knees", dose: { seconds: 40 } },
        ],
      },
    ]);
    const [first = [], second = []] = labelsOf(doc).map((labels) => labels.map(({ text }) => text));
    expect(first).toContain("2");
    expect(second).toHaveLength(1);
    expect(second[0]).toMatch(/^2 \w+/);
  });

  test("say by how much a change is too short, and for how many as long as there is room", () => {
    const doc = longNames(60, 20);
    const at = (seconds: number): Notch => ({ at: seconds, needs: 9, short: 6, people: 12 });
    const said = (...places: number[]) =>
      (labelsOf(doc, places.map(at))[0] ?? []).flatMap(({ text, tone, ...label }) =>
        tone === "rust" ? { text, right: labelBox({ ...label, text, tone }).right } : [],
      );
    expect(said(60).map(({ text }) => text)).toEqual(["6 s short for 12"]);
    expect(said(60, 82).map(({ text }) => text)).toEqual(["6 s short", "6 s short for 12"]);
    const [last] = said(298);
    expect(last?.text).toBe("6 s short for 12");
    expect(last?.right).toBeLessThanOrEqual(WIDE);
  });

  test("what is short is never written over a finding's mark", () => {
    const arbAt = fc.integer({ min: 0, max: 299 });
    fc.assert(
      fc.property(
        fc.uniqueArray(arbAt, { maxLength: 9 }),
        fc.uniqueArray(arbAt, { maxLength: 9 }),
        (ats, found) => {
          const notches = ats.sort((a, b) => a - b).map((at) => ({ at, needs: 9, short: 6, people: 12 }));
          const said = (
            labelsOf(
              longNames(60, 20),
              notches,
              null,
              found.sort((a, b) => a - b),
            )[0] ?? []
          )
            .filter(({ tone }) => tone === "rust")
            .map(labelBox);
          for (const { left, right } of said) {
            for (const at of found) {
              const mark = at * m.pxPerSecond;
              expect(mark + 3.2 <= left || mark - 3.2 >= right, `${at}`).toBe(true);
            }
          }
        },
      ),
    );
    const [one] =
      labelsOf(longNames(60, 20), [{ at: 60, needs: 9, short: 6, people: 12 }], null, [60])[0]?.filter(
        ({ tone }) => tone === "rust",
      ) ?? [];
    expect(one).toMatchObject({ text: "6 s short for 12", x: 185 });
  });
});
