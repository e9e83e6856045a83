import { ResetForm } from "@/features/account/reset-form";
import { screenIn } from "@/words/screens/screens";
import { screenLanguage, titled } from "../../in-their-language";

export const generateMetadata = titled("password", { robots: { index: false, follow: false } });

/** Whether the link still opens anything is told once it is used: looking tells nobody. */
export default async function ResetPage({ params }: { readonly params: Promise<{ token: string }> }) {
  const { token } = await params;
  return (
    <main className="mx-auto max-w-md px-6 py-16">
      <h1 className="mb-5 text-2xl font-bold">{screenIn("titles", await screenLanguage())("password")}</h1>
      <ResetForm token={token} />
    </main>
  );
}
