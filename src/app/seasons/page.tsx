import { SeasonList } from "@/features/season/season-list";
import { listClasses } from "@/server/classes";
import { feedSince } from "@/server/feeds";
import { listSeasons } from "@/server/seasons";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { shortWhen } from "@/words/when-words";
import { screenWords, titled } from "../in-their-language";

export const generateMetadata = titled("seasons");

export default async function SeasonsPage() {
  const who = await requireInstructor();
  const [seasons, classes, since, { teaching }] = await Promise.all([
    listSeasons(who.studioId),
    listClasses(who.studioId),
    feedSince(who.studioId, null),
    settingsOf(who.studioId),
  ]);
  const words = await screenWords();
  return (
    <SeasonList
      seasons={seasons}
      canMake={classes.length > 0}
      feedSince={since === null ? null : shortWhen(since, teaching.timeZone, words).day}
    />
  );
}
