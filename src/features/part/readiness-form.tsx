"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import type { Person } from "@/core/homes/home";
import { LIMITS, type Limit } from "@/core/homes/limits";
import {
  ADAPT,
  type Adapt,
  ASK_FIRST,
  type AskFirst,
  limitsToLookAt,
  type ReadinessAnswers,
} from "@/core/readiness/readiness";
import { useWords } from "@/features/language/use-words";
import { whenText } from "@/words/own-words";
import { CodeForm } from "./code-form";
import { CodeField, Fold, Send, Tick, Ticks } from "./form-parts";
import type { OwnPage } from "./own-page";

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
          Speak to a doctor or a qualified professional before you join.
        </p>
      )}
      <Fold
        title={readiness.due ? "First: a few questions" : "Your health answers"}
        said={
          !answered
            ? "About a minute. Asked before your first class and every twelve weeks."
            : readiness.due
              ? `Answered on ${when}: time to answer again.`
              : `Answered on ${when}. Open them with your code, or delete them.`
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
            {...props}
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
    setTrouble(reply.ok ? null : reply.failure.message);
    if (!reply.ok) return;
    props.onGone();
    router.refresh();
  };
  return (
    <CodeForm hint="The one that you chose when you answered." send="Open my answers" onCode={open}>
      <button type="button" className="mt-3 underline underline-offset-4" onClick={forget}>
        Delete my answers
      </button>
      {trouble && <p role="alert">{trouble}</p>}
      <p className="mt-1 text-base text-quiet">
        A forgotten code can't be found again, not by your instructor either: delete them and answer anew.
      </p>
    </CodeForm>
  );
}

/** Keeps the answers, and then the limits where others were chosen. */
async function keepAnswers(token: string, answers: object, person: Person, limits: readonly Limit[]) {
  const answered = await api("PUT", `/api/part/${token}/readiness`, answers);
  const ordered = LIMITS.filter((limit) => limits.includes(limit));
  if (!answered.ok || JSON.stringify(ordered) === JSON.stringify(person.limits ?? [])) return answered;
  return api("PUT", `/api/part/${token}/home`, { person: { ...person, limits: ordered }, before: person });
}

function AskFirstLine(props: { readonly share: boolean; readonly onShare: (share: boolean) => void }) {
  return (
    <>
      <p className="mt-2 border-l-[10px] border-stop pl-3 font-bold" role="alert">
        Speak to a doctor or a qualified professional before you join.
      </p>
      <Tick
        words="My instructor may know that something here applies, not what"
        on={props.share}
        onChange={props.onShare}
      />
    </>
  );
}

/** The limits to which the answers lead, each chosen by the person. */
function LimitTicks(props: {
  readonly all: readonly Limit[];
  readonly limits: readonly Limit[];
  readonly onLimits: (limits: readonly Limit[]) => void;
}) {
  const words = useWords();
  if (props.all.length === 0) return null;
  return (
    <Ticks
      legend="Choose the limits that apply"
      hint="Your instructor sees these, without a reason. If you are unsure which, ask a professional."
      all={props.all}
      words={(limit) => words.name("limit", limit)}
      chosen={props.limits}
      onChange={props.onLimits}
    />
  );
}

/** Two groups of questions, and what follows from them. It clears nobody. */
function Questions(
  props: Props & { readonly opened: Opened | null; readonly onKept: (askFirst: boolean) => void },
) {
  const words = useWords();
  const { token, person, opened } = props;
  const router = useRouter();
  const before = opened?.answers ?? null;
  const [askFirst, setAskFirst] = useState<readonly AskFirst[]>(before?.askFirst ?? []);
  const [adapt, setAdapt] = useState<readonly Adapt[]>(before?.adapt ?? []);
  const [share, setShare] = useState(before?.shareAskFirst ?? false);
  const [limits, setLimits] = useState<readonly Limit[]>(person.limits ?? []);
  const [code, setCode] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const answers = { askFirst, adapt, shareAskFirst: share, code: opened?.code ?? code };
    const home = await keepAnswers(token, answers, person, limits);
    setBusy(false);
    setTrouble(home.ok ? null : home.failure.message);
    if (!home.ok) return;
    props.onKept(askFirst.length > 0);
    router.refresh();
  };
  return (
    <form onSubmit={save}>
      <p className="text-base text-quiet">
        Only you see your answers, with a code of your own. They are stored sealed and go when you delete
        them. Nothing here says that you are fit to train: if you are unsure, ask a professional.
      </p>
      <Ticks
        legend="Does any of these apply to you?"
        all={ASK_FIRST}
        words={(key) => words.name("askFirst", key)}
        chosen={askFirst}
        onChange={setAskFirst}
      />
      {askFirst.length > 0 && <AskFirstLine share={share} onShare={setShare} />}
      <Ticks
        legend="And any of these?"
        all={ADAPT}
        words={(key) => words.name("adapt", key)}
        chosen={adapt}
        onChange={setAdapt}
      />
      <LimitTicks all={limitsToLookAt(adapt)} limits={limits} onLimits={setLimits} />
      {opened === null && (
        <CodeField
          label="A code of your own"
          hint="Four signs or more. You need it to see or change these answers; nobody else has it."
          value={code}
          onChange={setCode}
        />
      )}
      {trouble && (
        <p role="alert" className="mt-2">
          Not stored: {trouble}
        </p>
      )}
      <Send busy={busy}>{askFirst.length + adapt.length === 0 ? "None of these" : "Keep my answers"}</Send>
    </form>
  );
}
