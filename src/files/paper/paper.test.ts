import { readFileSync } from "node:fs";
import { beforeAll, describe, expect, test } from "vitest";
import { type PdfPage, readPdf } from "../../../tests/shared/pdf";
import { type ClassDoc, slotsOf } from "../../core/class/document";
import type { Person } from "../../core/homes/home";
import { checkRoster } from "../../core/homes/roster";
import { bookFor, resolveMove } from "../../core/moves/book";
import { LIBRARY_BOOK } from "../../core/moves/library";
import { wordsIn } from "../../words/languages";
import { type FileAsk, makeOptions } from "../ask";
import { type ClassSource, makeFile } from "../make";
import { cardsOf } from "../sheet/cards";
import { PAPER, PAPER_SIZES } from "./sizes";

const ROOT = new URL("../../../", import.meta.url).pathname;
const words = wordsIn("en");
const read = (path: string) => JSON.parse(readFileSync(`${ROOT}${path}`, "utf8"));
const LOOKS: Omit<FileAsk, "as"> = {
  language: "en",
  paper: "A4",
  minutes: 5,
  ink: "colour",
  offsetSeconds: 0,
  wordsPerSecond: 2.3,
};
/** Nothing is smaller, points; what a reader tells of sizes is rounded. */
const LEAST = 9 - 0.01;
const MARGIN = 28;

let people: readonly Person[] = [];
const demo: Record<string, ClassDoc> = {};

beforeAll(() => {
  const roster = checkRoster(read("demo/roster.json"));
  if (!roster.ok) throw new Error("no roster");
  people = roster.value.people;
  for (const name of ["2-circuit", "5-stations", "1-supersets"])
    demo[name] = read(`examples/classes/${name}.json`);
});

const source = (doc: ClassDoc, who: readonly Person[]): ClassSource => ({
  doc,
  library: LIBRARY_BOOK,
  people: who,
  studio: "Harbour Steps",
  on: "2026-11-26",
  date: null,
});
async function made(as: "sheet" | "people" | "cards", of: ClassSource, looks: Partial<FileAsk> = {}) {
  return readPdf(await makeFile(as, of, makeOptions({ ...LOOKS, ...looks }, ROOT, 0)));
}

/** Every text inside the margins, none too small, none over another. */
function sound({ width, height, items }: PdfPage): void {
  for (const { text, x, y, width: wide, size } of items) {
    expect(size, text).toBeGreaterThanOrEqual(LEAST);
    expect(x, text).toBeGreaterThanOrEqual(MARGIN);
    expect(x + wide, text).toBeLessThanOrEqual(width - MARGIN + 1);
    expect(y, text).toBeGreaterThanOrEqual(12);
    expect(y + size, text).toBeLessThanOrEqual(height - 12);
  }
  const over = items.flatMap((a, i) =>
    items.slice(i + 1).flatMap((b) => {
      const across = Math.min(a.x + a.width, b.x + b.width) - Math.max(a.x, b.x);
      const down = Math.min(a.y + a.size * 0.7, b.y + b.size * 0.7) - Math.max(a.y, b.y);
      return across > 1 && down > 1 ? [`${a.text} over ${b.text}`] : [];
    }),
  );
  expect(over).toEqual([]);
}
const textOf = (pages: readonly PdfPage[]) => pages.map(({ text }) => text.replace(/\s+/g, " ")).join(" ");
const moves = (doc: ClassDoc) =>
  doc.blocks.flatMap((block) =>
    slotsOf(block).map((slot) => resolveMove(slot.move, bookFor(doc, LIBRARY_BOOK)).name),
  );

describe("a class sheet", () => {
  test("has everything on it, nothing small, cut or overprinted, for nobody, one, and forty, on both papers", async () => {
    const forty = [
      ...people,
      ...people.slice(0, 16).map((one) => ({ ...one, id: `${one.id}-b`, name: `Zoe ${one.name}` })),
    ];
    expect(forty).toHaveLength(40);
    for (const doc of Object.values(demo)) {
      for (const who of [[], people.slice(0, 1), forty]) {
        for (const paper of PAPER_SIZES) {
          const pdf = await made("sheet", source(doc, who), { paper });
          expect([pdf.pages[0]?.width, pdf.pages[0]?.height].map((n) => Math.round(n ?? 0))).toEqual(
            PAPER[paper].map(Math.round),
          );
          for (const page of pdf.pages) sound(page);
          const text = textOf(pdf.pages);
          for (const move of moves(doc)) for (const word of move.split(" ")) expect(text).toContain(word);
          expect(text).toContain("stop.");
          if (who.length <= 1) expect(pdf.pages).toHaveLength(1);
          expect(pdf).toMatchObject({ title: doc.title, language: "en" });
        }
      }
    }
  });

  test("of a class without end goes over as many pages as it takes, each numbered, its blocks headed again", async () => {
    const [block] = (demo["2-circuit"] as ClassDoc).blocks.filter(({ id }) => id !== "warm");
    const many = Array.from({ length: 14 }, (_, i) => ({
      ...(block as ClassDoc["blocks"][number]),
      id: `x${i}`,
      title: `Quay ${i}`,
      slots: slotsOf(block as ClassDoc["blocks"][number]).map((slot) => ({ ...slot, id: `x${i}${slot.id}` })),
    }));
    const doc = { ...(demo["2-circuit"] as ClassDoc), blocks: many };
    const { pages } = await made("sheet", source(doc, people));
    expect(pages.length).toBeGreaterThan(1);
    pages.forEach((page, i) => {
      sound(page);
      expect(page.text).toContain(words.phrase("sheet", "page", { n: i + 1, of: pages.length }));
    });
    for (let i = 0; i < 14; i += 1) expect(textOf(pages)).toContain(`Quay ${i}`);
  });
});

describe("people's own sheets", () => {
  test("are a page or more each, with nobody else on it and no health answer", async () => {
    const doc = demo["1-supersets"] as ClassDoc;
    const { pages } = await made("people", source(doc, people));
    expect(pages.length).toBeGreaterThanOrEqual(people.length);
    for (const page of pages) {
      sound(page);
      const named = people.filter(({ name }) => page.text.includes(name));
      expect(named).toHaveLength(1);
    }
    const single = await made("people", source(doc, people.slice(3, 4)));
    expect(textOf(single.pages)).toContain(people[3]?.name ?? "?");
  });
});

describe("cards for the wall", () => {
  test("are a station a page, to be read from afar", async () => {
    const doc = demo["5-stations"] as ClassDoc;
    const { pages } = await made("cards", source(doc, []), { paper: "Letter" });
    const cards = cardsOf(doc, LIBRARY_BOOK, words);
    expect(pages).toHaveLength(cards.length);
    for (const [i, { move }] of cards.entries()) expect(textOf(pages.slice(i, i + 1))).toContain(move);
    for (const page of pages) {
      sound(page);
      // Two metres away a letter of 60 points is read.
      expect(Math.max(...page.items.map(({ size }) => size))).toBeGreaterThan(40);
    }
  });
});
