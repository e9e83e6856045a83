/**
 * The least sum of a part where two slots of a lap, set with different moves, cost extra if both are done
 * with the same one. That cost isn't pairwise along the chain: every slot of a lap may repeat any other. So the
 * chain is solved without it, which is a lower bound; where a move repeats in what comes out, the problem
 * branches: the first slot does another, or it keeps the move and the second does another, or both keep it and
 * pay. Best bound first (Land and Doig 1960, "An automatic method of solving discrete programming problems").
 */
import { chooseBest, type PairCost, totalOf } from "./choose";

/** Two slots that had better not be done with the same move. */
export interface Twins {
  readonly a: number;
  readonly b: number;
}

export interface RepeatProblem {
  /** `own[v][s]`: cost of state s of slot v. */
  readonly own: readonly (readonly number[])[];
  readonly pairs: readonly PairCost[];
  /** The move of each state; null: none, which repeats nothing. */
  readonly moves: readonly (readonly (string | null)[])[];
  readonly twins: readonly Twins[];
  /** What a pair of twins with one move costs. */
  readonly cost: number;
}

export interface RepeatChoice {
  readonly states: readonly number[];
  /** With what repeats cost. */
  readonly cost: number;
  readonly exact: boolean;
  /** How far the cost may lie above the least; 0 where it is the least. */
  readonly gap: number;
}

/** Nodes that are looked into at most. */
export const MOST_NODES = 500;

/** What is settled of one slot: this move and no other, or none of these. */
interface Settled {
  readonly only: string | null;
  readonly not: readonly string[];
}

interface Node {
  readonly settled: ReadonlyMap<number, Settled>;
  /** Pairs of twins that keep one move and pay for it. */
  readonly paid: ReadonlySet<Twins>;
  readonly states: readonly number[];
  /** Nothing in this branch costs less. */
  readonly bound: number;
  readonly exact: boolean;
}

const FREE: Settled = { only: null, not: [] };

function isOpen(move: string | null, { only, not }: Settled): boolean {
  return only === null ? move === null || !not.includes(move) : move === only;
}

/** Twins that a choice does with one move. */
export function repeated({ moves, twins }: RepeatProblem, states: readonly number[]): readonly Twins[] {
  const moveAt = (v: number) => moves[v]?.[states[v] as number] ?? null;
  return twins.filter(({ a, b }) => moveAt(a) !== null && moveAt(a) === moveAt(b));
}

/** The sum of a given choice, with what repeats cost. */
export function totalWithRepeats(problem: RepeatProblem, states: readonly number[]): number {
  return totalOf(problem.own, problem.pairs, states) + problem.cost * repeated(problem, states).length;
}

/** The best of a branch without repeats but those that are paid; null where a slot has nothing left. */
function solve(
  problem: RepeatProblem,
  settled: Node["settled"],
  paid: Node["paid"],
): Pick<Node, "states" | "bound" | "exact"> | null {
  const own = problem.own.map((costs, v) => {
    const rule = settled.get(v) ?? FREE;
    return rule === FREE
      ? costs
      : costs.map((cost, s) =>
          isOpen(problem.moves[v]?.[s] ?? null, rule) ? cost : Number.POSITIVE_INFINITY,
        );
  });
  if (own.some((costs) => costs.every((cost) => cost === Number.POSITIVE_INFINITY))) return null;
  const { states, cost, exact } = chooseBest(own, problem.pairs);
  return { states, bound: cost + problem.cost * paid.size, exact };
}

/** The branches of a node in which the first repeat that isn't paid is settled one way or another. */
function branches(problem: RepeatProblem, { settled, paid, states }: Node): readonly Node[] {
  const twins = repeated(problem, states).find((pair) => !paid.has(pair));
  if (!twins) return [];
  const { a, b } = twins;
  const move = problem.moves[a]?.[states[a] as number] as string;
  const without = (v: number, from: Node["settled"]) =>
    new Map(from).set(v, { only: null, not: [...(from.get(v)?.not ?? []), move] });
  const keep = (v: number, from: Node["settled"]) => new Map(from).set(v, { only: move, not: [] });
  const kept = keep(a, settled);
  const cases: readonly (readonly [Node["settled"], Node["paid"]])[] = [
    ...(settled.get(a)?.only === move ? [] : [[without(a, settled), paid] as const]),
    ...(settled.get(b)?.only === move ? [] : [[without(b, kept), paid] as const]),
    [keep(b, kept), new Set([...paid, twins])],
  ];
  return cases.flatMap(([rules, pays]) => {
    const solved = solve(problem, rules, pays);
    return solved ? [{ settled: rules, paid: pays, ...solved }] : [];
  });
}

/** The best choice with what repeats cost; ties go to the one that was found first. */
export function chooseWithoutRepeats(problem: RepeatProblem): RepeatChoice {
  const root = solve(problem, new Map(), new Set());
  if (!root) throw new Error("a slot has no state");
  let open: Node[] = [{ settled: new Map(), paid: new Set(), ...root }];
  let best = { states: root.states, cost: totalWithRepeats(problem, root.states) };
  let exact = root.exact;
  let nodes = 1;
  while (open.length > 0 && nodes < MOST_NODES) {
    const node = open.reduce((least, other) => (other.bound < least.bound ? other : least));
    if (node.bound >= best.cost) break;
    open = open.filter((other) => other !== node);
    for (const branch of branches(problem, node)) {
      nodes += 1;
      exact &&= branch.exact;
      const cost = totalWithRepeats(problem, branch.states);
      if (cost < best.cost) best = { states: branch.states, cost };
      if (branch.bound < best.cost) open.push(branch);
    }
  }
  const least = Math.min(best.cost, ...open.map(({ bound }) => bound));
  return { ...best, exact: exact && least === best.cost, gap: best.cost - least };
}
