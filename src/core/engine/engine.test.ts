import fc from "fast-check";
import { expect, test } from "vitest";
import { setBlock } from "../class/commands";
import type { Block, ClassDoc } from "../class/document";
import { applyEdit } from "../class/edits";
import { newClass } from "../class/new-class";
import type { Person } from "../homes/home";
import { LIBRARY_BOOK } from "../moves/library";
import { SETTINGS } from "../settings/settings";
import { type About, Engine } from "./engine";

const docs = ["form", "strength", "density"].map((stance) => newClass("Quay", stance as ClassDoc["stance"]));
const rested = applyEdit(docs[2] as ClassDoc, setBlock(docs[2]?.blocks[1] as Block, "rest", 5));
const classes = [...docs, rested.ok ? rested.value : (docs[0] as ClassDoc)];
const ann: Person = { id: "a", name: "Ann", kit: [{ id: "d", type: "dumbbell", kg: 8, count: 2 }] };
const bo: Person = { id: "b", name: "Bo", mark: "flat", limits: ["shallow-knees"] };
const rooms: readonly (readonly Person[])[] = [[], [ann], [ann, bo]];

type Ask = (engine: Engine, about: About) => unknown;
const QUESTIONS: readonly Ask[] = [
  (engine, about) => engine.parts(about),
  (engine, about) => engine.findings(about),
  (engine, about) => engine.next(about),
  (engine, about) => engine.say(about),
  (engine, about) => engine.shape(about, { mark: "flat" }),
  (engine, about) => engine.shape(about, { person: "a" }),
  (engine, about) => engine.fit(about, 1500),
  (engine, about) => engine.explained(about, bo),
];

test("every answer is about what was asked, in whatever order classes, rooms and questions come", () => {
  const step = fc.tuple(fc.nat(classes.length - 1), fc.nat(rooms.length - 1), fc.nat(QUESTIONS.length - 1));
  const fresh = new Map<string, string>();
  fc.assert(
    fc.property(fc.array(step, { minLength: 1, maxLength: 8 }), (steps) => {
      const engine = new Engine(LIBRARY_BOOK);
      for (const [c, r, q] of steps) {
        // As it comes over from the screen: equal, and never the same object.
        const about = structuredClone({ doc: classes[c], people: rooms[r], settings: SETTINGS }) as About;
        const ask = QUESTIONS[q] as Ask;
        const key = `${c} ${r} ${q}`;
        if (!fresh.has(key)) fresh.set(key, JSON.stringify(ask(new Engine(LIBRARY_BOOK), about)));
        expect(JSON.stringify(ask(engine, about))).toBe(fresh.get(key));
      }
    }),
    { numRuns: 40 },
  );
});

test("what was worked out for the same class and room is not worked out again", () => {
  const engine = new Engine(LIBRARY_BOOK);
  const about = (): About =>
    structuredClone({ doc: classes[0], people: rooms[2], settings: SETTINGS }) as About;
  expect(engine.parts(about())).toBe(engine.parts(about()));
  expect(engine.findings(about())).toBe(engine.findings(about()));
});
