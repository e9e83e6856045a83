/**
 * Two people at one record: what one changed since they opened it goes on top of what stands now, field by
 * field. Lists of things with ids are merged thing by thing, other lists entry by entry; only where both
 * changed the same value to different ones do they meet, and then somebody has to choose.
 */

type Json = Readonly<Record<string, unknown>>;

/** A value that both changed. Absent ones are undefined. */
export interface Meeting {
  /** Keys and ids on the way to it. */
  readonly path: readonly string[];
  readonly before: unknown;
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merged<T> {
  /** What stands now. */
  readonly theirs: T;
  /** With what doesn't meet from both, and theirs where they meet. */
  readonly value: T;
  readonly meets: readonly Meeting[];
}

const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b);
const isObject = (value: unknown): value is Json =>
  typeof value === "object" && value !== null && !Array.isArray(value);
/** Lists in which each entry says something by itself; ranges of numbers and lists of lists hold together. */
const isLoose = (list: readonly unknown[]) =>
  list.every((entry) => typeof entry === "string" || isObject(entry));
const hasIds = (list: readonly unknown[]): list is readonly (Json & { id: string })[] =>
  list.every((entry) => isObject(entry) && typeof entry.id === "string");

function mergeObjects(
  before: Json,
  mine: Json,
  theirs: Json,
  path: readonly string[],
  meets: Meeting[],
): Json {
  const out: Record<string, unknown> = {};
  // Their order first: what I added comes behind.
  for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
    const value = mergeValues(before[key], mine[key], theirs[key], [...path, key], meets);
    if (value !== undefined) out[key] = value;
  }
  return out;
}

/** Lists of things with ids: each thing by itself. */
function mergeById(
  before: readonly (Json & { id: string })[],
  mine: readonly (Json & { id: string })[],
  theirs: readonly (Json & { id: string })[],
  path: readonly string[],
  meets: Meeting[],
): unknown[] {
  const find = (list: readonly (Json & { id: string })[], id: string) =>
    list.find((entry) => entry.id === id);
  const ids = new Set([...theirs, ...mine].map(({ id }) => id));
  return [...ids].flatMap((id) => {
    const value = mergeValues(find(before, id), find(mine, id), find(theirs, id), [...path, id], meets);
    return value === undefined ? [] : [value];
  });
}

/** Other lists: theirs, without what I took out, with what I added. */
function mergeEntries(
  before: readonly unknown[],
  mine: readonly unknown[],
  theirs: readonly unknown[],
): unknown[] {
  const holds = (list: readonly unknown[], entry: unknown) => list.some((other) => same(other, entry));
  const kept = theirs.filter((entry) => holds(mine, entry) || !holds(before, entry));
  return [...kept, ...mine.filter((entry) => !holds(before, entry) && !holds(kept, entry))];
}

/** Lists of things with ids, or of loose entries; null for lists whose order is what they say. */
function mergeLists(
  before: unknown,
  mine: readonly unknown[],
  theirs: readonly unknown[],
  path: readonly string[],
  meets: Meeting[],
): unknown[] | null {
  const was = Array.isArray(before) ? before : [];
  if (hasIds(mine) && hasIds(theirs) && hasIds(was)) return mergeById(was, mine, theirs, path, meets);
  return [mine, theirs, was].every(isLoose) ? mergeEntries(was, mine, theirs) : null;
}

function mergeValues(
  before: unknown,
  mine: unknown,
  theirs: unknown,
  path: readonly string[],
  meets: Meeting[],
): unknown {
  if (same(mine, before) || same(mine, theirs)) return theirs;
  if (same(theirs, before)) return mine;
  if (isObject(mine) && isObject(theirs))
    return mergeObjects(isObject(before) ? before : {}, mine, theirs, path, meets);
  const merged =
    Array.isArray(mine) && Array.isArray(theirs) && mergeLists(before, mine, theirs, path, meets);
  if (merged) return merged;
  meets.push({ path, before, mine, theirs });
  return theirs;
}

/** What stands now (`theirs`) with what I changed of `before`. All three are plain data. */
export function merge<T extends object>(before: T, mine: T, theirs: T): Merged<T> {
  const meets: Meeting[] = [];
  const value = mergeObjects(before as Json, mine as Json, theirs as Json, [], meets) as T;
  return { theirs, value: same(value, theirs) ? theirs : value, meets };
}

function put(value: unknown, [step, ...rest]: readonly string[], to: unknown): unknown {
  if (step === undefined) return to;
  if (Array.isArray(value)) {
    const known = value.some((entry) => isObject(entry) && entry.id === step);
    const next = known
      ? value.map((entry) => (isObject(entry) && entry.id === step ? put(entry, rest, to) : entry))
      : [...value, put({ id: step }, rest, to)];
    return next.filter((entry) => entry !== undefined);
  }
  const object = isObject(value) ? value : {};
  const next = put(object[step], rest, to);
  const { [step]: _old, ...others } = object;
  return next === undefined ? others : { ...object, [step]: next };
}

/** What somebody opened and what they made of it. */
export interface Change<T> {
  readonly before: T;
  readonly mine: T;
}

/**
 * The same change once it was chosen what holds where two met: sent again it meets nothing, unless somebody
 * changes it once more. Of a key in which anything met, the change starts from what stands now.
 */
export function settled<T extends object>(
  change: Change<T>,
  met: Merged<T>,
  holds: "mine" | "theirs",
): Change<T> {
  const chosen =
    holds === "theirs"
      ? met.value
      : met.meets.reduce<unknown>((now, { path, mine }) => put(now, path, mine), met.value);
  const keys = new Set(met.meets.map(({ path }) => path[0] as string));
  const from = (record: unknown, over: unknown) => {
    const next: Record<string, unknown> = { ...(record as Json) };
    for (const key of keys) {
      const value = (over as Json)[key];
      if (value === undefined) delete next[key];
      else next[key] = value;
    }
    return next as T;
  };
  return { before: from(change.before, met.theirs), mine: from(change.mine, chosen) };
}
