import { readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test } from "vitest";
import { WebVTTParser } from "webvtt-parser";
import { read as readSheet, utils } from "xlsx";
import type { ClassDoc } from "../../core/class/document";
import { slotsOf } from "../../core/class/document";
import { bookFor, resolveMove } from "../../core/moves/book";
import { LIBRARY_BOOK } from "../../core/moves/library";
import { scoreOf } from "../../core/score/score";
import { callSheet } from "../../core/shape/call-sheet";
import { arbClass } from "../../core/testing/arbitraries";
import { wordsIn } from "../../words/languages";
import { spokenLines } from "../../words/shape-words";
import { classSheet } from "../sheet/class-sheet";
import { captionsOf } from "./captions";
import { asPlanned, chapterLines, chaptersOf, chapterTrack } from "./chapters";
import { sheetMarkdown } from "./markdown";
import { TIMELINE_COLUMNS, timelineCsv } from "./timeline";

const words = wordsIn("en");
const demo = (name: string): ClassDoc =>
  JSON.parse(readFileSync(new URL(`../../../examples/classes/${name}.json`, import.meta.url), "utf8"));
const CIRCUIT = demo("2-circuit");

interface Parsed {
  readonly cues: readonly { readonly startTime: number; readonly endTime: number; readonly text: string }[];
  readonly errors: readonly { readonly message: string; readonly line: number }[];
}

/** What a reader of captions that isn't ours finds, and says is wrong. */
function parsed(text: string) {
  const { cues, errors }: Parsed = new WebVTTParser().parse(text, "metadata");
  return { cues, errors: errors.map(({ message, line }) => `${line}: ${message}`) };
}

describe("captions", () => {
  const options = { wordsPerSecond: 2.3, offsetSeconds: 0, parts: [] };

  test("say each line of the call sheet at its second, as another program reads them", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: 0, max: 4000 }), (doc, offsetSeconds) => {
        const { cues, errors } = parsed(captionsOf(doc, LIBRARY_BOOK, { ...options, offsetSeconds }, words));
        expect(errors).toEqual([]);
        const lines = spokenLines(callSheet(doc, LIBRARY_BOOK, []), words, 2.3).filter(
          ({ text }) => text.trim() !== "",
        );
        expect(cues).toHaveLength(lines.length);
        const told = lines.map(({ at }) => Math.round((at + offsetSeconds) * 1000)).sort((a, b) => a - b);
        expect(cues.map(({ startTime }) => Math.round(startTime * 1000))).toEqual(told);
        for (const { startTime, endTime } of cues) expect(endTime).toBeGreaterThan(startTime);
      }),
      { numRuns: 60 },
    );
  });

  test("have no sign that would be taken for a mark or a time", () => {
    const doc = {
      ...CIRCUIT,
      blocks: CIRCUIT.blocks.map((block) => ({
        ...block,
        slots: slotsOf(block).map((slot) => ({ ...slot, cue: "A <b>&amp; --> 00:01 B" })),
      })),
    };
    const text = captionsOf(doc, LIBRARY_BOOK, options, words);
    const { cues, errors } = parsed(text);
    expect(errors).toEqual([]);
    expect(cues.some((cue) => cue.text.includes("&lt;b&gt;&amp;amp; --&gt; 00:01 B"))).toBe(true);
  });
});

describe("chapters", () => {
  test("begin at 0:00 and follow each other, in lines and as a track", () => {
    fc.assert(
      fc.property(arbClass, fc.integer({ min: 0, max: 900 }), (doc, offset) => {
        const planned = asPlanned(doc, LIBRARY_BOOK);
        const chapters = chaptersOf(doc, LIBRARY_BOOK, planned, words, offset * 1000);
        expect(chapters[0]?.atMs).toBe(0);
        for (const [i, { atMs }] of chapters.entries())
          if (i > 0) expect(atMs).toBeGreaterThanOrEqual(chapters[i - 1]?.atMs ?? 0);
        const lines = chapterLines(chapters).trimEnd().split("\n");
        expect(lines[0]).toMatch(/^0:00 ./);
        expect(lines).toHaveLength(chapters.length);
        const endMs = (scoreOf(doc, LIBRARY_BOOK).seconds.plan + offset) * 1000;
        const { cues, errors } = parsed(chapterTrack(chapters, endMs));
        expect(errors).toEqual([]);
        expect(cues.map(({ startTime }) => Math.round(startTime * 1000))).toEqual(
          chapters.map(({ atMs }) => atMs),
        );
        // Each block is one, at its own beginning.
        expect(chapters.length).toBeGreaterThanOrEqual(doc.blocks.length);
      }),
      { numRuns: 60 },
    );
  });

  test("of a class that was taught are where things truly began", () => {
    const planned = asPlanned(CIRCUIT, LIBRARY_BOOK);
    // Held up by half a minute after its first minute.
    const played = planned.map(({ index, atMs }) => ({ index, atMs: atMs > 60_000 ? atMs + 30_000 : atMs }));
    const times = (list: typeof planned) =>
      chaptersOf(CIRCUIT, LIBRARY_BOOK, list, words).map(({ atMs }) => atMs);
    expect(times(played)).toEqual(times(planned).map((atMs) => (atMs > 60_000 ? atMs + 30_000 : atMs)));
  });
});

describe("a timeline", () => {
  /** What a reader of spreadsheets finds in it. */
  const rowsOf = (csv: string) => {
    const { Sheets, SheetNames } = readSheet(csv, { type: "string", raw: true });
    return utils.sheet_to_json<Record<string, string>>(Sheets[SheetNames[0] as string] as never, {
      defval: "",
    });
  };

  test("adds up to the class, line by line, as a spreadsheet reads it", () => {
    fc.assert(
      fc.property(arbClass, (doc) => {
        const rows = rowsOf(timelineCsv(doc, LIBRARY_BOOK));
        const score = scoreOf(doc, LIBRARY_BOOK);
        expect(rows).toHaveLength(score.segments.length);
        expect(Object.keys(rows[0] ?? {})).toEqual([...TIMELINE_COLUMNS]);
        let at = 0;
        for (const row of rows) {
          expect(Number(row.start_seconds)).toBe(at);
          at += Number(row.seconds);
        }
        expect(at).toBe(score.seconds.plan);
      }),
      { numRuns: 60 },
    );
  });

  test("has no cell that a spreadsheet would work out", () => {
    for (const title of ["=1+1", "+SUM(A1)", "-2", "@x", "\t=2", '=HYPERLINK("http://x","y")']) {
      const doc = { ...CIRCUIT, blocks: CIRCUIT.blocks.map((block) => ({ ...block, title })) };
      const { Sheets, SheetNames } = readSheet(timelineCsv(doc, LIBRARY_BOOK), { type: "string" });
      const sheet = Sheets[SheetNames[0] as string] as Record<
        string,
        { f?: string; t?: string; v?: unknown }
      >;
      for (const [cell, { f }] of Object.entries(sheet))
        if (/^[A-Z]/.test(cell)) expect(f, cell).toBeUndefined();
      expect(JSON.stringify(sheet.E2?.v)).toMatch(/^"'/);
    }
  });
});

describe("Markdown", () => {
  test("has a table a block whose rows have as many cells as their heading, whatever stands in them", () => {
    fc.assert(
      fc.property(arbClass, fc.string({ unit: "grapheme", maxLength: 20 }), (doc, name) => {
        const named = { ...doc, title: `${name}x` };
        const sheet = classSheet({ doc: named, library: LIBRARY_BOOK, parts: [], studio: name }, words);
        const lines = sheetMarkdown(sheet, words).split("\n");
        // Cells are divided by bars that no backslash stands before.
        for (const line of lines) if (line.startsWith("|")) expect(line.match(/(?<!\\)\|/g)).toHaveLength(6);
        expect(lines.filter((line) => line.startsWith("# "))).toHaveLength(1);
        expect(lines.filter((line) => line.startsWith("## "))).toHaveLength(doc.blocks.length);
      }),
      { numRuns: 60 },
    );
  });

  test("names every move", () => {
    const sheet = classSheet({ doc: CIRCUIT, library: LIBRARY_BOOK, parts: [], studio: "" }, words);
    const text = sheetMarkdown(sheet, words);
    for (const slot of CIRCUIT.blocks.flatMap(slotsOf))
      expect(text).toContain(resolveMove(slot.move, bookFor(CIRCUIT, LIBRARY_BOOK)).name);
  });
});
