"use client";
import { useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { failureText } from "@/words/failure-words";

/** The secret address of a calendar that follows: made, made anew, ended. It is told once. */
export function FeedAddress(props: {
  /** Row id; null: the studio's. A participant's own page gives its route instead. */
  readonly person: string | null;
  readonly route?: `/api/${string}`;
  /** Since when there is one, in words; null where there is none. */
  readonly since: string | null;
  readonly about: string;
}) {
  const words = useWords();
  const { person, route = "/api/feeds", about } = props;
  const [address, setAddress] = useState<string | null>(null);
  const [since, setSince] = useState(props.since);
  const body = props.route ? {} : { person };
  const make = async () => {
    const reply = await api<{ address: string }>("POST", route, body);
    if (!reply.ok) return toast.error(failureText(reply.failure, words));
    setAddress(reply.value.address);
    setSince(words.phrase("feed", "now"));
  };
  const end = async () => {
    const reply = await api("DELETE", route, body);
    if (!reply.ok) return toast.error(failureText(reply.failure, words));
    setAddress(null);
    setSince(null);
  };
  return (
    <section aria-labelledby="feed">
      <h2 id="feed" className="text-lg font-bold">
        {words.phrase("feed", "title")}
      </h2>
      <p className="text-quiet">{about}</p>
      {address && (
        <p className="mt-2 border border-ink bg-white p-2">
          <span className="block text-sm text-quiet">{words.phrase("feed", "hint")}</span>
          <code data-testid="feed" className="break-all">
            {address}
          </code>
        </p>
      )}
      <p className="mt-2 flex flex-wrap items-baseline gap-2">
        <Button onClick={make}>{words.phrase("feed", "make", { again: since ? "yes" : "no" })}</Button>
        {address && (
          <Button onClick={() => void navigator.clipboard.writeText(address)}>
            {words.phrase("feed", "copy")}
          </Button>
        )}
        {address && (
          <a href={address} className="underline underline-offset-4">
            {words.phrase("feed", "file")}
          </a>
        )}
        {since && (
          <Button look="bare" className="px-2" onClick={end}>
            {words.phrase("feed", "end")}
          </Button>
        )}
        {since && !address && (
          <span className="text-sm text-quiet">{words.phrase("feed", "since", { since })}</span>
        )}
      </p>
    </section>
  );
}
