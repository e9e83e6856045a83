/** Which of the ways to a length are offered: the cheapest, and then such that differ in kind. */
import type { ClassDoc } from "../class/document";
import type { Found } from "./fit-chain";
import { type FitChange, isRemoval, keyOfChange } from "./fit-change";

/** Offers at most. */
const MOST = 5;

const KINDS = {
  rest: "rests",
  longRest: "rests",
  brief: "talk",
  demo: "talk",
  prepare: "talk",
  after: "water",
  rounds: "rounds",
  cap: "work",
} as const;
/** What a change takes from: rests, talk, water, rounds, work, reps, a move; or the ends of the class. */
export type FitKind = (typeof KINDS)[keyof typeof KINDS] | "reps" | "move" | "ends";

function kindOf(change: FitChange, ends: ReadonlySet<string>): FitKind {
  if (ends.has(change.block)) return "ends";
  if (isRemoval(change)) return "move";
  const known = KINDS[change.key as keyof typeof KINDS];
  return known ?? (change.key.endsWith("reps") ? "reps" : "work");
}

/** The kinds of change of an option, each once. */
export function kindsOf(doc: ClassDoc, changes: readonly FitChange[]): readonly FitKind[] {
  const ends = new Set(
    doc.blocks.filter(({ role }) => role === "warmup" || role === "cooldown").map(({ id }) => id),
  );
  return [...new Set(changes.map((change) => kindOf(change, ends)))].sort();
}

const touched = (changes: readonly FitChange[]) =>
  JSON.stringify(
    [...new Set(changes.map((own) => `${own.block} ${own.slot ?? ""} ${keyOfChange(own)}`))].sort(),
  );

/** Up to five ways, none touching the same numbers as another; of as many kinds as there are, cheapest first. */
export function chosenOptions(doc: ClassDoc, ways: readonly (Found | null)[]): readonly Found[] {
  const found = new Map<string, Found>();
  for (const way of ways) {
    if (!way) continue;
    const key = touched(way.changes);
    const known = found.get(key);
    if (!known || way.cost < known.cost) found.set(key, way);
  }
  const byCost = (a: Found, b: Found) =>
    a.cost - b.cost || (touched(a.changes) < touched(b.changes) ? -1 : 1);
  const sorted = [...found.values()].sort(byCost);
  const kinds = new Set<string>();
  const different = sorted.filter(({ changes }) => {
    const kind = kindsOf(doc, changes).join();
    const isNew = !kinds.has(kind);
    kinds.add(kind);
    return isNew;
  });
  const others = sorted.filter((way) => !different.includes(way));
  return [...different, ...others].slice(0, MOST).sort(byCost);
}
