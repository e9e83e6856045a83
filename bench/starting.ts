/** Every starting point made a class for the demo's 24 people, as long as it was written. */
import { readFileSync } from "node:fs";
import type { Person } from "../src/core/homes/home";
import { LIBRARY_BOOK } from "../src/core/moves/library";
import { startedFrom } from "../src/core/starting/started";
import { TEMPLATES } from "../src/core/starting/templates";

const { people } = JSON.parse(readFileSync(new URL("../demo/roster.json", import.meta.url), "utf8")) as {
  readonly people: readonly Person[];
};

function make(id: string, minutes: number): number {
  const start = performance.now();
  startedFrom({ template: id }, { library: LIBRARY_BOOK, people, minutes, on: "2026-11-27" });
  return performance.now() - start;
}
make("lunch", 20);
const all = TEMPLATES.map(({ id, minutes }) => ({ id, ms: make(id, minutes) })).sort((a, b) => a.ms - b.ms);
const [middle, last] = [all[Math.floor(all.length / 2)], all.at(-1)];
console.log(
  `a starting point for ${people.length} people: ${middle?.ms.toFixed(0)} ms (${middle?.id}) at the median, ${last?.ms.toFixed(0)} ms (${last?.id}) at the most`,
);
