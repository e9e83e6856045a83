"use client";
import { type FormEvent, type ReactNode, useState } from "react";
import type { ApiFailure } from "@/browser/api";
import { useWords } from "@/features/language/use-words";
import { failureText } from "@/words/failure-words";
import { CodeField, Send } from "./form-parts";

/** Asks for the person's code and does something with it; what the server says against it stands below. */
export function CodeForm(props: {
  readonly hint: string;
  readonly send: string;
  /** Gives what went wrong, or null. */
  readonly onCode: (code: string) => Promise<ApiFailure | null>;
  readonly children?: ReactNode;
}) {
  const words = useWords();
  const [code, setCode] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const submit = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const failure = await props.onCode(code);
    setBusy(false);
    setTrouble(failure && failureText(failure, words, "code"));
  };
  return (
    <form onSubmit={submit}>
      <CodeField label={words.phrase("part", "yourCode")} hint={props.hint} value={code} onChange={setCode} />
      {trouble && (
        <p role="alert" className="mt-2">
          {trouble}
        </p>
      )}
      <Send busy={busy}>{props.send}</Send>
      {props.children}
    </form>
  );
}
