import { describe, expect, test } from "vitest";
import { whereKey } from "../core/class/keyed";
import { LIBRARY_BOOK } from "../core/moves/library";
import { partsFor } from "../core/parts/everyone";
import { type CODES, type Finding, fingerprint } from "../core/review/finding";
import { ranked } from "../core/review/ranked";
import { readThrough } from "../core/review/read-through";
import type { Case } from "../core/testing/class-builders";
import { FINDING_CASES } from "../core/testing/finding-cases";
import { goodClass } from "../core/testing/planted/plant";
import { englishSentence, findingText, fixText, lineJson, lineText } from "./finding-words";
import { wordsIn } from "./languages";

const words = wordsIn("en");

function found({ doc, people = [], season }: Case, sentence = englishSentence): readonly Finding[] {
  const parts = partsFor(doc, people, LIBRARY_BOOK);
  return readThrough({ doc, library: LIBRARY_BOOK, people, parts, season: season ?? null, sentence });
}
const textOf = (code: keyof typeof CODES) => {
  const finding = found(FINDING_CASES[code].fires).find((entry) => entry.code === code);
  return finding ? findingText(finding, words) : "";
};

test("every finding is a sentence, and every fix a few words", () => {
  for (const [code, { fires }] of Object.entries(FINDING_CASES)) {
    for (const finding of found(fires)) {
      expect(findingText(finding, words), code).toMatch(/^["A-Z0-9][^{}]+\.$/);
      for (const fix of finding.fixes) expect(fixText(fix, words), code).toMatch(/^[A-Z0-9][^{}]*[^.]$/);
    }
  }
});

describe("what was found", () => {
  test.each([
    ["length-over", "It takes 11:01, 1:01 more than the 10 minutes that were announced. One way: "],
    ["length-under", "It takes 8:55, 1:05 less than the 10 minutes that were announced. One way: "],
    ["promise-moves", "3 moves were announced; the main work and finisher have 2."],
    ["no-warmup", "The warm-up has 2:59; a class of 12:59 wants 3:00."],
    ["home-unknown", "Piet Skerry has not said what is at home: a floor and nothing else is counted on."],
  ] as const)("%s is told with its numbers", (code, text) => expect(textOf(code)).toContain(text));

  test("is printed with its sentence, its data, and what an acknowledgement holds to", () => {
    const { doc } = FINDING_CASES["no-warmup"].fires;
    const [finding] = ranked(found(FINDING_CASES["no-warmup"].fires), doc).filter(
      ({ code }) => code === "no-warmup",
    );
    if (!finding) throw new Error("nothing found");
    expect(lineJson(finding, words)).toMatchObject({
      code: "no-warmup",
      severity: "fix",
      sentence: findingText(finding, words),
      says: { code: "no-warmup", there: "yes", least: { clock: 180 } },
      fixes: [{ label: "5 s more for each move of it", edit: { op: "set", key: "dose" } }],
      of: finding.fingerprint,
      acknowledged: null,
      rank: 4,
      also: ["hard-early"],
      settled: false,
    });
  });

  test("of one cause is one sentence, whatever stands in it", () => {
    for (const [code, { fires }] of Object.entries(FINDING_CASES)) {
      for (const line of ranked(found(fires), fires.doc)) {
        expect(lineText(line, words), code).toMatch(/^["A-Z0-9][^{}]+\.$/);
        for (const fix of line.fixes) expect(fixText(fix, words), code).toMatch(/^[A-Z0-9][^{}]*[^.]$/);
      }
    }
  });
});

test("what was acknowledged by its sentence, before reasons were data, stays so", () => {
  for (const { fires } of Object.values(FINDING_CASES)) {
    for (const { code, where, says } of found(fires)) {
      const of = fingerprint(`${code} ${whereKey(where)} ${findingText({ says }, words)}`);
      const doc = {
        ...fires.doc,
        acknowledged: [{ code, where: { ...where }, reason: "I know", of }],
      };
      const known = (list: readonly Finding[]) =>
        list.filter(({ acknowledged }) => acknowledged === "I know");
      expect(known(found({ ...fires, doc })).length, code).toBe(1);
      // Another sentence is another finding.
      expect(known(found({ ...fires, doc }, () => "Another.")), code).toEqual([]);
    }
  }
});

test("who shares a first name with somebody else of the room is told in full", () => {
  const people = ["Wren Aldous", "Wren Skerry", "Otto Wray"].map((name, i) => ({
    id: `${i}`,
    name,
    kit: [],
  }));
  const doc = goodClass("Laps of the pier");
  const floor = doc.blocks.map((block) => ({
    ...block,
    slots: block.slots?.map((slot) => (slot.id === "a2" ? { ...slot, move: "bridge" } : slot)),
    ...(block.id === "a" ? { rest: 0, stacked: true } : {}),
  })) as typeof doc.blocks;
  const said = found({ doc: { ...doc, blocks: floor }, people }).map((finding) =>
    findingText(finding, words),
  );
  const names = said.filter((text) => text.includes("Wren"));
  expect(names.length).toBeGreaterThan(0);
  for (const text of names) expect(text).toMatch(/Wren\u00a0(Aldous|Skerry)/);
  expect(said.join(" ")).toMatch(/Otto\b/);
  expect(said.join(" ")).not.toMatch(/Otto\u00a0/);
});
