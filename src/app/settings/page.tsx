import type { Metadata } from "next";
import { SettingsScreen } from "@/features/settings/settings-screen";
import { storedSettings } from "@/server/studios";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Settings" };

export default async function SettingsPage() {
  const who = await requireInstructor();
  return <SettingsScreen studio={who.studioName} stored={await storedSettings(who.studioId)} />;
}
