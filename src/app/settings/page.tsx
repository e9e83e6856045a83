import { SettingsScreen } from "@/features/settings/settings-screen";
import { busyCalendars } from "@/server/busy";
import { listMembers } from "@/server/members";
import { listPeople } from "@/server/people";
import { storedSettings } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { titled } from "../in-their-language";

export const generateMetadata = titled("settings");

export default async function SettingsPage() {
  const who = await requireInstructor();
  const [stored, members, people, calendars] = await Promise.all([
    storedSettings(who.studioId),
    listMembers(who.studioId),
    listPeople(who.studioId),
    busyCalendars(who),
  ]);
  return (
    <SettingsScreen
      studio={who.studioName}
      stored={stored}
      members={members}
      calendars={calendars}
      owner={who.role === "owner"}
      people={people.map(({ id, doc: { name } }) => ({ id, name }))}
    />
  );
}
