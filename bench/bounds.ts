/**
 * What one request can cost: the largest and the oddest things that a reader may be handed, and how long
 * it holds the process. Lead with `node --import tsx bench/bounds.ts`.
 */
import { checkClass } from "../src/core/class/check-class";
import { newClass } from "../src/core/class/new-class";
import type { Person } from "../src/core/homes/home";
import { checkPerson } from "../src/core/homes/roster";
import { checkOwn } from "../src/core/moves/check-own";
import { LIBRARY_BOOK } from "../src/core/moves/library";
import { partFor } from "../src/core/parts/parts";
import { faultLine } from "../src/core/values/faults";

function measured(name: string, work: () => string): void {
  const from = performance.now();
  const said = work();
  console.log(`${name}: ${Math.round(performance.now() - from)} ms; ${said}`);
}

const strength = {
  ...newClass("All of it", "strength"),
  blocks: [
    {
      id: "b",
      title: "",
      slots: ["goblet-squat", "bent-row", "floor-press", "goblet-squat", "bent-row"].map((move, i) => ({
        id: `s${i}`,
        move,
        dose: { seconds: 40 },
      })),
    },
  ],
};

function home(count: number) {
  const kit = Array.from({ length: count }, (_, i) => ({ id: `k${i}`, type: "dumbbell", kg: 1 + i * 0.01 }));
  return { id: "p", name: "Much", kit };
}

function partOf(input: unknown, doc: unknown): string {
  const person = checkPerson(input);
  if (!person.ok) return `refused: ${person.error.map(faultLine)[0]?.slice(0, 90)}`;
  const found = checkClass(doc, LIBRARY_BOOK);
  if (!found.ok) return `refused: ${found.error.map(faultLine)[0]?.slice(0, 90)}`;
  const part = partFor(found.value, person.value as Person, LIBRARY_BOOK);
  return `a part of cost ${part.cost}${part.exact ? "" : ", search stopped early"}`;
}

measured("3,000 dumbbells in one home", () => partOf(home(3000), strength));
measured("100 dumbbells in one home", () => partOf(home(100), strength));

measured("a class with 28,000 unknown moves", () => {
  const slots = Array.from({ length: 28_000 }, (_, i) => ({
    id: `s${i}`,
    move: `m-${i}`,
    dose: { seconds: 20 },
  }));
  const result = checkClass({ ...strength, blocks: [{ id: "b", title: "", slots }] }, LIBRARY_BOOK);
  return result.ok ? "taken" : `${result.error.length} faults`;
});
measured("a class with 900,000 zeros", () => {
  const result = checkClass({ ...strength, blocks: Array.from({ length: 900_000 }, () => 0) }, LIBRARY_BOOK);
  const text = result.ok ? "" : JSON.stringify(result.error);
  return `${result.ok ? 0 : result.error.length} faults, an answer of ${text.length} characters`;
});
for (const roles of [4, 6]) {
  measured(`an own move with ${roles} needs in a home of 20 things`, () => {
    const needs = [
      // The last of them can't be met, so that every way of meeting the others is tried.
      Array.from({ length: roles }, (_, i) => ({
        as: "hand-weight",
        kg: i === roles - 1 ? [400, 400] : [0, 50],
      })),
    ];
    const move = { id: "much", name: "Much", repSeconds: 3, needs };
    const kit = Array.from({ length: 20 }, (_, i) =>
      i % 2
        ? { id: `k${i}`, type: "chair", sturdy: true, count: 2 }
        : { id: `k${i}`, type: "dumbbell", kg: 2 + i, count: 1 },
    );
    const doc = {
      ...strength,
      moves: [move],
      blocks: [{ id: "b", title: "", slots: [{ id: "s", move: "much", dose: { seconds: 40 } }] }],
    };
    return partOf({ id: "p", name: "Some", kit }, doc);
  });
}
measured("an own move with 100 needs", () => {
  const needs = [Array.from({ length: 100 }, () => ({ as: "hand-weight" }))];
  const result = checkOwn({ id: "m", name: "M", needs }, LIBRARY_BOOK);
  return result.ok ? "taken" : `${result.error.length} faults`;
});
