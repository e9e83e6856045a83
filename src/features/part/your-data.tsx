"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import { useWords } from "@/features/language/use-words";
import { whenText } from "@/words/own-words";
import { CodeForm } from "./code-form";
import type { OwnPage } from "./own-page";

/** What is kept, and who can open this page: for those who want to know, and to put an end to it. */
export function YourData(props: Pick<OwnPage, "token" | "person" | "links" | "readiness">) {
  const { token, person, links, readiness } = props;
  return (
    <section aria-label="Your data" className="mt-4 border-t border-hairline pt-3 text-base text-quiet">
      {links.length > 0 && <OtherLinks token={token} zone={person.timeZone} links={links} />}
      <p>
        <a className="underline underline-offset-2" href={`/api/part/${token}/data`}>
          Everything that is kept about you
        </a>
        , as a file. Your instructor can remove all of it when you ask.
      </p>
      {readiness.answeredAtMs !== null && <WithAnswers token={token} />}
    </section>
  );
}

/** The other links that open this page: who made them, and one press that ends them. */
function OtherLinks(props: {
  readonly token: string;
  readonly zone: string | undefined;
  readonly links: OwnPage["links"];
}) {
  const words = useWords();
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const end = async () => {
    const reply = await api("DELETE", `/api/part/${props.token}/links`);
    setTrouble(reply.ok ? null : reply.failure.message);
    if (reply.ok) router.refresh();
  };
  const newest = props.links[0];
  return (
    <div className="mb-3 border-l-4 border-ink pl-3 text-ink">
      <p suppressHydrationWarning>
        This page also opens with{" "}
        {props.links.length === 1 ? "another link" : `${props.links.length} other links`}
        {newest && (
          <>
            , {props.links.length === 1 ? "made" : "the last one made"} on{" "}
            {whenText(newest.madeAtMs, props.zone, words)}
            {newest.by ? ` by ${newest.by}` : ""}
          </>
        )}
        . If you don't know of it, end it.
      </p>
      <button type="button" className="min-h-11 font-bold underline underline-offset-4" onClick={end}>
        End every link but this one
      </button>
      {trouble && <p role="alert">{trouble}</p>}
    </div>
  );
}

/** The file with the health answers in it, which takes the code. */
function WithAnswers({ token }: { readonly token: string }) {
  const take = async (code: string) => {
    const reply = await api<unknown>("POST", `/api/part/${token}/data`, { code });
    if (!reply.ok) return reply.failure;
    const file = new Blob([JSON.stringify(reply.value, null, 2)], { type: "application/json" });
    const link = document.createElement("a");
    link.href = URL.createObjectURL(file);
    link.download = "everything-about-me.json";
    link.click();
    URL.revokeObjectURL(link.href);
    return null;
  };
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-1.5">With your health answers</summary>
      <CodeForm hint="Your answers are in the file only with it." send="Take out the file" onCode={take} />
    </details>
  );
}
