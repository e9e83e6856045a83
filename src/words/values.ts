/**
 * The values of a reason as arguments of its message. A value `k` gives `{k}`, as it stands by itself;
 * `{kInside}`, as it stands within a sentence; `{kAny}`, `yes` or `no`; of lists `{kCount}`; of needs
 * `{kNone}`, each with its *no*; of kit `{kOne}`, as one of it.
 */
import type { Topic } from "../core/reasons/topics";
import type { Inner, MoveName, Values } from "../core/reasons/value";
import { clockText } from "../core/units";
import { spanText } from "../core/values/span";
import { spokenDose } from "./dose-words";
import { heldText, kitName, massText } from "./kit-words";
import { needText } from "./need-words";
import { musclesText, namesText } from "./people-words";
import { dayText } from "./when-words";
import type { Args, Words } from "./words";

interface Shaped {
  readonly text: string;
  readonly inside?: string;
  readonly count?: number;
  readonly none?: string;
  readonly one?: string;
}

const nameOf = ({ name }: MoveName) => name;

const SHAPES: { readonly [K in keyof Values]: (value: Values[K], words: Words) => Shaped } = {
  move: (move, words) => ({ text: nameOf(move), inside: words.inside(nameOf(move)) }),
  moves: (moves, words) => ({
    text: moves.map(nameOf).join(", "),
    inside: moves.map((move) => words.inside(nameOf(move))).join(", "),
    count: moves.length,
  }),
  muscles: (muscles, words) => ({ text: musclesText(muscles, words), count: muscles.length }),
  sets: (sets, words) => ({
    text: sets.map(([muscle, n]) => `${words.name("muscle", muscle)} ${words.number(n)}`).join(", "),
    count: sets.length,
  }),
  names: (names, words) => ({ text: namesText(names, words), count: names.length }),
  block: (title) => ({ text: title }),
  clock: (seconds) => ({ text: clockText(seconds) }),
  day: (day, words) => ({ text: dayText(day, words) }),
  decimal: (value, words) => ({ text: words.number(value) }),
  ratio: (n, words) => ({ text: n >= 1 ? `${words.number(n, 1)}:1` : `1:${words.number(1 / n, 1)}` }),
  mass: ({ kg, units }, words) => ({ text: massText(kg, units, words) }),
  span: (span) => ({ text: spanText(span) }),
  dose: (dose, words) => ({ text: spokenDose(dose, words) }),
  mark: (mark, words) => ({ text: words.name("mark", mark) }),
  limits: (limits, words) => ({
    text: limits.map((limit) => words.name("limit", limit)).join(", "),
    count: limits.length,
  }),
  needs: (needs, words) => ({
    text: words.and(needs.map((need) => needText(need, words))),
    none: words.and(needs.map((need) => words.phrase("needs", "no", { need: needText(need, words, true) }))),
    count: needs.length,
  }),
  held: ({ things, units }, words) => ({ text: heldText(things, units, words), count: things.length }),
  kits: (types, words) => ({
    text: types.map((type) => kitName(type, 1, words)).join(", "),
    one: types[0] ? kitName(types[0], 1, words) : "",
    count: types.length,
  }),
  users: (users, words) => ({
    text: users
      .map(({ kit, names }) => {
        const name = kitName(kit, 1, words);
        return names.length === 0
          ? name
          : words.phrase("kit", "used", { kit: name, who: namesText(names, words) });
      })
      .join(", "),
    count: users.length,
  }),
};

function isInner(value: object): value is Inner<Topic, never> {
  return "topic" in value;
}

function shaped(value: object, words: Words): Shaped {
  if (isInner(value)) {
    const text = value.reasons.map((reason) => words.say(value.topic, reason)).join("; ");
    return { text, inside: words.inside(text), count: value.reasons.length };
  }
  const [key] = Object.keys(value) as (keyof Values)[];
  if (!key || !(key in SHAPES)) throw new RangeError(`no value has the key ${key}`);
  const shape = SHAPES[key] as (value: unknown, words: Words) => Shaped;
  return shape((value as Values)[key], words);
}

/** What the instructor wrote, within a sentence: small, and without a point of its own. */
function noteInside(text: string): string {
  return text.toLowerCase().replace(/\.$/, "");
}

/** The arguments of a message from the values of a reason. */
export function argsOf(values: Readonly<Record<string, unknown>>, words: Words): Args {
  const args: Record<string, string | number> = {};
  for (const [key, value] of Object.entries(values)) {
    if (typeof value === "number") args[key] = value;
    else if (typeof value === "string") putText(args, key, { text: value, inside: noteInside(value) });
    else if (typeof value === "object" && value !== null) putText(args, key, shaped(value, words));
  }
  return args;
}

/** A text's arguments: itself, within a sentence, whether there is any, and the forms that it has. */
function putText(
  args: Record<string, string | number>,
  key: string,
  { text, inside = text, count, none, one }: Shaped,
): void {
  args[key] = text;
  args[`${key}Inside`] = inside;
  args[`${key}Any`] = text === "" ? "no" : "yes";
  if (count !== undefined) args[`${key}Count`] = count;
  if (none !== undefined) args[`${key}None`] = none;
  if (one !== undefined) args[`${key}One`] = one;
}
