import { notFound } from "next/navigation";
import { outlineOf } from "@/core/effort/outline";
import type { Thresholds } from "@/core/effort/thresholds";
import { fieldsIn, zoneName } from "@/core/live/when";
import { LIBRARY_BOOK } from "@/core/moves/library";
import { MUSCLES, type Muscle } from "@/core/moves/move";
import { checkSeasonPlan, personSeason, type SeasonFinding, type SeasonView } from "@/core/season/checks";
import { dayAfter, isEasier, mondayOf } from "@/core/season/pattern";
import { type Week, weeksOf } from "@/core/season/week";
import { clockText, isUuid } from "@/core/units";
import type { ShownMuscle } from "@/features/season/muscle-bars";
import { SeasonScreen } from "@/features/season/season-screen";
import type { WeekRow } from "@/features/season/week-cells";
import { ownBusy } from "@/server/busy";
import { listPeople, type StoredPerson } from "@/server/people";
import { listSeasons, seasonOf, toFollow, viewOf, type WholeSeason } from "@/server/seasons";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { breakable } from "@/words/hyphens";
import { seasonText } from "@/words/season-words";
import { shortDay, shortWhen } from "@/words/when-words";
import type { Words } from "@/words/words";
import { spoken, titled } from "../../in-their-language";

export const generateMetadata = titled("season");

/** Weeks as rows, each with its seven days. */
function rowsOf({ plan, classes }: WholeSeason, words: Words): readonly WeekRow[] {
  const monday = mondayOf(plan.from);
  const onDay = (day: string) =>
    classes.filter((each) => fieldsIn(each.startsAtMs, plan.timeZone).date === day);
  return Array.from({ length: plan.weeks }, (_, week) => {
    const first = dayAfter(monday, week * 7);
    return {
      week,
      from: shortDay(first, words),
      easier: isEasier(plan, week),
      days: Array.from({ length: 7 }, (_, i) => {
        const day = dayAfter(first, i);
        return {
          day: shortWhen(Date.parse(`${day}T12:00:00Z`), "UTC", words).day,
          off: plan.off.includes(day),
          classes: onDay(day).map((each) => {
            const outline = outlineOf(each.doc, LIBRARY_BOOK);
            return {
              sessionId: each.sessionId,
              classId: each.classId,
              title: each.doc.title,
              time: fieldsIn(each.startsAtMs, plan.timeZone).time,
              length: clockText(outline.seconds),
              edited: each.edited,
              state: each.state,
              people: each.people.length,
              bars: outline.bars,
              seconds: outline.seconds,
              pieces: outline.pieces,
            };
          }),
        };
      }),
    };
  });
}

const setsOf = (weeks: readonly Week[]) => weeks.map(({ sets }) => Object.fromEntries(sets));

/** What each of those who are asked gets of it. */
function singleOf(
  { classes }: WholeSeason,
  view: SeasonView,
  people: readonly StoredPerson[],
  thresholds: Thresholds,
) {
  const asked = new Set(classes.flatMap((each) => each.people));
  return people
    .filter(({ doc }) => asked.has(doc.id))
    .flatMap(({ doc }) => personSeason(view, doc.id, thresholds) ?? []);
}

/** The season, or a page that says that there is none. */
async function findSeason(studioId: string, id: string): Promise<WholeSeason> {
  const known = isUuid(id) && (await listSeasons(studioId)).some((each) => each.id === id);
  return known ? seasonOf(studioId, id) : notFound();
}

function shownMuscle(muscle: Muscle, words: Words): ShownMuscle {
  const name = words.name("muscle", muscle);
  return { id: muscle, name, narrow: breakable(name, words) };
}

export default async function SeasonPage({ params }: { readonly params: Promise<{ id: string }> }) {
  const who = await requireInstructor();
  const { words, t } = await spoken("pages");
  const { id } = await params;
  const season = await findSeason(who.studioId, id);
  const [people, { thresholds }, following, busy] = await Promise.all([
    listPeople(who.studioId),
    settingsOf(who.studioId),
    toFollow(who.studioId, id),
    ownBusy(who),
  ]);
  const view = viewOf(
    season,
    people.map(({ doc }) => ({ id: doc.id, name: doc.name, timeZone: doc.timeZone })),
    busy,
  );
  const title = (session: string) => {
    const own = season.classes.find(({ sessionId }) => sessionId === session);
    return own ? `${shortWhen(own.startsAtMs, season.plan.timeZone, words).day}, ${own.doc.title}` : "";
  };
  const told = (findings: readonly SeasonFinding[]) =>
    findings.map((finding) => ({
      rank: finding.rank,
      text: seasonText(finding, title, words),
      classes: finding.classes,
    }));
  const weeks = weeksOf(view.classes, thresholds);
  const single = singleOf(season, view, people, thresholds).map((own) => ({
    id: own.id,
    name: own.name,
    classes: own.classes,
    sets: setsOf(own.weeks),
    findings: told(own.findings),
  }));
  const worked = [
    ...new Set(weeks.flatMap(({ sets }) => [...sets].flatMap(([muscle, n]) => (n >= 2 ? muscle : [])))),
  ];
  // Always in the same order, whichever class comes first.
  const muscles = MUSCLES.filter((muscle) => worked.includes(muscle));
  const stance = season.classes[0]?.doc.stance ?? "strength";
  const rows = rowsOf(season, words);
  const { plan } = season;
  return (
    <SeasonScreen
      id={id}
      title={season.title}
      about={t("weeksOf", { weeks: plan.weeks, zone: zoneName(plan.timeZone), says: plan.says || "no" })}
      weeks={rows}
      muscles={muscles.map((muscle) => shownMuscle(muscle, words))}
      bounds={thresholds.stance[stance].weekSets}
      whose={[
        {
          id: "",
          name: t("everybody"),
          classes: view.classes.length,
          sets: setsOf(weeks),
          findings: told(checkSeasonPlan(view, thresholds)),
        },
        ...single,
      ]}
      longestSeconds={Math.max(
        1,
        ...rows.flatMap(({ days }) => days.flatMap(({ classes }) => classes.map(({ seconds }) => seconds))),
      )}
      toFollow={{ follow: following.follow.length, stay: following.stay.map(title) }}
    />
  );
}
