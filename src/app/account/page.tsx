import { AccountScreen } from "@/features/account/account-screen";
import { hasSecondFactor } from "@/server/accounts";
import { signInsOf } from "@/server/sign-ins";
import { settingsOf, studiosOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { shortWhen } from "@/words/when-words";
import { screenWords, titled } from "../in-their-language";

export const generateMetadata = titled("account");

export default async function AccountPage() {
  const who = await requireInstructor();
  const words = await screenWords();
  const [signIns, secondFactor, studios, { teaching }] = await Promise.all([
    signInsOf(who),
    hasSecondFactor(who.userId),
    studiosOf(who.userId),
    settingsOf(who.studioId),
  ]);
  return (
    <AccountScreen
      name={who.name}
      studios={studios}
      secondFactor={secondFactor}
      language={who.language}
      signIns={signIns.map(({ sinceMs, ...rest }) => {
        const { day, time } = shortWhen(sinceMs, teaching.timeZone, words);
        return { ...rest, since: `${day}, ${time}` };
      })}
    />
  );
}
