import { redirect } from "next/navigation";
import { SignInForm } from "@/features/account/sign-in-form";
import { env } from "@/server/env";
import { instructor } from "@/server/who";
import { type Say, screenIn } from "@/words/screens/screens";
import { screenLanguage, titled } from "../in-their-language";

export const generateMetadata = titled("signIn");

/** The demo's door stands open: its people are invented and its address is this machine. */
const DEMO = { email: "coach@harboursteps.example", password: "storm-lantern-42" };

/** A small drawing: bars of work, gaps of rest. */
const BARS = [
  ["a", "h-[38%] flex-[3] bg-pine"],
  ["b", "flex-1"],
  ["c", "h-[62%] flex-[3] bg-pine"],
  ["d", "flex-1"],
  ["e", "h-[84%] flex-[3] bg-pine"],
  ["f", "flex-1"],
  ["g", "h-1/2 flex-[3] bg-pine"],
] as const;

/** Where to go afterwards: a page of ours, or the classes. */
function pageAfter(then: unknown): string {
  return typeof then === "string" && /^\/[a-z]+(\/[\w-]+)*$/.test(then) ? then : "/classes";
}

/** What the link in a mail led to, in a sentence. */
function newsOf(
  { proven, error }: Readonly<Record<string, string | string[] | undefined>>,
  t: Say<"pages">,
): string | null {
  if (error === "TOKEN_EXPIRED") return t("linkOver");
  if (error) return t("linkNothing");
  return proven ? t("proven") : null;
}

export default async function SignInPage(props: {
  readonly searchParams: Promise<Readonly<Record<string, string | string[] | undefined>>>;
}) {
  const asked = await props.searchParams;
  const then = pageAfter(asked.then);
  if (await instructor()) redirect(then);
  const language = await screenLanguage();
  const t = screenIn("pages", language);
  const news = newsOf(asked, t);
  // Who comes by a link in their mail has an account of their own.
  const demo = env.demo && news === null ? DEMO : null;
  return (
    <main className="mx-auto grid min-h-screen max-w-5xl items-center gap-16 px-8 md:grid-cols-[1fr_380px]">
      <div>
        <h1 className="font-clock text-7xl font-extrabold leading-none">brontle</h1>
        <p className="mt-5 max-w-md text-xl">{t("motto")}</p>
        <div aria-hidden className="mt-10 flex h-16 max-w-md items-end border-b border-dashed border-quiet">
          {BARS.map(([key, height]) => (
            <span key={key} className={height} />
          ))}
        </div>
      </div>
      <section aria-label={screenIn("titles", language)("signIn")} className="border-t-4 border-ink pt-6">
        {demo && <p className="mb-5 text-quiet">{t("demo", { club: "Harbour Steps" })}</p>}
        <SignInForm demo={demo} then={then} news={news} />
      </section>
    </main>
  );
}
