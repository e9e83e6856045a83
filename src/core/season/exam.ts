/**
 * A plan of training days as text ("day 1 and 3 legs, day 5 and 7 push, every other day"), read for what it says and
 * for where it contradicts itself. What it can't read it leaves; it never guesses a day.
 */

export const FOCUS_GROUPS = ["full", "lower", "upper", "push", "pull", "trunk"] as const;
export type FocusGroup = (typeof FOCUS_GROUPS)[number];

/** Where something stands in the text, from 0; `to` is past its end. */
export interface Place {
  readonly from: number;
  readonly to: number;
}

/** One day that is named, with what stands after it. */
export interface NamedDay extends Place {
  /** 1 to 7 where it is one of a week. */
  readonly day: number;
  readonly words: string;
  readonly groups: readonly FocusGroup[];
  readonly rest: boolean;
}

export type Contradiction = Place &
  (
    | { readonly code: "running"; readonly days: readonly [number, number] }
    | { readonly code: "not-so-often"; readonly said: number; readonly named: number }
    | { readonly code: "rest-and-work"; readonly day: number }
    | { readonly code: "twice"; readonly day: number }
    | { readonly code: "too-soon"; readonly days: readonly [number, number]; readonly group: FocusGroup }
    | { readonly code: "no-such-day"; readonly day: number }
  );

export interface Exam {
  readonly days: readonly NamedDay[];
  /** "Every other day", or a day of rest between. */
  readonly everyOther: Place | null;
  /** So many times a week. */
  readonly times: (Place & { readonly n: number }) | null;
  readonly contradictions: readonly Contradiction[];
}

const WEEKDAYS = ["monday", "tuesday", "wednesday", "thursday", "friday", "saturday", "sunday"];
const NUMBERS: Readonly<Record<string, number>> = {
  once: 1,
  twice: 2,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
};
const GROUP_WORDS: readonly (readonly [RegExp, FocusGroup])[] = [
  [/\b(full|whole|total)\b/i, "full"],
  [/\b(legs?|lower|squats?|glutes?|hips?)\b/i, "lower"],
  [/\b(upper|arms?|shoulders?)\b/i, "upper"],
  [/\b(push|chest|press(es|ing)?)\b/i, "push"],
  [/\b(pull|back|rows?)\b/i, "pull"],
  [/\b(trunk|core|abs?)\b/i, "trunk"],
];
const ONE = `(?:\\d{1,2}|${WEEKDAYS.map((day) => `${day.slice(0, 3)}(?:${day.slice(3)})?`).join("|")})`;
const JOIN = "\\s*(?:,|and|&|\\+|-|–|to)\\s*";
const DAYS = new RegExp(
  `\\b(?:days?\\s+(\\d{1,2}(?:${JOIN}(?:days?\\s+)?\\d{1,2})*)|(${ONE.replace("\\d{1,2}|", "")}s?(?:${JOIN}${ONE.replace("\\d{1,2}|", "")}s?)*))(?![a-z])`,
  "gi",
);
const EVERY_OTHER = /\b(every (other|second) day|(a|one) day (of rest|off) between|rest days? between)\b/i;
const TIMES =
  /\b(once|twice|(?:(\d{1,2}|one|two|three|four|five|six|seven)\s*(?:times|x|×|days|sessions|classes)))\s*(?:a|per|each|every)\s*week\b/i;
const REST = /\b(rest|off|free|nothing|no training)\b/i;

function numberOf(word: string): number | null {
  const text = word.toLowerCase();
  if (/^\d+$/.test(text)) return Number(text);
  const at = WEEKDAYS.findIndex((day) => text.startsWith(day.slice(0, 3)));
  return at < 0 ? null : at + 1;
}

/** The numbers of a list of days: `1, 3 and 5`, `2–4`. */
function listed(text: string): readonly number[] {
  const words = text.match(new RegExp(`${ONE}|-|–|\\bto\\b`, "gi")) ?? [];
  const days: number[] = [];
  let range = false;
  for (const word of words) {
    if (/^(-|–|to)$/i.test(word)) {
      range = true;
      continue;
    }
    const n = numberOf(word);
    if (n === null) continue;
    const last = days.at(-1);
    if (range && last !== undefined) for (let day = last + 1; day < n; day += 1) days.push(day);
    days.push(n);
    range = false;
  }
  return days;
}

/** What follows a day's name up to the next one or the end of its sentence. */
function wordsAfter(text: string, from: number, next: number): string {
  const rest = text.slice(from, next);
  const end = rest.search(/[;.\n]/);
  return (end < 0 ? rest : rest.slice(0, end)).replace(/^[\s:,–-]+|[\s,–-]+$/g, "");
}

function namedDays(text: string): readonly NamedDay[] {
  const found = [...text.matchAll(DAYS)];
  return found.flatMap((match, i) => {
    const from = match.index;
    const to = from + match[0].length;
    // A day of rest between them is none of rest.
    const words = wordsAfter(text, to, found[i + 1]?.index ?? text.length).replace(EVERY_OTHER, "");
    const before = text.slice(Math.max(0, from - 12), from);
    const rest = REST.test(words) || /\b(rest|off)\s+(on\s+)?$/i.test(before);
    const groups = rest
      ? []
      : GROUP_WORDS.flatMap(([pattern, group]) => (pattern.test(words) ? [group] : []));
    return listed(match[0]).map((day): NamedDay => ({ day, words, groups, rest, from, to }));
  });
}

/** Groups that share muscles: the whole shares with all, the upper half with what it is made of. */
function shared(a: readonly FocusGroup[], b: readonly FocusGroup[]): FocusGroup | null {
  const wide = (groups: readonly FocusGroup[]) =>
    new Set(
      groups.flatMap((group): readonly FocusGroup[] =>
        group === "full" ? FOCUS_GROUPS : group === "upper" ? ["upper", "push", "pull"] : [group],
      ),
    );
  const [x, y] = [wide(a), wide(b)];
  return FOCUS_GROUPS.find((group) => group !== "full" && x.has(group) && y.has(group)) ?? null;
}

/** Days in order, each once; a week goes round, so the last meets the first again. */
function running(days: readonly number[]): readonly (readonly [number, number])[] {
  const sorted = [...new Set(days)].sort((a, b) => a - b);
  const pairs = sorted.flatMap((day) => (sorted.includes(day + 1) ? [[day, day + 1] as const] : []));
  return sorted.includes(7) && sorted.includes(1) ? [...pairs, [7, 1]] : pairs;
}

const placeOf = ({ from, to }: Place): Place => ({ from, to });

/** Contradictions between the days themselves. */
function amongDays(days: readonly NamedDay[]): Contradiction[] {
  const found: Contradiction[] = [];
  const worked = days.filter(({ rest }) => !rest);
  for (const each of days) {
    if (each.day < 1 || each.day > 7) found.push({ code: "no-such-day", day: each.day, ...placeOf(each) });
  }
  for (const each of days.filter(({ rest }) => rest))
    if (worked.some(({ day }) => day === each.day))
      found.push({ code: "rest-and-work", day: each.day, ...placeOf(each) });
  worked.forEach((each, i) => {
    const again = worked.findIndex(({ day }) => day === each.day);
    if (again < i) found.push({ code: "twice", day: each.day, ...placeOf(each) });
  });
  return found;
}

/** The same muscles on days that follow one another: less than two days to recover. */
function tooSoon(days: readonly NamedDay[]): Contradiction[] {
  const worked = days.filter(({ rest }) => !rest);
  return running(worked.map(({ day }) => day)).flatMap(([a, b]): Contradiction[] => {
    const [first, second] = [a, b].map((day) => worked.find((each) => each.day === day));
    const group = first && second ? shared(first.groups, second.groups) : null;
    return group && second ? [{ code: "too-soon", days: [a, b], group, ...placeOf(second) }] : [];
  });
}

/** Reads a plan of days and says where it contradicts itself. */
export function examine(text: string): Exam {
  const days = namedDays(text);
  const other = EVERY_OTHER.exec(text);
  const everyOther = other && { from: other.index, to: other.index + other[0].length };
  const often = TIMES.exec(text);
  const n = often ? (NUMBERS[(often[2] ?? often[1] ?? "").toLowerCase()] ?? Number(often[2])) : 0;
  const times = often && { n, from: often.index, to: often.index + often[0].length };
  const worked = [...new Set(days.filter(({ rest }) => !rest).map(({ day }) => day))];
  const contradictions: Contradiction[] = [...amongDays(days), ...tooSoon(days)];
  if (everyOther)
    for (const pair of running(worked)) contradictions.push({ code: "running", days: pair, ...everyOther });
  if (times && worked.length > 0 && worked.length !== times.n)
    contradictions.push({ code: "not-so-often", said: times.n, named: worked.length, ...placeOf(times) });
  return { days, everyOther, times, contradictions };
}
