import type { Metadata } from "next";
import { shortWhen } from "@/core/live/when";
import { OutboxScreen } from "@/features/outbox/outbox-screen";
import { listOutbox } from "@/server/outbox";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";

export const metadata: Metadata = { title: "Outbox" };

export default async function OutboxPage() {
  const who = await requireInstructor();
  const [lines, { teaching }] = await Promise.all([listOutbox(who.studioId), settingsOf(who.studioId)]);
  return (
    <OutboxScreen
      lines={lines.map(({ createdAtMs, ...line }) => {
        const { day, time } = shortWhen(createdAtMs, teaching.timeZone);
        return { ...line, when: `${day}, ${time}` };
      })}
    />
  );
}
