/**
 * The stations of a lap in the best order. The cost of a block is rounds × the sum along the lap +
 * (rounds − 1) × last before first: over a closed tour that is rounds × the tour less one of its
 * edges, the one where the lap is cut. So a tour is looked for from one anchor (dynamic programming
 * over subsets, Held & Karp 1962), with "has been cut" as part of the state. A pinned station is the
 * anchor where there is one; then the place of every step is known, and so is the cut.
 */

/** Rounds × the sum along the lap + (rounds − 1) × last before first. */
export function lapCost(
  order: readonly number[],
  pairs: readonly (readonly number[])[],
  rounds: number,
): number {
  let sum = 0;
  for (let i = 1; i < order.length; i += 1) sum += pairs[order[i - 1] as number]?.[order[i] as number] ?? 0;
  const closing = pairs[order.at(-1) as number]?.[order[0] as number] ?? 0;
  return rounds * sum + (rounds - 1) * closing;
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

function bestOfAll(
  pairs: readonly (readonly number[])[],
  rounds: number,
  rules: Rules,
): readonly number[] | null {
  const orders = (left: readonly number[]): number[][] =>
    left.length === 0
      ? [[]]
      : left.flatMap((first) => orders(left.filter((i) => i !== first)).map((rest) => [first, ...rest]));
  let best: readonly number[] | null = null;
  for (const order of orders(pairs.map((_, i) => i))) {
    if (!keepsRules(order, rules)) continue;
    if (!best || lapCost(order, pairs, rounds) < lapCost(best, pairs, rounds)) best = order;
  }
  return best;
}

/** The best closed tour from the anchor; null where the rules allow none. */
export function bestTour(
  pairs: readonly (readonly number[])[],
  rounds: number,
  rules: Rules,
  onProgress: (share: number) => void,
): readonly number[] | null {
  // In a tour of two both edges join the same two stations; the few orders of so few are simply tried.
  if (pairs.length <= 3) return bestOfAll(pairs, rounds, rules);
  const pinned = rules.place.findIndex((place) => place >= 0);
  const free = rules.partners.findIndex((list) => list.length === 0);
  const anchor = pinned >= 0 ? pinned : Math.max(0, free);
  const start = pinned >= 0 ? (rules.place[anchor] as number) : -1;
  const others = pairs.map((_, i) => i).filter((i) => i !== anchor);
  let best: { cost: number; order: readonly number[] } | null = null;
  const runs = anchorSides(rules.partners[anchor] ?? []);
  runs.forEach((sides, i) => {
    const found = tour(pairs, rounds, rules, anchor, start, others, sides, (share) =>
      onProgress((i + share) / runs.length),
    );
    if (found && (!best || found.cost < best.cost)) best = found;
  });
  const found = best as { cost: number; order: readonly number[] } | null;
  return found?.order ?? null;
}

function tour(
  pairs: readonly (readonly number[])[],
  rounds: number,
  rules: Rules,
  anchor: number,
  start: number,
  others: readonly number[],
  sides: AnchorSides,
  onProgress: (share: number) => void,
): { cost: number; order: readonly number[] } | null {
  const m = others.length;
  const n = m + 1;
  const full = (1 << m) - 1;
  const placed = start >= 0;
  const size = (full + 1) * m * 2;
  const cost = new Int32Array(size).fill(FAR);
  const parent = new Int8Array(size).fill(-1);
  const parentCut = new Int8Array(size);
  const at = (mask: number, last: number, cut: number) => (mask * m + last) * 2 + cut;
  const indexOf = (station: number) => others.indexOf(station);
  const partners = others.map((station) => (rules.partners[station] ?? []).map(indexOf));
  const w = (a: number, b: number) => pairs[a]?.[b] ?? 0;
  /** Where a step lands: its place in the list when places are known. */
  const placeAt = (steps: number) => (start + steps) % n;
  const fits = (station: number, steps: number) =>
    !placed || (rules.place[station] as number) < 0 || rules.place[station] === placeAt(steps);
  const cutHere = (steps: number) => placed && placeAt(steps) === 0;
  const isTogether = (a: number, b: number) => rules.partners[a]?.includes(b) ?? false;

  const relax = (to: number, value: number, from: number, fromCut: number) => {
    if (value < (cost[to] as number)) {
      cost[to] = value;
      parent[to] = from;
      parentCut[to] = fromCut;
    }
  };
  /** The two prices of an edge: whole, or cut. Partners are never cut apart. */
  const step = (
    a: number,
    b: number,
    steps: number,
    cut: number,
    to: (cut: number) => number,
    base: number,
    from: number,
  ) => {
    const price = w(a, b);
    if (placed) {
      const here = cutHere(steps);
      if (here && isTogether(a, b)) return;
      relax(to(here ? 1 : cut), base + (here ? rounds - 1 : rounds) * price, from, cut);
      return;
    }
    relax(to(cut), base + rounds * price, from, cut);
    if (cut === 0 && !isTogether(a, b)) relax(to(1), base + (rounds - 1) * price, from, cut);
  };

  for (let j = 0; j < m; j += 1) {
    const station = others[j] as number;
    if (!fits(station, 1) || (sides.second >= 0 && station !== sides.second)) continue;
    if (sides.last === station && m > 1) continue;
    step(anchor, station, 1, 0, (cut) => at(1 << j, j, cut), 0, -1);
  }
  for (let mask = 1; mask <= full; mask += 1) {
    if ((mask & 1023) === 0) onProgress(mask / full);
    const steps = bits(mask) + 1;
    for (let last = 0; last < m; last += 1) {
      if (!(mask & (1 << last))) continue;
      const open = (partners[last] ?? []).filter((other) => other >= 0 && !(mask & (1 << other)));
      if (open.length > 1) continue;
      for (let cut = 0; cut < 2; cut += 1) {
        const base = cost[at(mask, last, cut)] as number;
        if (base >= FAR) continue;
        for (let next = 0; next < m; next += 1) {
          if (mask & (1 << next)) continue;
          if (open.length === 1 && open[0] !== next) continue;
          const behind = (partners[next] ?? []).filter((other) => other >= 0 && mask & (1 << other));
          if (behind.some((other) => other !== last)) continue;
          const station = others[next] as number;
          if (!fits(station, steps)) continue;
          if (sides.last === station && (mask | (1 << next)) !== full) continue;
          step(
            others[last] as number,
            station,
            steps,
            cut,
            (now) => at(mask | (1 << next), next, now),
            base,
            last,
          );
        }
      }
    }
  }
  let best = FAR;
  let end: { last: number; cut: number } | null = null;
  for (let last = 0; last < m; last += 1) {
    const station = others[last] as number;
    if (sides.last >= 0 && station !== sides.last) continue;
    for (let cut = 0; cut < 2; cut += 1) {
      const base = cost[at(full, last, cut)] as number;
      if (base >= FAR) continue;
      const together = isTogether(station, anchor);
      const close = (factor: number) => {
        const value = base + factor * w(station, anchor);
        if (value < best) {
          best = value;
          end = { last, cut };
        }
      };
      const here = placed ? cutHere(n) : cut === 0;
      if (here && together) continue;
      if (cut === 1 || here) close(here ? rounds - 1 : rounds);
    }
  }
  if (!end) return null;
  // Read back, noting where the cut was.
  const order: number[] = [];
  const cuts: boolean[] = [];
  let { last, cut } = end as { last: number; cut: number };
  let mask = full;
  let closedCut = cut === 0;
  while (last >= 0) {
    order.unshift(others[last] as number);
    const here = at(mask, last, cut);
    const before = parent[here] as number;
    const beforeCut = parentCut[here] as number;
    cuts.unshift(cut === 1 && beforeCut === 0);
    mask &= ~(1 << last);
    last = before;
    cut = beforeCut;
  }
  order.unshift(anchor);
  if (placed) {
    const list = new Array<number>(n);
    order.forEach((station, i) => {
      list[placeAt(i)] = station;
    });
    return { cost: best, order: list };
  }
  // `cuts[i]`: the edge into order[i + 1] is the one where the lap ends.
  const first = cuts.indexOf(true);
  if (first >= 0) closedCut = false;
  const turned = closedCut || first < 0 ? order : [...order.slice(first + 1), ...order.slice(0, first + 1)];
  return { cost: best, order: turned };
}

function bits(mask: number): number {
  let count = 0;
  for (let rest = mask; rest > 0; rest &= rest - 1) count += 1;
  return count;
}

/** Exchanges and moves of one station until none helps, from the order as it is: good, not proved. */
export function improved(
  pairs: readonly (readonly number[])[],
  rounds: number,
  rules: Rules,
): readonly number[] {
  let order = pairs.map((_, i) => i);
  let cost = lapCost(order, pairs, rounds);
  for (let better = true; better; ) {
    better = false;
    for (let i = 0; i < order.length; i += 1) {
      for (let j = 0; j < order.length; j += 1) {
        if (i === j) continue;
        const moved = order.filter((_, k) => k !== i);
        moved.splice(j, 0, order[i] as number);
        const swapped = order.map((station, k) =>
          k === i ? (order[j] as number) : k === j ? (order[i] as number) : station,
        );
        for (const next of [moved, swapped]) {
          const value = lapCost(next, pairs, rounds);
          if (value < cost && keepsRules(next, rules)) {
            order = next;
            cost = value;
            better = true;
          }
        }
      }
    }
  }
  return order;
}
