/** Read-through, fit and order, with ratios to the plain methods and equal optima. */
import { readFileSync } from "node:fs";
import highsLoader from "highs";
import type { Block, ClassDoc, Slot } from "../src/core/class/document";
import { expandedSeconds } from "../src/core/class/expand";
import { THRESHOLDS } from "../src/core/effort/thresholds";
import type { Person } from "../src/core/homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../src/core/moves/library";
import { partsFor } from "../src/core/parts/everyone";
import { readThrough } from "../src/core/review/read-through";
import { fitClass } from "../src/core/shape/fit";
import { knobsOf, moved, stepsCost } from "../src/core/shape/fit-knobs";
import { repBounds } from "../src/core/shape/fit-reps";
import { withKnob } from "../src/core/shape/fit-table";
import { type OrderResult, orderStations } from "../src/core/shape/order";
import { lapCost } from "../src/core/shape/tour";

const demo = (name: string) => JSON.parse(readFileSync(new URL(`../demo/${name}`, import.meta.url), "utf8"));
const roster = demo("roster.json") as { people: Person[] };
const room = Array.from({ length: 40 }, (_, i) => ({
  ...structuredClone(roster.people[i % roster.people.length] as Person),
  id: `p${i}`,
}));

function timed<T>(session: () => T): { ms: number; value: T } {
  const start = performance.now();
  const value = session();
  return { ms: performance.now() - start, value };
}
function median(times: number, session: () => unknown): number {
  const all = Array.from({ length: times }, () => timed(session).ms).sort((a, b) => a - b);
  return all[Math.floor(all.length / 2)] as number;
}

/** A class of 90 minutes from the three of the demo. */
const [gale, strength, quay] = ["1-gale-warning", "2-stairwell-strength", "3-quay-intervals"].map(
  (name) => demo(`classes/${name}.json`) as ClassDoc,
) as [ClassDoc, ClassDoc, ClassDoc];
const renamed = (doc: ClassDoc, mark: string): Block[] =>
  doc.blocks.map((block) => ({
    ...block,
    id: `${mark}${block.id}`,
    slots: block.slots?.map(({ together: _t, ...slot }) => ({ ...slot, id: `${mark}${slot.id}` })),
  }));
const long: ClassDoc = {
  ...gale,
  promise: { minutes: 90 },
  blocks: [...renamed(gale, "a"), ...renamed(strength, "b"), ...renamed(quay, "c").slice(0, 2)],
};
const minutes = Math.round(expandedSeconds(long, LIBRARY_BOOK, "plan") / 60);

const parts = partsFor(long, room, LIBRARY_BOOK);
const input = { library: LIBRARY_BOOK, people: room, parts };
readThrough({ doc: long, ...input });
console.log(
  `read-through of ${minutes} minutes with 40 people: ${median(15, () => readThrough({ doc: structuredClone(long), ...input })).toFixed(0)} ms`,
);
let n = 0;
const edited = () => {
  n += 1;
  const [first, ...others] = long.blocks;
  return { ...long, blocks: [{ ...first, after: n % 60 } as Block, ...others] };
};
console.log(`after an edit: ${median(25, () => readThrough({ doc: edited(), ...input })).toFixed(0)} ms`);

for (const doc of [gale, strength, quay]) {
  const own = partsFor(doc, room, LIBRARY_BOOK);
  fitClass({ doc, library: LIBRARY_BOOK, seconds: 2400, parts: own });
  const ms = median(9, () => fitClass({ doc, library: LIBRARY_BOOK, seconds: 2400, parts: own }));
  console.log(`fit of “${doc.title}”, five options: ${ms.toFixed(0)} ms`);
}

const ENDS = ["rounds", "rest", "longRest", "brief", "demo", "prepare", "after", "cap", "slots"];
const isEnd = ({ role }: Block) => role === "warmup" || role === "cooldown";

/** The same question as an integer program: of every knob at most one step to somewhere else, rounds and moves as they are. */
const highs = await highsLoader();
function program(doc: ClassDoc, aim: number, within: number): string {
  const secondsOf = (block: Block) => expandedSeconds({ ...doc, blocks: [block] }, LIBRARY_BOOK, "plan");
  const now = expandedSeconds(doc, LIBRARY_BOOK, "plan");
  const steps: { name: string; of: string; adds: number; cost: number }[] = [];
  for (const [i, block] of doc.blocks.entries()) {
    const base = secondsOf(block);
    const limits = {
      stance: doc.stance,
      thresholds: THRESHOLDS,
      needs: undefined,
      repsOf: (slot: Slot, index: number) => repBounds(slot, index, LIBRARY_BOOK, doc.stance, []),
    };
    for (const [k, knob] of knobsOf(block, limits).entries())
      for (let n = knob.least; n <= knob.most; n += 1) {
        if (n === 0) continue;
        const adds = secondsOf(withKnob(block, knob, moved(knob.now, n * knob.step))) - base;
        const name = `b${i}k${k}n${n < 0 ? `m${-n}` : n}`;
        if (adds !== 0) steps.push({ name, of: `b${i}k${k}`, adds, cost: stepsCost(knob.cost, n) });
      }
  }
  const signed = (n: number) => (n < 0 ? `- ${-n}` : `+ ${n}`);
  const time = steps.map((step) => `${signed(step.adds)} ${step.name}`).join(" ");
  const knobs = [...new Set(steps.map(({ of }) => of))];
  const one = knobs.map((of) => {
    const own = steps.filter((step) => step.of === of).map(({ name }) => name);
    return ` one${of}: ${own.join(" + ")} <= 1`;
  });
  return `Minimize
 obj: ${steps.map((step) => `+ ${step.cost} ${step.name}`).join(" ")}
Subject To
 most: ${time} <= ${aim + within - now}
 least: ${time} >= ${aim - within - now}
${one.join("\n")}
Binary
 ${steps.map(({ name }) => name).join(" ")}
End`;
}
for (const doc of [gale, strength, quay]) {
  const fixed = {
    ...doc,
    blocks: doc.blocks.map((block) => ({
      ...block,
      // An end that is short already is never cut: here both ends stay as they are.
      locked: isEnd(block) ? ENDS : ["rounds", "moves"],
    })),
  };
  const aim = Math.round(expandedSeconds(fixed, LIBRARY_BOOK, "plan") / 60) * 60 - 120;
  const ours = median(5, () => fitClass({ doc: fixed, library: LIBRARY_BOOK, seconds: aim }));
  const cost = fitClass({ doc: fixed, library: LIBRARY_BOOK, seconds: aim }).options[0]?.cost ?? null;
  const text = program(fixed, aim, 30);
  const solver = timed(() => highs.solve(text));
  const theirs = solver.value.Status === "Optimal" ? Math.round(solver.value.ObjectiveValue) : null;
  if (cost !== theirs) throw new Error(`the optima differ: ${cost} and ${theirs}`);
  console.log(
    `fit of “${doc.title}”, rounds as they are: equal optimum (${cost}); integer program ÷ ours ${(solver.ms / ours).toFixed(1)} (${solver.ms.toFixed(0)} ms for one answer, ours ${ours.toFixed(0)} ms for five)`,
  );
}

const lap = (count: number): ClassDoc => ({
  ...gale,
  blocks: [
    {
      id: "b",
      title: "",
      rounds: 3,
      slots: Array.from({ length: count }, (_, i) => ({
        id: `s${i}`,
        move: LIBRARY[(i * 17) % LIBRARY.length]?.id ?? "plank",
        dose: { seconds: 30 },
      })),
    },
  ],
});
const order = (count: number) =>
  orderStations({ doc: lap(count), library: LIBRARY_BOOK, block: "b" }) as OrderResult;
order(8);
console.log(`order of 16 stations: ${median(5, () => order(16)).toFixed(0)} ms`);

/** Every order that begins with the first station's place free. */
function everyOrder(prices: OrderResult, rounds: number): number {
  let best = Number.POSITIVE_INFINITY;
  const go = (done: number[], left: number[]): void => {
    if (left.length === 0) {
      best = Math.min(best, lapCost(done, prices, rounds));
      return;
    }
    for (const next of left)
      go(
        [...done, next],
        left.filter((other) => other !== next),
      );
  };
  go(
    [],
    prices.pairs.map((_, i) => i),
  );
  return best;
}
const eight = order(8);
const plain = timed(() => everyOrder(eight, 3));
if (plain.value !== eight.cost) throw new Error("the orders differ");
console.log(
  `order of 8 stations: equal optimum; every order ÷ ours ${(plain.ms / median(15, () => order(8))).toFixed(0)}`,
);
