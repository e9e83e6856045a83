import { readFileSync } from "node:fs";
import { describe, expect, test } from "vitest";
import { type ClassDoc, slotsOf } from "../../core/class/document";
import { bookFor, bookWith, type KnownMove } from "../../core/moves/book";
import { findMoves } from "../../core/moves/find";
import { LIBRARY, LIBRARY_BOOK } from "../../core/moves/library";
import type { Move } from "../../core/moves/move";
import { partsFor } from "../../core/parts/everyone";
import type { PartSlot } from "../../core/parts/part";
import { isClaim } from "../../core/review/claims";

import { type Language, WHOLE_LANGUAGES, wordsIn } from "../languages";
import { bookIn, moveIn, ownSessionIn, partIn } from "./moves-in";
import { MOVE_TEXTS } from "./texts";

const CIRCUIT: ClassDoc = JSON.parse(
  readFileSync(new URL("../../../examples/classes/2-circuit.json", import.meta.url), "utf8"),
);

const OTHERS = Object.keys(MOVE_TEXTS) as (keyof typeof MOVE_TEXTS)[];
const moves: readonly Move[] = LIBRARY;

/** The sentences that a language has to say: faults stand only where instructors read. */
function wanted(language: Language): ReadonlySet<string> {
  const faults = WHOLE_LANGUAGES.includes(language);
  return new Set(
    moves.flatMap(({ cues, cautions, steps = [], faults: wrong }) => [
      ...cues,
      ...cautions,
      ...steps,
      ...(faults ? wrong : []),
    ]),
  );
}

describe.each(OTHERS)("the library in %s", (language) => {
  const texts = MOVE_TEXTS[language];
  const book = bookIn(LIBRARY_BOOK, language);

  test("names every move once, and nothing that isn't there", () => {
    const ids = moves.map(({ id }) => id);
    expect(Object.keys(texts.names).sort()).toEqual([...ids].sort());
    const names = Object.values(texts.names).map((name) => name.toLowerCase());
    expect(new Set(names).size).toBe(names.length);
    expect(Object.keys(texts.aliases).filter((id) => !ids.includes(id))).toEqual([]);
  });

  test("says every sentence, and no other", () => {
    const has = new Set(Object.keys(texts.sentences));
    const want = wanted(language);
    expect([...want].filter((text) => !has.has(text))).toEqual([]);
    expect([...has].filter((text) => !want.has(text))).toEqual([]);
  });

  test("leaves nothing in English", () => {
    const same = Object.entries(texts.sentences).filter(([english, text]) => text === english);
    expect(same).toEqual([]);
    const names = moves.filter(({ id, name }) => texts.names[id] === name);
    // Burpee, pigeon and such are called so everywhere.
    expect(names.length).toBeLessThan(12);
  });

  test("is as short as what is read from across the room has to be", () => {
    const long = Object.entries(texts.sentences).filter(
      ([english, text]) => text.length > Math.max(english.length * 1.5, english.length + 18),
    );
    expect(long).toEqual([]);
    const all = Object.entries(texts.sentences);
    const sum = (list: readonly string[]) => list.reduce((total, text) => total + text.length, 0);
    expect(sum(all.map(([, text]) => text))).toBeLessThan(1.25 * sum(all.map(([english]) => english)));
    expect(Object.values(texts.names).filter((name) => name.length > 48)).toEqual([]);
  });

  test("is written as sentences, each with its end", () => {
    const bad = Object.values(texts.sentences).filter(
      (text) => !/^[\p{Lu}¿¡]/u.test(text) || !/[.!]$/.test(text) || /\s{2}|[{}|<>]/.test(text),
    );
    expect(bad).toEqual([]);
  });

  test("promises nothing that no move does", () => {
    expect([...Object.values(texts.names), ...Object.values(texts.sentences)].filter(isClaim)).toEqual([]);
  });

  test("finds each move first by its own name, and by what else people call it", () => {
    const missed = moves.filter(({ id }) => findMoves(texts.names[id] ?? "", book)[0]?.move.id !== id);
    expect(missed.map(({ id }) => id)).toEqual([]);
    const lost = Object.entries(texts.aliases).flatMap(([id, list]) =>
      list.filter(
        (alias) =>
          !findMoves(alias, book)
            .slice(0, 3)
            .some(({ move }) => move.id === id),
      ),
    );
    expect(lost).toEqual([]);
  });

  test("has all facts of the library: only words differ", () => {
    const bare = ({
      name: _n,
      aliases: _a,
      cues: _c,
      faults: _f,
      cautions: _w,
      steps: _s,
      ...facts
    }: KnownMove) => facts;
    expect(book.moves.map(bare)).toEqual(moves.map(bare));
    for (const [i, move] of book.moves.entries())
      for (const list of ["cues", "faults", "cautions", "steps"] as const)
        expect(move[list]?.length).toBe(moves[i]?.[list]?.length);
  });

  test("leaves what an instructor wrote as it was written", () => {
    const squat = LIBRARY_BOOK.get("bodyweight-squat") as Move;
    const own = { ...squat, id: "quay-squat", name: "Quay squat", cues: ["Knees follow the lamps."] };
    const renamed = { ...squat, name: "Steps squat" };
    const mine = bookIn(bookWith(LIBRARY_BOOK, [own, renamed]), language);
    expect(mine.get("quay-squat")).toMatchObject({ name: "Quay squat", cues: ["Knees follow the lamps."] });
    expect(mine.get("bodyweight-squat")?.name).toBe("Steps squat");
    const byName = { ...squat, id: null, name: "A squat by name" };
    expect(moveIn(byName, language).name).toBe("A squat by name");
    expect(moveIn(byName, language).cues).toEqual(squat.cues.map((cue) => texts.sentences[cue]));
  });

  test("names the moves of a part, of what could be chosen and of what wasn't taken", () => {
    const person = { id: "ada", name: "Ada", kit: [] };
    const [part] = partsFor(CIRCUIT, [person], LIBRARY_BOOK, { instead: true, on: "2026-11-27" });
    if (!part) throw new Error("no part");
    const said = partIn(part, language);
    const book = bookFor(CIRCUIT, bookIn(LIBRARY_BOOK, language));
    for (const [i, own] of said.slots.entries()) {
      if (own.move === null) continue;
      expect(own.name).toBe(book.get(own.move)?.name);
      expect(own.name).not.toBe(part.slots[i]?.name);
      for (const way of own.instead) expect(way.name).toBe(book.get(way.move)?.name ?? way.name);
    }
    const bare = ({
      name: _n,
      instead: _i,
      choices: _c,
      why: _w,
      loadReason: _l,
      adjust: _a,
      ...rest
    }: PartSlot) => rest;
    expect(said.slots.map(bare)).toEqual(part.slots.map(bare));
    // A reason tells of the same moves, by the names that they have here.
    const words = wordsIn(language);
    const swapped = said.slots.find(({ why }) => why.code === "instead");
    expect(swapped).toBeDefined();
    const set = CIRCUIT.blocks
      .flatMap((block) => slotsOf(block))
      .find(({ id }) => id === swapped?.slot)?.move;
    const why = swapped ? words.say("why", swapped.why).toLowerCase() : "";
    expect(why).toContain(swapped?.name.toLowerCase());
    expect(why).toContain(book.get(String(set))?.name.toLowerCase());
  });
});

describe("in English", () => {
  test("all stays the very same", () => {
    const session = { moves: [], parts: null } as unknown as Parameters<typeof ownSessionIn>[0];
    expect(bookIn(LIBRARY_BOOK, "en-GB")).toBe(LIBRARY_BOOK);
    expect(ownSessionIn(session, "en")).toBe(session);
  });

  test("a book in a language is made once, and found by English names too", () => {
    const book = bookIn(LIBRARY_BOOK, "es-MX");
    expect(bookIn(LIBRARY_BOOK, "es")).toBe(book);
    expect(findMoves("goblet squat", book)[0]?.move.id).toBe("goblet-squat");
  });
});
