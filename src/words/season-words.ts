/** What a season says of itself, in words. */

import { zoneName } from "../core/live/when";
import type { SeasonFinding, SeasonSays } from "../core/season/checks";
import type { Contradiction } from "../core/season/exam";
import { upperFirst } from "./letters";
import { shortDay } from "./when-words";
import type { Words } from "./words";

/** Weeks from 0 as they are counted, runs together: `weeks 1–3 and 5`. */
export function weeksText(weeks: readonly number[], words: Words): string {
  const runs: [number, number][] = [];
  for (const week of [...new Set(weeks)].sort((a, b) => a - b)) {
    const last = runs.at(-1);
    if (last && last[1] === week - 1) last[1] = week;
    else runs.push([week, week]);
  }
  const texts = runs.map(([from, to]) => (from === to ? `${from + 1}` : `${from + 1}–${to + 1}`));
  const one = runs.length === 1 && runs[0]?.[0] === runs[0]?.[1];
  return one
    ? words.phrase("season", "week", { n: texts[0] ?? "" })
    : words.phrase("season", "weeks", { list: words.and(texts) });
}

const range = (least: number, most: number, words: Words) =>
  least === most ? words.number(least) : `${words.number(least)}–${words.number(most)}`;

interface Writing {
  readonly words: Words;
  /** Day and title of a class by its id. */
  readonly when: (id: string) => string;
}
type Of<C extends SeasonSays["code"]> = Extract<SeasonSays, { readonly code: C }>;

const daysText = (list: readonly string[], words: Words) =>
  words.and(list.map((day) => shortDay(day, words)));

const amounts =
  (key: "weekMany" | "weekFew") =>
  ({ bound, muscles }: Of<"week-many" | "week-few">, { words }: Writing) =>
    words.phrase("season", key, {
      bound,
      muscles: muscles
        .map(({ muscle, least, most, weeks }) =>
          words.phrase("season", "inWeeks", {
            muscle: words.name("muscle", muscle),
            sets: range(least, most, words),
            weeks: weeksText(weeks, words),
          }),
        )
        .join(", "),
    });

const WRITERS: { readonly [C in SeasonSays["code"]]: (says: Of<C>, writing: Writing) => string } = {
  "at-once": ({ pairs }, { words, when }) =>
    words.phrase("season", "atOnce", {
      n: pairs.length,
      when: words.and(pairs.map(([first]) => when(first))),
    }),
  busy: ({ meets }, { words, when }) =>
    words.phrase("season", "busy", { n: meets.length, when: words.and(meets.map(when)) }),
  "day-off": ({ days }, { words }) => words.phrase("season", "dayOff", { days: daysText(days, words) }),
  "not-as-said": ({ says, days }, { words }) =>
    words.phrase("season", "notAsSaid", {
      says,
      n: days.length,
      days: words.and(days.map(([a, b]) => `${shortDay(a, words)}/${shortDay(b, words)}`)),
    }),
  "not-so-often": ({ says, said, weeks }, { words }) =>
    words.phrase("season", "notSoOften", { says, said, weeks: weeksText(weeks, words) }),
  "too-soon": ({ muscles, hours, weeks }, { words }) =>
    words.phrase("season", "tooSoon", {
      muscles: words.and(muscles.map((muscle) => words.name("muscle", muscle))),
      hours,
      weeks: weeksText(weeks, words),
    }),
  running: ({ days, from }, { words }) =>
    words.phrase("season", "running", { days, from: daysText(from, words) }),
  "week-many": amounts("weekMany"),
  "week-few": amounts("weekFew"),
  jump: ({ muscles }, { words }) =>
    words.phrase("season", "jump", {
      muscles: muscles
        .map(({ muscle, least, most, week }) =>
          words.phrase("season", "jumped", {
            muscle: words.name("muscle", muscle),
            from: words.number(least),
            to: words.number(most),
            week: week + 1,
          }),
        )
        .join(", "),
    }),
  gone: ({ muscles }, { words }) =>
    words.phrase("season", "gone", {
      muscles: muscles
        .map(({ muscle, weeks }) =>
          words.phrase("season", "goneIn", {
            muscle: words.name("muscle", muscle),
            weeks: weeksText(weeks, words),
          }),
        )
        .join(", "),
    }),
  "clock-change": ({ minutes, day, people, zone, time }, { words }) =>
    words.phrase("season", Math.abs(minutes) === 60 ? "clockChange" : "clockChangeBy", {
      day: shortDay(day, words),
      way: minutes < 0 ? "earlier" : "later",
      minutes: Math.abs(minutes),
      people: words.and(people),
      zone: zoneName(zone),
      time,
    }),
};

/** What stands in a finding, as a sentence. `when`: day and title of a class by its id. */
export function seasonText(
  { says }: Pick<SeasonFinding, "says">,
  when: (id: string) => string,
  words: Words,
): string {
  const write = WRITERS[says.code] as (says: SeasonSays, writing: Writing) => string;
  return upperFirst(write(says, { words, when }));
}

/** A contradiction of a plan of days. */
export function contradictionText(found: Contradiction, words: Words): string {
  switch (found.code) {
    case "running":
      return words.phrase("season", "runningDays", { a: found.days[0], b: found.days[1] });
    case "not-so-often":
      return words.phrase("season", "saidTimes", { said: found.said, named: found.named });
    case "rest-and-work":
      return words.phrase("season", "restAndWork", { day: found.day });
    case "twice":
      return words.phrase("season", "twiceNamed", { day: found.day });
    case "too-soon":
      return words.phrase("season", "soonAgain", {
        a: found.days[0],
        b: found.days[1],
        group: words.phrase("focusGroup", found.group),
      });
    case "no-such-day":
      return words.phrase("season", "noSuchDay", { day: found.day });
  }
}
