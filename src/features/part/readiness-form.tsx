"use client";
import { useRouter } from "next/navigation";
import { useState } from "react";
import { api } from "@/browser/api";
import type { Person } from "@/core/homes/home";
import type { ReadinessAnswers } from "@/core/readiness/readiness";
import { useWords } from "@/features/language/use-words";
import { failureText } from "@/words/failure-words";
import { whenText } from "@/words/own-words";
import { CodeForm } from "./code-form";
import { Fold } from "./form-parts";
import type { OwnPage } from "./own-page";
import { Questions } from "./readiness-questions";

interface Props {
  readonly token: string;
  readonly person: Person;
  readonly readiness: OwnPage["readiness"];
}

/** What was opened with the code, and the code, which is asked for only once. */
interface Opened {
  readonly answers: ReadinessAnswers;
  readonly code: string;
}

/**
 * The readiness check. The page itself holds no answer: what was answered is asked for with the person's
 * code, and without it can only be deleted.
 */
export function Readiness(props: Props) {
  const words = useWords();
  const { readiness, token, person } = props;
  const [opened, setOpened] = useState<Opened | null>(null);
  const [stop, setStop] = useState(false);
  const answered = readiness.answeredAtMs !== null;
  const when = whenText(readiness.answeredAtMs ?? 0, person.timeZone, words);
  return (
    <>
      {stop && (
        <p className="mt-4 border-l-[10px] border-stop pl-3 text-xl font-bold leading-snug" role="alert">
          {words.phrase("check", "speakFirst")}
        </p>
      )}
      <Fold
        title={words.phrase("check", readiness.due ? "first" : "answers")}
        said={
          !answered
            ? words.phrase("check", "aboutMinute")
            : words.phrase("check", readiness.due ? "again" : "answered", { when })
        }
        open={readiness.due}
      >
        {answered && opened === null ? (
          <Locked
            token={token}
            onOpen={(next) => {
              setOpened(next);
              setStop(next.answers.askFirst.length > 0);
            }}
            onGone={() => setStop(false)}
          />
        ) : (
          <Questions
            token={token}
            person={person}
            opened={opened}
            onKept={(askFirst) => {
              setStop(askFirst);
              setOpened(null);
            }}
          />
        )}
      </Fold>
    </>
  );
}

/** Answers that are there and not shown: opened with the code, or deleted without it. */
function Locked(props: {
  readonly token: string;
  readonly onOpen: (opened: Opened) => void;
  readonly onGone: () => void;
}) {
  const words = useWords();
  const router = useRouter();
  const path = `/api/part/${props.token}/readiness`;
  const [trouble, setTrouble] = useState<string | null>(null);
  const open = async (code: string) => {
    const reply = await api<{ answers: ReadinessAnswers }>("POST", path, { code });
    if (!reply.ok) return reply.failure;
    props.onOpen({ answers: reply.value.answers, code });
    return null;
  };
  const forget = async () => {
    const reply = await api("DELETE", path);
    setTrouble(reply.ok ? null : failureText(reply.failure, words));
    if (!reply.ok) return;
    props.onGone();
    router.refresh();
  };
  return (
    <CodeForm hint={words.phrase("check", "chosenCode")} send={words.phrase("check", "open")} onCode={open}>
      <button type="button" className="mt-3 underline underline-offset-4" onClick={forget}>
        {words.phrase("check", "delete")}
      </button>
      {trouble && <p role="alert">{trouble}</p>}
      <p className="mt-1 text-base text-quiet">{words.phrase("check", "forgotten")}</p>
    </CodeForm>
  );
}
