import type { Metadata } from "next";
import { SettingsScreen } from "@/features/settings/settings-screen";
import { listMembers } from "@/server/members";
import { listPeople } from "@/server/people";
import { storedSettings } from "@/server/studios";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Settings" };

export default async function SettingsPage() {
  const who = await requireInstructor();
  const [stored, members, people] = await Promise.all([
    storedSettings(who.studioId),
    listMembers(who.studioId),
    listPeople(who.studioId),
  ]);
  return (
    <SettingsScreen
      studio={who.studioName}
      stored={stored}
      members={members}
      owner={who.role === "owner"}
      people={people.map(({ id, doc: { name } }) => ({ id, name }))}
    />
  );
}
