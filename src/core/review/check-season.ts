/** This class among its week: hard sets by muscle, and the hours since the same muscles worked hard. */
import type { ClassDoc } from "../class/document";
import { balanceOf } from "../effort/balance";
import type { Muscle } from "../moves/move";
import type { Ms } from "../units";
import type { ReviewContext } from "./context";
import type { Found } from "./finding";

const HOUR: Ms = 3_600_000;
const DAY: Ms = 24 * HOUR;

/** Monday 0:00 UTC of the week that an instant lies in. */
function weekOf(atMs: Ms): Ms {
  // 1970-01-01 was a Thursday.
  const day = Math.floor(atMs / DAY);
  return (day - ((day + 3) % 7)) * DAY;
}

type Sets = ReadonlyMap<Muscle, number>;
type SetsOf = (doc: ClassDoc) => Sets;
type Season = NonNullable<ReviewContext["season"]>;

/** Hard sets of each muscle in the week of this class, its own among them. */
function weekSets(own: Sets, { atMs, classes }: Season, setsOf: SetsOf): Sets {
  const total = new Map<Muscle, number>(own);
  for (const other of classes) {
    if (weekOf(other.atMs) !== weekOf(atMs)) continue;
    for (const [muscle, sets] of setsOf(other.doc)) total.set(muscle, (total.get(muscle) ?? 0) + sets);
  }
  return total;
}

/** Muscles with two hard sets or more in this class and in one within `hours` of it; each with the fewest hours between. */
function workedLately(own: Sets, { atMs, classes }: Season, setsOf: SetsOf, hours: number): Sets {
  const soon = new Map<Muscle, number>();
  for (const other of classes) {
    const apart = Math.abs(atMs - other.atMs) / HOUR;
    if (apart >= hours) continue;
    for (const [muscle, sets] of setsOf(other.doc)) {
      if (sets < 2 || (own.get(muscle) ?? 0) < 2) continue;
      soon.set(muscle, Math.min(apart, soon.get(muscle) ?? Number.POSITIVE_INFINITY));
    }
  }
  return soon;
}

/** Codes `week-many`, `week-few`, `too-soon`; nothing where no season is known. */
export function checkSeason(context: ReviewContext): Found[] {
  const { season, doc, library, thresholds } = context;
  if (!season) return [];
  const setsOf = (entry: ClassDoc) => balanceOf(entry, library, thresholds).hardSets;
  const own = setsOf(doc);
  const total = weekSets(own, season, setsOf);
  const [least, most] = thresholds.stance[doc.stance].weekSets;
  const found: Found[] = [];
  const list = (pass: (sets: number) => boolean) =>
    [...total].filter(([, sets]) => pass(sets)).sort(([, a], [, b]) => b - a);
  const many = list((sets) => sets > most);
  if (many.length > 0) {
    found.push({ says: { code: "week-many", bound: most, sets: { sets: many } } });
  }
  const few = list((sets) => sets > 0 && sets < least);
  if (few.length > 0) {
    found.push({ says: { code: "week-few", bound: least, sets: { sets: few } } });
  }
  const soon = workedLately(own, season, setsOf, thresholds.exposureHours);
  if (soon.size > 0) {
    const hours = Math.round(Math.min(...soon.values()));
    found.push({
      says: {
        code: "too-soon",
        hours,
        muscles: { muscles: [...soon.keys()] },
        wanted: thresholds.exposureHours,
      },
    });
  }
  return found;
}
