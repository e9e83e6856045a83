import type { Metadata } from "next";
import { notFound } from "next/navigation";
import { JoinStudio } from "@/features/account/join-studio";
import { SignInForm } from "@/features/account/sign-in-form";
import { inviteOf } from "@/server/members";
import { countWrong } from "@/server/part-guard";
import { instructor } from "@/server/who";

export const metadata: Metadata = { title: "Join a studio", robots: { index: false, follow: false } };

export default async function JoinPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  const invite = await inviteOf(token);
  if (!invite) {
    await countWrong();
    notFound();
  }
  const who = await instructor();
  return (
    <main className="mx-auto max-w-md px-6 py-16">
      <h1 className="mb-4 text-2xl font-bold">{invite.studioName} asks you to teach with them</h1>
      {who ? (
        <JoinStudio token={token} studio={invite.studioName} name={who.name} />
      ) : (
        <>
          <p className="mb-5 text-quiet">Sign in, or make an account of your own first. Then you can join.</p>
          <SignInForm demo={null} then={`/join/${token}`} />
        </>
      )}
    </main>
  );
}
