"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import type { Person } from "@/core/homes/home";
import { LIMIT_WORDS, LIMITS, type Limit } from "@/core/homes/limits";
import {
  ADAPT,
  type Adapt,
  ASK_FIRST,
  type AskFirst,
  limitsToLookAt,
  type ReadinessAnswers,
} from "@/core/readiness/readiness";
import { Fold, Send, Tick, Ticks } from "./form-parts";

const keysOf = <T extends string>(words: Readonly<Record<T, string>>) => Object.keys(words) as T[];

interface Props {
  readonly token: string;
  readonly person: Person;
  readonly readiness: { readonly due: boolean; readonly answers: ReadinessAnswers | null };
}

/** The readiness check: two groups of questions, and what follows from them. It clears nobody. */
export function Readiness({ token, person, readiness }: Props) {
  const router = useRouter();
  const before = readiness.answers;
  const [askFirst, setAskFirst] = useState<readonly AskFirst[]>(before?.askFirst ?? []);
  const [adapt, setAdapt] = useState<readonly Adapt[]>(before?.adapt ?? []);
  const [share, setShare] = useState(before?.shareAskFirst ?? false);
  const [limits, setLimits] = useState<readonly Limit[]>(person.limits ?? []);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const look = limitsToLookAt(adapt);
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const answered = await api("PUT", `/api/part/${token}/readiness`, {
      askFirst,
      adapt,
      shareAskFirst: share,
    });
    const ordered = LIMITS.filter((limit) => limits.includes(limit));
    const changed = JSON.stringify(ordered) !== JSON.stringify(person.limits ?? []);
    const home =
      answered.ok && changed
        ? await api("PUT", `/api/part/${token}/home`, { person: { ...person, limits: ordered } })
        : answered;
    setBusy(false);
    setTrouble(home.ok ? null : home.failure.message);
    if (home.ok) router.refresh();
  };
  const forget = async () => {
    await api("DELETE", `/api/part/${token}/readiness`);
    router.refresh();
  };
  const stopped = before !== null && before.askFirst.length > 0;
  return (
    <>
      {stopped && (
        <p className="mt-4 border-l-[10px] border-stop pl-3 text-xl font-bold leading-snug" role="alert">
          Speak to a doctor or a qualified professional before you join.
        </p>
      )}
      <Fold
        title={readiness.due ? "First: a few questions" : "Your health answers"}
        said={
          readiness.due
            ? "About a minute. Asked before your first class and every twelve weeks."
            : "Answered. Open to change or delete them."
        }
        open={readiness.due}
      >
        <form onSubmit={save}>
          <p className="text-base text-quiet">
            Only you see your answers. They are stored sealed and go when you delete them. Nothing here says
            that you are fit to train: if you are unsure, ask a professional.
          </p>
          <Ticks
            legend="Does any of these apply to you?"
            all={keysOf(ASK_FIRST)}
            words={(key) => ASK_FIRST[key]}
            chosen={askFirst}
            onChange={setAskFirst}
          />
          {askFirst.length > 0 && (
            <>
              <p className="mt-2 border-l-[10px] border-stop pl-3 font-bold" role="alert">
                Speak to a doctor or a qualified professional before you join.
              </p>
              <Tick
                words="My instructor may know that something here applies, not what"
                on={share}
                onChange={setShare}
              />
            </>
          )}
          <Ticks
            legend="And any of these?"
            all={keysOf(ADAPT)}
            words={(key) => ADAPT[key]}
            chosen={adapt}
            onChange={setAdapt}
          />
          {look.length > 0 && (
            <Ticks
              legend="Choose the limits that apply"
              hint="Your instructor sees these, without a reason. If you are unsure which, ask a professional."
              all={look}
              words={(limit) => LIMIT_WORDS[limit]}
              chosen={limits}
              onChange={setLimits}
            />
          )}
          {trouble && <p role="alert">Not stored: {trouble}</p>}
          <Send busy={busy}>
            {askFirst.length + adapt.length === 0 ? "None of these" : "Keep my answers"}
          </Send>
          {before && (
            <button type="button" className="mt-3 underline underline-offset-4" onClick={forget}>
              Delete my answers
            </button>
          )}
        </form>
      </Fold>
    </>
  );
}
