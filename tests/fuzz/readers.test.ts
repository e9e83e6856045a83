/**
 * Every reader of the core against damaged input: it gives a value or faults, never throws, never takes a
 * second; and what it takes can be timed, printed, read through, shaped and mended without either.
 */

import { readdirSync, readFileSync } from "node:fs";
import fc from "fast-check";
import { describe, expect, test, vi } from "vitest";
import { checkClass } from "../../src/core/class/check-class";
import type { ClassDoc } from "../../src/core/class/document";
import { applyChecked } from "../../src/core/class/history";
import { isEdit } from "../../src/core/class/read-edit";
import { blockShape, sentenceNumbers, stepEdit } from "../../src/core/class/sentence";
import { THRESHOLDS } from "../../src/core/effort/thresholds";
import { classFileText, parseJsonText } from "../../src/core/formats/class-file";
import { readKit } from "../../src/core/formats/kit-words";
import { readRosterCsv, rosterCsv } from "../../src/core/formats/roster-csv";
import type { Person } from "../../src/core/homes/home";
import { checkPerson, checkRoster } from "../../src/core/homes/roster";
import { clockState } from "../../src/core/live/fold";
import { liveScore } from "../../src/core/live/live-score";
import { checkOwn } from "../../src/core/moves/check-own";
import { LIBRARY, LIBRARY_BOOK } from "../../src/core/moves/library";
import { kitToAnnounce, nextThings } from "../../src/core/parts/announce";
import { partsFor } from "../../src/core/parts/everyone";
import { partFor } from "../../src/core/parts/parts";
import { readThrough } from "../../src/core/review/read-through";
import { readSeason } from "../../src/core/review/season";
import { scoreJson, scoreOf } from "../../src/core/score/score";
import { readSettings, SETTINGS } from "../../src/core/settings/settings";
import { callSheet } from "../../src/core/shape/call-sheet";
import { fitClass } from "../../src/core/shape/fit";
import { orderStations } from "../../src/core/shape/order";
import { shapePieces } from "../../src/core/shape/shape-json";
import { arbClass } from "../../src/core/testing/arbitraries";
import { MOST_FAULTS } from "../../src/core/values/check-values";
import { faultLine } from "../../src/core/values/faults";
import { findingText } from "../../src/words/finding-words";
import { wordsIn } from "../../src/words/languages";
import { spokenLines } from "../../src/words/shape-words";
import { fuzz } from "../shared/fuzz";
import { mutated, pick, torn } from "../shared/mutate";
import { FULL, OWN_MOVE } from "./full";

const json = (path: string) => JSON.parse(readFileSync(new URL(`../../${path}`, import.meta.url), "utf8"));
const files = (folder: string) =>
  readdirSync(new URL(`../../${folder}`, import.meta.url))
    .filter((name) => name.endsWith(".json") && !name.includes("expected"))
    .map((name) => json(`${folder}/${name}`));

const roster = json("demo/roster.json") as { people: Person[] };
const CLASSES: readonly unknown[] = [
  FULL,
  FULL,
  ...files("demo/classes"),
  ...files("tests/cases"),
  ...fc.sample(arbClass, { numRuns: 20, seed: 7 }),
];
const PEOPLE: readonly Person[] = [
  ...roster.people.slice(0, 6),
  {
    id: "full",
    name: "Full",
    kit: roster.people
      .flatMap((person) => person.kit ?? [])
      .map((item, i) => ({ ...item, id: `k${i}` }))
      .slice(0, 90),
  } as Person,
];
const usualDoc = FULL as unknown as ClassDoc;
const [first, second] = PEOPLE as [Person, Person];

const faultsAreBounded = (faults: readonly { path: string }[]) => {
  expect(faults.length).toBeGreaterThan(0);
  expect(faults.length).toBeLessThanOrEqual(MOST_FAULTS + 1);
  expect(faults.map((fault) => faultLine(fault as never)).join("\n").length).toBeLessThan(200_000);
};

/** All that the application does with a class. */
function doAll(doc: ClassDoc, everything: boolean): void {
  const score = scoreOf(doc, LIBRARY_BOOK);
  JSON.stringify(scoreJson(score));
  expect(JSON.parse(classFileText(doc))).toEqual(JSON.parse(JSON.stringify(doc)));
  for (const block of doc.blocks) {
    blockShape(block);
    for (const number of sentenceNumbers(block)) applyChecked(doc, stepEdit(block, number, 1), LIBRARY_BOOK);
  }
  if (!everything) return;
  const people = [first, second];
  const parts = partsFor(doc, people, LIBRARY_BOOK);
  kitToAnnounce(parts, people);
  const input = { doc, library: LIBRARY_BOOK, people, parts };
  const findings = readThrough(input);
  for (const { fixes } of findings) {
    for (const { edit } of fixes) {
      const next = applyChecked(doc, edit, LIBRARY_BOOK);
      expect(next.ok, JSON.stringify(next.ok ? "" : next.error)).toBe(true);
    }
  }
  for (const piece of shapePieces(doc, LIBRARY_BOOK, parts, THRESHOLDS)) expect(typeof piece).toBe("string");
  for (const line of spokenLines(callSheet(doc, LIBRARY_BOOK, parts), wordsIn("en"), 2.3)) {
    expect(line.text).not.toBe("");
  }
  for (const finding of findings) expect(findingText(finding, wordsIn("en"))).toMatch(/\S/);
  clockState(liveScore(doc, score), [], 0);
}

const isLong = (doc: ClassDoc) => JSON.stringify(doc).length > 40_000;

describe("a damaged class", () => {
  const read = (doc: unknown, everything: boolean) => {
    const result = checkClass(doc, LIBRARY_BOOK);
    if (!result.ok) faultsAreBounded(result.error);
    else doAll(result.value, everything && !isLong(result.value));
  };

  test("is told with its faults, or timed, printed and edited", { timeout: 600_000 }, () => {
    fuzz(
      0.28,
      (random) => mutated(pick(random, CLASSES), random),
      (doc) => read(doc, false),
    );
  });

  test("that is taken goes through everything, and every fix of it leads to a valid class", {
    timeout: 600_000,
  }, () => {
    fuzz(
      0.06,
      (random) => mutated(pick(random, CLASSES), random),
      (doc) => read(doc, true),
    );
  });

  test("as a torn text is no JSON, faulty, or a class", { timeout: 600_000 }, () => {
    fuzz(
      0.12,
      (random) => torn(JSON.stringify(pick(random, CLASSES)), random),
      (text) => {
        const value = parseJsonText(text);
        if (value.ok) read(value.value, false);
        else faultsAreBounded(value.error);
      },
    );
  });

  test("can be fitted, and its blocks ordered, or it is said why not", { timeout: 600_000 }, () => {
    fuzz(
      0.004,
      (random) => mutated(pick(random, CLASSES), random),
      (doc) => {
        const result = checkClass(doc, LIBRARY_BOOK);
        if (!result.ok || isLong(result.value) || result.value.blocks.length > 12) return;
        const input = { doc: result.value, library: LIBRARY_BOOK, parts: [] };
        fitClass({ ...input, seconds: 1800, within: 30 });
        for (const { id, slots } of result.value.blocks)
          if ((slots?.length ?? 0) < 9) orderStations({ ...input, block: id });
      },
    );
  });
});

describe("damaged edits", () => {
  const docs = CLASSES.flatMap((doc) => {
    const result = checkClass(doc, LIBRARY_BOOK);
    return result.ok ? [result.value] : [];
  });
  const edits = (doc: ClassDoc) => {
    const block = doc.blocks[0] as ClassDoc["blocks"][number];
    const slot = block.slots?.[0] ?? { id: "none", move: "plank", dose: { seconds: 5 } };
    return [
      { op: "set", target: { in: "class" }, key: "title", from: doc.title, to: "Other" },
      { op: "set", target: { in: "block", id: block.id }, key: "rounds", to: 4 },
      { op: "set", target: { in: "slot", id: slot.id }, key: "dose", to: { reps: 8 } },
      { op: "insert-block", block: { ...block, id: "new" }, before: block.id },
      { op: "remove-block", block, before: null },
      { op: "move-block", id: block.id, from: null, to: null },
      { op: "insert-slot", block: block.id, slot: { ...slot, id: "new-slot" }, before: slot.id },
      { op: "remove-slot", block: block.id, slot, before: null },
      {
        op: "move-slot",
        id: slot.id,
        from: { block: block.id, before: null },
        to: { block: block.id, before: null },
      },
      { op: "together", edits: [{ op: "set", target: { in: "class" }, key: "note", to: "x" }] },
    ];
  };

  test("are no edits, are refused, or lead to a valid class", { timeout: 600_000 }, () => {
    fuzz(
      0.14,
      (random) => {
        const doc = pick(random, docs);
        return { doc, edit: mutated(pick(random, edits(doc)), random) };
      },
      ({ doc, edit }) => {
        if (!isEdit(edit)) return;
        const next = applyChecked(doc, edit, LIBRARY_BOOK);
        if (next.ok) expect(checkClass(next.value, LIBRARY_BOOK).ok).toBe(true);
        expect(Object.getPrototypeOf(next.ok ? next.value : {})).toBe(Object.prototype);
      },
    );
  });
});

describe("damaged people", () => {
  const usual = checkClass(FULL, LIBRARY_BOOK);
  if (!usual.ok) throw new Error(usual.error.map(faultLine).join("\n"));

  test("are told with their faults, or get a part", { timeout: 600_000 }, () => {
    fuzz(
      0.1,
      (random) => mutated(pick(random, PEOPLE), random),
      (person) => {
        const result = checkPerson(person);
        if (!result.ok) return faultsAreBounded(result.error);
        partFor(usual.value, result.value, LIBRARY_BOOK);
        rosterCsv([result.value]);
      },
    );
  });

  test("as a whole roster likewise", { timeout: 600_000 }, () => {
    const small = { ...json("demo/roster.json"), people: PEOPLE.slice(0, 4) };
    fuzz(
      0.05,
      (random) => mutated(small, random),
      (value) => {
        const result = checkRoster(value);
        if (!result.ok) faultsAreBounded(result.error);
        else {
          const people = result.value.people.slice(0, 1);
          nextThings(usual.value, people, partsFor(usual.value, people, LIBRARY_BOOK), LIBRARY_BOOK);
        }
      },
    );
  });

  test("as a torn table are told by line, and people that are read are people", { timeout: 600_000 }, () => {
    const table = rosterCsv(PEOPLE);
    // The table's reader says on the console which headings it renamed.
    vi.spyOn(console, "warn").mockImplementation(() => undefined);
    fuzz(
      0.09,
      (random) => torn(table, random),
      (text) => {
        const { people } = readRosterCsv(text);
        for (const person of people) expect(checkPerson(person).ok).toBe(true);
      },
    );
  });

  test("as torn words of kit are told, or kit", { timeout: 600_000 }, () => {
    const words = "2 dumbbells 6 kg; medium tube band with handles; 4 bottles 1.5 l; sturdy chair; nothing";
    fuzz(
      0.05,
      (random) => torn(words, random),
      (text) => {
        const kit = readKit(text);
        if (kit.ok && kit.value) expect(checkPerson({ id: "p", name: "P", kit: kit.value }).ok).toBe(true);
      },
    );
  });
});

describe("damaged tables of the studio", () => {
  test("own moves are told with their faults, or can be used", { timeout: 600_000 }, () => {
    const moves = [
      OWN_MOVE,
      ...LIBRARY.slice(0, 12).map((move) => ({ ...move, id: `${move.id}-own`, name: `${move.name} own` })),
    ];
    const doc = {
      ...FULL,
      moves: [],
      blocks: [{ id: "b", title: "", slots: [{ id: "s", move: "x", dose: { seconds: 40 } }] }],
    };
    fuzz(
      0.06,
      (random) => mutated(pick(random, moves), random),
      (move) => {
        const result = checkOwn(move, LIBRARY_BOOK);
        if (!result.ok) return faultsAreBounded(result.error);
        const slots = [{ id: "s", move: result.value.id, dose: { seconds: 40 } }];
        const used = checkClass(
          { ...doc, moves: [result.value], blocks: [{ id: "b", title: "", slots }] },
          LIBRARY_BOOK,
        );
        expect(used.ok).toBe(true);
        if (used.ok) partFor(used.value, PEOPLE.at(-1) as Person, LIBRARY_BOOK);
      },
    );
  });

  test("settings are told with their faults, or are settings", { timeout: 600_000 }, () => {
    fuzz(
      0.03,
      (random) => mutated(SETTINGS, random),
      (value) => {
        const result = readSettings(value);
        if (!result.ok) return faultsAreBounded(result.error);
        readThrough({ doc: usualDoc, library: LIBRARY_BOOK, thresholds: result.value.thresholds });
      },
    );
  });

  test("seasons are told with their faults, or are read with the class", { timeout: 600_000 }, () => {
    const season = {
      format: "brontle.season",
      version: 1,
      at: "2026-11-24T18:30:00Z",
      classes: [{ at: "2026-11-22T18:30:00Z", class: FULL }],
    };
    fuzz(
      0.02,
      (random) => mutated(season, random),
      (value) => {
        const result = readSeason(value, LIBRARY_BOOK);
        if (!result.ok) return faultsAreBounded(result.error);
        readThrough({ doc: usualDoc, library: LIBRARY_BOOK, season: result.value });
      },
    );
  });
});
