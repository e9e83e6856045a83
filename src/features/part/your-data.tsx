"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api, giveFile } from "@/browser/api";
import { useWords } from "@/features/language/use-words";
import { failureText } from "@/words/failure-words";
import { whenText } from "@/words/own-words";
import { CodeForm } from "./code-form";
import type { OwnPage } from "./own-page";

/** What is kept, and who can open this page: for those who want to know, and to put an end to it. */
export function YourData(props: Pick<OwnPage, "token" | "person" | "links" | "readiness">) {
  const words = useWords();
  const { token, person, links, readiness } = props;
  return (
    <section
      aria-label={words.phrase("part", "yourData")}
      className="mt-4 border-t border-hairline pt-3 text-base text-quiet"
    >
      {links.length > 0 && <OtherLinks token={token} zone={person.timeZone} links={links} />}
      <p>
        <a className="underline underline-offset-2" href={`/api/part/${token}/data`}>
          {words.phrase("part", "everything")}
        </a>
        . {words.phrase("part", "everythingFile")}
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
    setTrouble(reply.ok ? null : failureText(reply.failure, words));
    if (reply.ok) router.refresh();
  };
  const newest = props.links[0];
  return (
    <div className="mb-3 border-l-4 border-ink pl-3 text-ink">
      <p suppressHydrationWarning>
        {newest &&
          words.phrase("part", "otherLinks", {
            n: props.links.length,
            when: whenText(newest.madeAtMs, props.zone, words),
            by: newest.by ?? "",
            byAny: newest.by ? "yes" : "no",
          })}
      </p>
      <button type="button" className="min-h-11 font-bold underline underline-offset-4" onClick={end}>
        {words.phrase("part", "endLinks")}
      </button>
      {trouble && <p role="alert">{trouble}</p>}
    </div>
  );
}

/** The file with the health answers in it, which takes the code. */
function WithAnswers({ token }: { readonly token: string }) {
  const words = useWords();
  const take = async (code: string) => {
    const reply = await api<unknown>("POST", `/api/part/${token}/data`, { code });
    if (!reply.ok) return reply.failure;
    const file = new Blob([JSON.stringify(reply.value, null, 2)], { type: "application/json" });
    giveFile({ name: "everything-about-me.json", file });
    return null;
  };
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-1.5">{words.phrase("part", "withAnswers")}</summary>
      <CodeForm
        hint={words.phrase("part", "answersInFile")}
        send={words.phrase("part", "takeFile")}
        onCode={take}
      />
    </details>
  );
}
