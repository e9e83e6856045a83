/**
 * The stations of a block in the best order. The cost is rounds × the sum along the lap + (rounds − 1) × the
 * way from the last to the first, which has prices of its own, + what it costs, once, that one station comes
 * anywhere before another. Over a closed tour the lap is one that is cut at one edge. So a tour is looked for
 * from one anchor (dynamic programming over subsets, Held & Karp 1962), with "has been cut" as part of the
 * state. What comes before what is told by the subset alone: of stations after the cut everything before the
 * cut comes later, which is settled once, where the lap is cut. A pinned station is the anchor where there is
 * one; then the place of every step is known, and so is the cut.
 */

/** What the order of a block's stations costs; each table by the document's order. */
export interface Prices {
  /** `pairs[i][j]`: j directly after i in a lap, in every round. */
  readonly pairs: readonly (readonly number[])[];
  /** `closing[i][j]`: j begins the next lap after i ended one. */
  readonly closing: readonly (readonly number[])[];
  /** `before[i][j]`: i anywhere before j, once. */
  readonly before: readonly (readonly number[])[];
}

/** Rounds × the sum along the lap + (rounds − 1) × last before first + all that stands before what. */
export function lapCost(
  order: readonly number[],
  { pairs, closing, before }: Prices,
  rounds: number,
): number {
  let sum = 0;
  let once = 0;
  order.forEach((station, place) => {
    const last = order[place - 1];
    if (last !== undefined) sum += pairs[last]?.[station] ?? 0;
    for (let i = 0; i < place; i += 1) once += before[order[i] as number]?.[station] ?? 0;
  });
  const back = closing[order.at(-1) as number]?.[order[0] as number] ?? 0;
  return rounds * sum + (rounds - 1) * back + once;
}

export interface Rules {
  /** Place of each station, or -1 where it is free. */
  readonly place: readonly number[];
  /** Stations that must stand beside each. */
  readonly partners: readonly (readonly number[])[];
}

/** Whether an order keeps the rules. */
export function keepsRules(order: readonly number[], { place, partners }: Rules): boolean {
  const at = new Map(order.map((station, i) => [station, i]));
  return order.every((_, station) => {
    const here = at.get(station) as number;
    if ((place[station] as number) >= 0 && here !== place[station]) return false;
    return (partners[station] ?? []).every((other) => Math.abs((at.get(other) as number) - here) === 1);
  });
}

const FAR = 1 << 29;

/** Which partner of the anchor comes straight after it and which straight before, for one run. */
interface AnchorSides {
  readonly second: number;
  readonly last: number;
}

function anchorSides(partners: readonly number[]): readonly AnchorSides[] {
  const [a = -1, b = -1] = partners;
  if (a < 0) return [{ second: -1, last: -1 }];
  if (b < 0) {
    return [
      { second: a, last: -1 },
      { second: -1, last: a },
    ];
  }
  return [
    { second: a, last: b },
    { second: b, last: a },
  ];
}

function bestOfAll(prices: Prices, rounds: number, rules: Rules): readonly number[] | null {
  const orders = (left: readonly number[]): number[][] =>
    left.length === 0
      ? [[]]
      : left.flatMap((first) => orders(left.filter((i) => i !== first)).map((rest) => [first, ...rest]));
  let best: readonly number[] | null = null;
  for (const order of orders(prices.pairs.map((_, i) => i))) {
    if (!keepsRules(order, rules)) continue;
    if (!best || lapCost(order, prices, rounds) < lapCost(best, prices, rounds)) best = order;
  }
  return best;
}

/** The best closed tour from the anchor; null where the rules allow none. */
export function bestTour(
  prices: Prices,
  rounds: number,
  rules: Rules,
  onProgress: (share: number) => void,
): readonly number[] | null {
  // In a tour of two both edges join the same two stations; the few orders of so few are simply tried.
  const { pairs } = prices;
  if (pairs.length <= 3) return bestOfAll(prices, rounds, rules);
  const pinned = rules.place.findIndex((place) => place >= 0);
  const free = rules.partners.findIndex((list) => list.length === 0);
  const anchor = pinned >= 0 ? pinned : Math.max(0, free);
  const start = pinned >= 0 ? (rules.place[anchor] as number) : -1;
  const others = pairs.map((_, i) => i).filter((i) => i !== anchor);
  let best: { cost: number; order: readonly number[] } | null = null;
  const runs = anchorSides(rules.partners[anchor] ?? []);
  runs.forEach((sides, i) => {
    const found = tour({ prices, rounds, rules, anchor, start, others, sides }, (share) =>
      onProgress((i + share) / runs.length),
    );
    if (found && (!best || found.cost < best.cost)) best = found;
  });
  const found = best as { cost: number; order: readonly number[] } | null;
  return found?.order ?? null;
}

/** What a search for one tour is given. */
interface TourInput {
  readonly prices: Prices;
  readonly rounds: number;
  readonly rules: Rules;
  readonly anchor: number;
  /** Place of the anchor where places are known, else -1. */
  readonly start: number;
  readonly others: readonly number[];
  readonly sides: AnchorSides;
}

/**
 * The table over subsets: the least cost of a way from the anchor through a set of stations to its last, with
 * the lap cut on it already or not.
 */
class TourTable {
  private readonly m: number;
  private readonly full: number;
  private readonly placed: boolean;
  private readonly cost: Int32Array;
  private readonly parent: Int8Array;
  private readonly parentCut: Int8Array;
  /** `earlier[mask × m + j]`: what it costs that the anchor and the set come before station j. */
  private readonly earlier: Int32Array;
  /** By how much the sums change where the lap is cut after a set. */
  private readonly turned: Int32Array;
  /** Of each of the others, which of the others must stand beside it. */
  private readonly partners: readonly (readonly number[])[];

  constructor(private readonly input: TourInput) {
    const { others, rules, start } = input;
    this.m = others.length;
    this.full = (1 << this.m) - 1;
    this.placed = start >= 0;
    const size = (this.full + 1) * this.m * 2;
    this.cost = new Int32Array(size).fill(FAR);
    this.parent = new Int8Array(size).fill(-1);
    this.parentCut = new Int8Array(size);
    this.earlier = new Int32Array((this.full + 1) * this.m);
    this.turned = new Int32Array(this.full + 1);
    this.fillSums();
    this.partners = others.map((station) =>
      (rules.partners[station] ?? []).map((other) => others.indexOf(other)),
    );
  }

  private at(mask: number, last: number, cut: number): number {
    return (mask * this.m + last) * 2 + cut;
  }

  /** An edge within the lap, in all rounds. */
  private whole(a: number, b: number): number {
    return this.input.rounds * (this.input.prices.pairs[a]?.[b] ?? 0);
  }

  /** The edge at which the lap is cut: `a` is its last, `b` its first; `mask` stands before the cut, all else after it. */
  private cutAt(a: number, b: number, mask: number): number {
    return (this.input.rounds - 1) * (this.input.prices.closing[a]?.[b] ?? 0) + (this.turned[mask] as number);
  }

  /** Sums over the subsets of the others, the anchor in each of them: what comes before each, and what a cut turns round. */
  private fillSums(): void {
    const { anchor, others, prices } = this.input;
    const { before } = prices;
    const priceOf = (i: number, j: number) => before[i]?.[j] ?? 0;
    for (let j = 0; j < this.m; j += 1) {
      const station = others[j] as number;
      this.earlier[j] = priceOf(anchor, station);
      for (let mask = 1; mask <= this.full; mask += 1) {
        const low = Math.clz32(mask & -mask) ^ 31;
        const rest = mask & (mask - 1);
        this.earlier[mask * this.m + j] =
          (this.earlier[rest * this.m + j] as number) + priceOf(others[low] as number, station);
      }
    }
    for (let mask = 0; mask <= this.full; mask += 1) this.turned[mask] = this.turnedBy(mask);
  }

  /** What it changes that all outside of a set, visited after it, come before all in it. */
  private turnedBy(mask: number): number {
    const { anchor, others, prices } = this.input;
    let sum = 0;
    for (let j = 0; j < this.m; j += 1) {
      if (mask & (1 << j)) continue;
      const late = others[j] as number;
      sum += (prices.before[late]?.[anchor] ?? 0) - (this.earlier[mask * this.m + j] as number);
      for (let i = 0; i < this.m; i += 1)
        if (mask & (1 << i)) sum += prices.before[late]?.[others[i] as number] ?? 0;
    }
    return sum;
  }

  /** Where a step lands: its place in the list when places are known. */
  private placeAt(steps: number): number {
    return (this.input.start + steps) % (this.m + 1);
  }

  private fits(station: number, steps: number): boolean {
    const wanted = this.input.rules.place[station] as number;
    return !this.placed || wanted < 0 || wanted === this.placeAt(steps);
  }

  private cutHere(steps: number): boolean {
    return this.placed && this.placeAt(steps) === 0;
  }

  private isTogether(a: number, b: number): boolean {
    return this.input.rules.partners[a]?.includes(b) ?? false;
  }

  private relax(to: number, value: number, from: number, fromCut: number): void {
    if (value >= (this.cost[to] as number)) return;
    this.cost[to] = value;
    this.parent[to] = from;
    this.parentCut[to] = fromCut;
  }

  /**
   * One edge to the others' `next`, at its two prices: whole, or cut. Partners are never cut apart. `from`: index
   * of the last among the others, -1 for the anchor.
   */
  private step(from: number, next: number, mask: number, steps: number, cut: number, base: number): void {
    const { anchor, others } = this.input;
    const a = from < 0 ? anchor : (others[from] as number);
    const b = others[next] as number;
    const to = mask | (1 << next);
    const sum = base + (this.earlier[mask * this.m + next] as number);
    if (this.placed) {
      const here = this.cutHere(steps);
      if (here && this.isTogether(a, b)) return;
      const price = here ? this.cutAt(a, b, mask) : this.whole(a, b);
      this.relax(this.at(to, next, here ? 1 : cut), sum + price, from, cut);
      return;
    }
    this.relax(this.at(to, next, cut), sum + this.whole(a, b), from, cut);
    if (cut === 0 && !this.isTogether(a, b))
      this.relax(this.at(to, next, 1), sum + this.cutAt(a, b, mask), from, cut);
  }

  /** From the anchor to each that may follow it. */
  begin(): void {
    const { others, sides } = this.input;
    for (let j = 0; j < this.m; j += 1) {
      const station = others[j] as number;
      if (!this.fits(station, 1) || (sides.second >= 0 && station !== sides.second)) continue;
      if (sides.last === station && this.m > 1) continue;
      this.step(-1, j, 0, 1, 0, 0);
    }
  }

  /** Every set of stations, from every last of it to every next. */
  extend(onProgress: (share: number) => void): void {
    for (let mask = 1; mask <= this.full; mask += 1) {
      if ((mask & 1023) === 0) onProgress(mask / this.full);
      const steps = bits(mask) + 1;
      for (let last = 0; last < this.m; last += 1) {
        if (mask & (1 << last)) this.extendFrom(mask, last, steps);
      }
    }
  }

  private extendFrom(mask: number, last: number, steps: number): void {
    const open = (this.partners[last] ?? []).filter((other) => other >= 0 && !(mask & (1 << other)));
    if (open.length > 1) return;
    for (let cut = 0; cut < 2; cut += 1) {
      const base = this.cost[this.at(mask, last, cut)] as number;
      if (base >= FAR) continue;
      for (let next = 0; next < this.m; next += 1) {
        if (mask & (1 << next) || (open.length === 1 && open[0] !== next)) continue;
        if (this.mayFollow(mask, last, next, steps)) this.step(last, next, mask, steps, cut, base);
      }
    }
  }

  private mayFollow(mask: number, last: number, next: number, steps: number): boolean {
    const { others, sides } = this.input;
    for (const other of this.partners[next] ?? [])
      if (other >= 0 && mask & (1 << other) && other !== last) return false;
    const station = others[next] as number;
    if (!this.fits(station, steps)) return false;
    return sides.last !== station || (mask | (1 << next)) === this.full;
  }

  /** The best way back to the anchor, or null where there is none. */
  close(): { readonly cost: number; readonly last: number; readonly cut: number } | null {
    const { others, sides } = this.input;
    let best: { cost: number; last: number; cut: number } | null = null;
    for (let last = 0; last < this.m; last += 1) {
      if (sides.last >= 0 && others[last] !== sides.last) continue;
      for (let cut = 0; cut < 2; cut += 1) {
        const cost = this.closed(last, cut);
        if (cost < (best?.cost ?? FAR)) best = { cost, last, cut };
      }
    }
    return best;
  }

  /** What the lap costs that goes back to the anchor from `last`; `FAR` where it may not. */
  private closed(last: number, cut: number): number {
    const { anchor, others } = this.input;
    const station = others[last] as number;
    const base = this.cost[this.at(this.full, last, cut)] as number;
    const here = this.placed ? this.cutHere(this.m + 1) : cut === 0;
    if (base >= FAR || (here && this.isTogether(station, anchor)) || (cut === 0 && !here)) return FAR;
    return base + (here ? this.cutAt(station, anchor, this.full) : this.whole(station, anchor));
  }

  /** The order that ends so, as a lap from its first station. */
  readBack(end: { readonly last: number; readonly cut: number }): readonly number[] {
    const order: number[] = [];
    const cuts: boolean[] = [];
    let { last, cut } = end;
    let mask = this.full;
    while (last >= 0) {
      order.unshift(this.input.others[last] as number);
      const here = this.at(mask, last, cut);
      const beforeCut = this.parentCut[here] as number;
      cuts.unshift(cut === 1 && beforeCut === 0);
      mask &= ~(1 << last);
      last = this.parent[here] as number;
      cut = beforeCut;
    }
    order.unshift(this.input.anchor);
    if (this.placed) {
      const list = new Array<number>(this.m + 1);
      order.forEach((station, i) => {
        list[this.placeAt(i)] = station;
      });
      return list;
    }
    // `cuts[i]`: the edge into order[i + 1] is the one where the lap ends; none where it is the last.
    const first = cuts.indexOf(true);
    return first < 0 ? order : [...order.slice(first + 1), ...order.slice(0, first + 1)];
  }
}

function tour(
  input: TourInput,
  onProgress: (share: number) => void,
): { cost: number; order: readonly number[] } | null {
  const table = new TourTable(input);
  table.begin();
  table.extend(onProgress);
  const end = table.close();
  return end && { cost: end.cost, order: table.readBack(end) };
}

function bits(mask: number): number {
  let count = 0;
  for (let rest = mask; rest > 0; rest &= rest - 1) count += 1;
  return count;
}
