import type { Metadata } from "next";
import { shortWhen } from "@/core/live/when";
import { AccountScreen } from "@/features/account/account-screen";
import { hasSecondFactor } from "@/server/accounts";
import { signInsOf } from "@/server/sign-ins";
import { settingsOf, studiosOf } from "@/server/studios";
import { requireInstructor } from "@/server/who";

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
        const { day, time } = shortWhen(sinceMs, teaching.timeZone);
        return { ...rest, since: `${day}, ${time}` };
      })}
    />
  );
}
