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

export function checkSeason(context: ReviewContext): Found[] {
  const { season, doc, library, thresholds } = context;
  if (!season) return [];
  const setsOf = (entry: ClassDoc) => balanceOf(entry, library, thresholds).hardSets;
  const own = setsOf(doc);
  const week = weekOf(season.atMs);
  const total = new Map<Muscle, number>(own);
  for (const { atMs, doc: other } of season.classes) {
    if (weekOf(atMs) !== week) continue;
    for (const [muscle, sets] of setsOf(other)) total.set(muscle, (total.get(muscle) ?? 0) + sets);
  }
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
  const soon = new Map<Muscle, number>();
  for (const { atMs, doc: other } of season.classes) {
    const hours = Math.abs(season.atMs - atMs) / HOUR;
    if (hours >= thresholds.exposureHours) continue;
    for (const [muscle, sets] of setsOf(other)) {
      if (sets < 2 || (own.get(muscle) ?? 0) < 2) continue;
      soon.set(muscle, Math.min(hours, soon.get(muscle) ?? Number.POSITIVE_INFINITY));
    }
  }
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
