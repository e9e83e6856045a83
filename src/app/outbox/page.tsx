import { OutboxScreen } from "@/features/outbox/outbox-screen";
import { listOutbox } from "@/server/outbox";
import { settingsOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { shortWhen } from "@/words/when-words";
import { screenWords, titled } from "../in-their-language";

export const generateMetadata = titled("outbox");

export default async function OutboxPage() {
  const who = await requireInstructor();
  const words = await screenWords();
  const [lines, { teaching }] = await Promise.all([listOutbox(who.studioId), settingsOf(who.studioId)]);
  return (
    <OutboxScreen
      lines={lines.map(({ createdAtMs, ...line }) => {
        const { day, time } = shortWhen(createdAtMs, teaching.timeZone, words);
        return { ...line, when: `${day}, ${time}` };
      })}
    />
  );
}
