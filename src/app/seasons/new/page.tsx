import { redirect } from "next/navigation";
import { fieldsIn } from "@/core/live/when";
import { dayAfter, mondayOf } from "@/core/season/pattern";
import { SeasonForm } from "@/features/season/season-form";
import { listClasses } from "@/server/classes";
import { listPeople } from "@/server/people";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { titled } from "../../in-their-language";

export const generateMetadata = titled("newSeason");

export default async function NewSeasonPage() {
  const who = await requireInstructor();
  const [classes, people, { teaching }] = await Promise.all([
    listClasses(who.studioId),
    listPeople(who.studioId),
    settingsOf(who.studioId),
  ]);
  if (classes.length === 0) redirect("/seasons");
  const today = fieldsIn(Date.now(), teaching.timeZone).date;
  return (
    <SeasonForm
      classes={classes.map(({ id, doc }) => ({ id, name: doc.title }))}
      people={people.map(({ id, doc }) => ({ id, name: doc.name }))}
      from={dayAfter(mondayOf(today), 7)}
      timeZone={teaching.timeZone}
    />
  );
}
