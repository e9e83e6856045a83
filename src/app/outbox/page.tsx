import type { Metadata } from "next";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { OutboxScreen } from "@/features/outbox/outbox-screen";
import { listOutbox } from "@/server/outbox";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { wordsIn } from "@/words/languages";
import { shortWhen } from "@/words/when-words";

export const metadata: Metadata = { title: "Outbox" };

export default async function OutboxPage() {
  const who = await requireInstructor();
  const [lines, { teaching }] = await Promise.all([listOutbox(who.studioId), settingsOf(who.studioId)]);
  return (
    <OutboxScreen
      lines={lines.map(({ createdAtMs, ...line }) => {
        const { day, time } = shortWhen(createdAtMs, teaching.timeZone, wordsIn(HOUSE_LANGUAGE));
        return { ...line, when: `${day}, ${time}` };
      })}
    />
  );
}
