import type { Metadata } from "next";
import { AccountScreen } from "@/features/account/account-screen";
import { HOUSE_LANGUAGE } from "@/features/language/house";
import { hasSecondFactor } from "@/server/accounts";
import { signInsOf } from "@/server/sign-ins";
import { settingsOf, studiosOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";
import { wordsIn } from "@/words/languages";
import { shortWhen } from "@/words/when-words";

export const metadata: Metadata = { title: "Account" };

export default async function AccountPage() {
  const who = await requireInstructor();
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
      signIns={signIns.map(({ sinceMs, ...rest }) => {
        const { day, time } = shortWhen(sinceMs, teaching.timeZone, wordsIn(HOUSE_LANGUAGE));
        return { ...rest, since: `${day}, ${time}` };
      })}
    />
  );
}
