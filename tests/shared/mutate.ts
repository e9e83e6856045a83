/**
 * Damaged input, the same for the same seed: values changed where they stand (structure-aware) and texts
 * changed byte by byte. What it does is what people, other programs and attackers do: leave out, repeat a
 * few thousand times, put something of another kind, something huge, or something torn in its place.
 */

/** A number from 0 up to, not including, `below`. */
export type Random = (below: number) => number;

/** A small generator (mulberry32, public domain): good enough to spread, and the same on every machine. */
export function seeded(seed: number): Random {
  let state = seed >>> 0;
  return (below) => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return Math.floor((((t ^ (t >>> 14)) >>> 0) / 4_294_967_296) * below);
  };
}

export const pick = <T>(random: Random, list: readonly T[]): T => list[random(list.length)] as T;

function deep(levels: number): unknown {
  let value: unknown = 0;
  for (let i = 0; i < levels; i += 1) value = i % 2 ? [value] : { in: value };
  return value;
}

/** Values that readers trip over. */
const ODD: readonly ((random: Random) => unknown)[] = [
  () => null,
  () => true,
  () => "",
  () => 0,
  () => -1,
  () => 1.5,
  () => 0.1 + 0.2,
  () => 1e308,
  () => -1e-308,
  () => 2 ** 53,
  () => 7200,
  () => 100,
  (random) => random(20),
  (random) => random(2000) - 1000,
  () => [],
  () => ({}),
  () => "a\u0000b",
  () => "\ud83d",
  () => "\udc00 torn",
  () => "‮ turned \u200b",
  () => "__proto__",
  () => "constructor",
  () => "=1+1;-2",
  () => "x".repeat(30_000),
  () => "é𝄞".repeat(500),
  () => deep(40),
  () => deep(3000),
  () => Array.from({ length: 3000 }, (_, i) => i),
  () => Array.from({ length: 150 }, () => 0),
  () => Object.fromEntries(Array.from({ length: 2500 }, (_, i) => [`k${i}`, i])),
  () => ({ min: 3, plan: 1, max: 2 }),
  () => ({ min: 1, max: 1000 }),
  () => ({ seconds: 40, reps: 10 }),
  () => ({ name: "Own", like: "goblet-squat" }),
];

/** A copy, or the thing itself where it is nested too deep to be copied. */
function copied<T>(value: T): T {
  try {
    return structuredClone(value);
  } catch {
    return value;
  }
}

interface Place {
  readonly holder: Record<string | number, unknown>;
  readonly key: string | number;
}

/** Every place in a value that something else could stand in. */
function placesOf(root: unknown): Place[] {
  const places: Place[] = [];
  const open: unknown[] = [root];
  while (open.length > 0 && places.length < 4000) {
    const value = open.pop();
    if (typeof value !== "object" || value === null) continue;
    const keys = Array.isArray(value) ? value.keys() : Object.keys(value);
    for (const key of keys) {
      places.push({ holder: value as Place["holder"], key });
      open.push((value as Place["holder"])[key]);
    }
  }
  return places;
}

function changeAt({ holder, key }: Place, places: readonly Place[], random: Random): void {
  const here = holder[key];
  switch (random(8)) {
    case 0:
      if (Array.isArray(holder)) holder.splice(Number(key), 1);
      else delete holder[key];
      return;
    case 1:
      if (Array.isArray(holder)) {
        const times = pick(random, [1, 1, 2, 10, 70, 700]);
        for (let i = 0; i < times; i += 1) holder.push(copied(here));
      } else holder[`${key}2`] = copied(here);
      return;
    case 2:
    case 3: {
      const other = pick(random, places);
      holder[key] = copied(other.holder[other.key]);
      return;
    }
    case 4:
      if (typeof here === "number") {
        holder[key] = pick(random, [here + 1, here - 1, -here, here * 1000, here / 3, here + 0.001]);
        return;
      }
      if (typeof here === "string") {
        holder[key] = pick(random, [`${here} `, here.toUpperCase(), here.slice(1), here + here, `${here}-2`]);
        return;
      }
      break;
    case 5: {
      // A key that stands elsewhere, with what stands there.
      const other = pick(random, places);
      if (!Array.isArray(holder) && typeof other.key === "string")
        holder[other.key] = copied(other.holder[other.key]);
      return;
    }
    default:
      break;
  }
  holder[key] = pick(random, ODD)(random);
}

/** A copy of a value with one to five changes in it. */
export function mutated(value: unknown, random: Random): unknown {
  const root = { value: copied(value) };
  const changes = 1 + random(random(3) === 0 ? 5 : 2);
  for (let i = 0; i < changes; i += 1) {
    const places = placesOf(root.value);
    if (places.length === 0) return pick(random, ODD)(random);
    changeAt(pick(random, places), places, random);
  }
  return root.value;
}

/** A text with some bytes changed, cut, repeated or put in; what is no UTF-8 any more is read as it may be. */
export function torn(text: string, random: Random): string {
  let bytes = Buffer.from(text);
  const changes = 1 + random(4);
  for (let i = 0; i < changes && bytes.length > 0; i += 1) {
    const at = random(bytes.length);
    const to = Math.min(bytes.length, at + 1 + random(40));
    switch (random(5)) {
      case 0:
        bytes[at] = random(256);
        break;
      case 1:
        bytes = Buffer.concat([bytes.subarray(0, at), bytes.subarray(to)]);
        break;
      case 2: {
        const piece = bytes.subarray(at, to);
        const times = pick(random, [1, 2, 50]);
        const more = Array.from({ length: times }, () => piece);
        bytes = Buffer.concat([bytes.subarray(0, to), ...more, bytes.subarray(to)]);
        break;
      }
      case 3: {
        const put = pick(random, [
          "\0",
          '"',
          "\\ud83d",
          ",",
          ";",
          "[",
          "{",
          "\n",
          "=",
          "'",
          "9".repeat(40),
          "\\u0000",
        ]);
        bytes = Buffer.concat([bytes.subarray(0, at), Buffer.from(put), bytes.subarray(at)]);
        break;
      }
      default:
        bytes = bytes.subarray(0, at);
    }
  }
  return bytes.toString("utf8");
}
