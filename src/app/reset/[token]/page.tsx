import type { Metadata } from "next";
import { ResetForm } from "@/features/account/reset-form";

export const metadata: Metadata = { title: "Another password", robots: { index: false, follow: false } };

/** Whether the link still opens anything is told once it is used: looking tells nobody. */
export default async function ResetPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  return (
    <main className="mx-auto max-w-md px-6 py-16">
      <h1 className="mb-5 text-2xl font-bold">Another password</h1>
      <ResetForm token={token} />
    </main>
  );
}
