import { notFound } from "next/navigation";
import { JoinStudio } from "@/features/account/join-studio";
import { SignInForm } from "@/features/account/sign-in-form";
import { inviteOf } from "@/server/members";
import { countWrong } from "@/server/part-guard";
import { instructor } from "@/server/who";
import { screenIn } from "@/words/screens/screens";
import { screenLanguage, titled } from "../../in-their-language";

export const generateMetadata = titled("join", { robots: { index: false, follow: false } });

export default async function JoinPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const invite = await inviteOf(token);
  if (!invite) {
    await countWrong();
    notFound();
  }
  const who = await instructor();
  const t = screenIn("pages", await screenLanguage());
  return (
    <main className="mx-auto max-w-md px-6 py-16">
      <h1 className="mb-4 text-2xl font-bold">{t("asksYou", { studio: invite.studioName })}</h1>
      {who ? (
        <JoinStudio token={token} studio={invite.studioName} name={who.name} />
      ) : (
        <>
          <p className="mb-5 text-quiet">{t("signInFirst")}</p>
          <SignInForm demo={null} then={`/join/${token}`} />
        </>
      )}
    </main>
  );
}
