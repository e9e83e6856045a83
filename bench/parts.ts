/** Parts: 1,000 people × 30 slots, one person, 40 people after an edit; and against a plain search. */
import { readFileSync } from "node:fs";
import type { ClassDoc } from "../src/core/class/document";
import type { Person } from "../src/core/homes/home";
import { LIBRARY, LIBRARY_BOOK } from "../src/core/moves/library";
import { chooseBest, type PairCost } from "../src/core/parts/choose";
import { partsFor } from "../src/core/parts/everyone";
import { partFor } from "../src/core/parts/parts";
import { ownCosts, pairCosts, partProblem } from "../src/core/parts/problem";

/** Numbers that are the same in every session. */
function numbers(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1103515245 + 12345) & 0x7fffffff;
    return state / 0x7fffffff;
  };
}

function classOf(blocks: number, slots: number, seed: number): ClassDoc {
  const random = numbers(seed);
  const pick = () => LIBRARY[Math.floor(random() * LIBRARY.length)]?.id ?? "press-up";
  return {
    format: "brontle.class",
    version: 1,
    title: "Bench",
    stance: "strength",
    blocks: Array.from({ length: blocks }, (_, b) => ({
      id: `b${b}`,
      title: "",
      rounds: 4,
      rest: 15,
      longRest: 40,
      slots: Array.from({ length: slots }, (__, i) => ({
        id: `s${b}-${i}`,
        move: pick(),
        dose: { seconds: 40 },
        load: { target: "medium" as const },
      })),
    })),
  };
}

const roster = JSON.parse(readFileSync(new URL("../demo/roster.json", import.meta.url), "utf8")) as {
  people: Person[];
};
const MARKS = ["flat", "natural", "sharp"] as const;
const people = Array.from({ length: 1000 }, (_, i) => ({
  ...structuredClone(roster.people[i % roster.people.length] as Person),
  id: `p${i}`,
  mark: MARKS[i % 3] ?? ("natural" as const),
}));

function timed(session: () => void): number {
  const start = performance.now();
  session();
  return performance.now() - start;
}

function median(times: number, session: () => void): number {
  const all = Array.from({ length: times }, () => timed(session)).sort((a, b) => a - b);
  return all[Math.floor(all.length / 2)] as number;
}

/** Most steps of the plain search on one person before it is given up. */
const MOST_STEPS = 3_000_000;

/** Depth first with the best of what is left as a bound; null where it takes too long. */
function plainSearch(own: readonly (readonly number[])[], pairs: readonly PairCost[]): number | null {
  const rest = new Array<number>(own.length + 1).fill(0);
  for (let v = own.length - 1; v >= 0; v -= 1) {
    rest[v] = (rest[v + 1] as number) + Math.min(...(own[v] as readonly number[]));
  }
  const states: number[] = [];
  let best = Number.POSITIVE_INFINITY;
  let steps = 0;
  const go = (v: number, sum: number): void => {
    steps += 1;
    if (steps > MOST_STEPS || sum + (rest[v] as number) >= best) return;
    if (v === own.length) {
      best = sum;
      return;
    }
    (own[v] as readonly number[]).forEach((cost, s) => {
      states[v] = s;
      let more = cost;
      for (const { a, b, cost: between } of pairs) {
        if (Math.max(a, b) === v) more += between(states[a] as number, states[b] as number);
      }
      go(v + 1, sum + more);
    });
  };
  go(0, 0);
  return steps > MOST_STEPS ? null : best;
}

const doc = classOf(6, 5, 7);
partsFor(doc, people.slice(0, 50), LIBRARY_BOOK);
const all = timed(() => partsFor(doc, people, LIBRARY_BOOK));
console.log(
  `1,000 people × 30 slots: ${(all / 1000).toFixed(2)} s, ${Math.round(30_000 / (all / 1000))} cells a second`,
);

let n = 0;
console.log(
  `one person, never seen: ${median(60, () => {
    n += 1;
    partFor(doc, { ...(people[n] as Person) }, LIBRARY_BOOK);
  }).toFixed(1)} ms`,
);

const room = people.slice(0, 40);
partsFor(doc, room, LIBRARY_BOOK);
console.log(
  `40 people after an edit of one slot: ${median(20, () => {
    n += 1;
    const [first, ...others] = doc.blocks;
    const slots = first?.slots?.map((slot, i) =>
      i === 0 ? { ...slot, dose: { seconds: 30 + (n % 20) } } : slot,
    );
    partsFor(
      { ...doc, blocks: [{ ...first, slots } as (typeof doc.blocks)[number], ...others] },
      room,
      LIBRARY_BOOK,
    );
  }).toFixed(0)} ms`,
);

const small = classOf(3, 8, 11);
const ratios: number[] = [];
let given = 0;
for (const person of people.slice(0, 72)) {
  const problem = partProblem(small, person, LIBRARY_BOOK);
  const own = ownCosts(problem);
  const pairs = pairCosts(problem);
  let cost: number | null = null;
  chooseBest(own, pairs);
  const plain = timed(() => {
    cost = plainSearch(own, pairs);
  });
  if (cost === null) {
    given += 1;
    continue;
  }
  const ours = median(5, () => void chooseBest(own, pairs));
  if (cost !== chooseBest(own, pairs).cost) throw new Error("the two disagree");
  ratios.push(plain / ours);
}
ratios.sort((a, b) => a - b);
console.log(
  `plain search ÷ elimination over 24 slots: median ${(ratios[Math.floor(ratios.length / 2)] ?? 0).toFixed(1)}, most ${(ratios.at(-1) ?? 0).toFixed(0)}; ${given} of 72 people given up after ${MOST_STEPS.toLocaleString("en")} steps; equal least costs in all others`,
);
