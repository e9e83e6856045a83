"use client";
import { useRouter } from "next/navigation";
import { type FormEvent, useState } from "react";
import { api } from "@/browser/api";
import type { Person } from "@/core/homes/home";
import { LIMITS, type Limit } from "@/core/homes/limits";
import {
  ACTIVITIES,
  ADAPT,
  ASK_FIRST,
  adviceFor,
  INTENDED,
  limitsToLookAt,
  type ReadinessAnswers,
} from "@/core/readiness/readiness";
import { useWords } from "@/features/language/use-words";
import { failureText } from "@/words/failure-words";
import { CodeField, OneOf, Send, Tick, Ticks } from "./form-parts";

const NONE: ReadinessAnswers = { askFirst: [], adapt: [], shareAskFirst: false };

/** Keeps the answers, and then the limits where others were chosen. */
async function keepAnswers(token: string, answers: object, person: Person, limits: readonly Limit[]) {
  const answered = await api("PUT", `/api/part/${token}/readiness`, answers);
  const ordered = LIMITS.filter((limit) => limits.includes(limit));
  if (!answered.ok || JSON.stringify(ordered) === JSON.stringify(person.limits ?? [])) return answered;
  return api("PUT", `/api/part/${token}/home`, { person: { ...person, limits: ordered }, before: person });
}

/** What follows from the answers so far: who to ask, and what to mind. Never that all is well. */
function AdviceLines({ answers }: { readonly answers: ReadinessAnswers }) {
  const words = useWords();
  return adviceFor(answers).map((advice) => (
    <p
      key={advice}
      role="alert"
      className={
        advice === "ask-first"
          ? "mt-2 border-l-[10px] border-stop pl-3 font-bold"
          : "mt-2 border-l-[10px] border-marker pl-3 text-base"
      }
    >
      {words.name("advice", advice)}
    </p>
  ));
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
      legend={words.phrase("check", "chooseLimits")}
      hint={words.phrase("check", "withoutReason")}
      all={props.all}
      words={(limit) => words.name("limit", limit)}
      chosen={props.limits}
      onChange={props.onLimits}
    />
  );
}

interface Minor {
  readonly under: boolean;
  readonly guardian: string;
  readonly consents: boolean;
}

/** Under 18 somebody answers for them: a name, which stays sealed, and that they agree. */
function UnderEighteen({
  minor,
  onMinor,
}: {
  readonly minor: Minor;
  readonly onMinor: (minor: Minor) => void;
}) {
  const words = useWords();
  return (
    <div className="mt-3">
      <Tick
        words={words.phrase("check", "under18")}
        on={minor.under}
        onChange={(under) => onMinor({ ...minor, under })}
      />
      {minor.under && (
        <>
          <label className="mt-2 block text-base font-bold">
            {words.phrase("check", "guardian")}
            <input
              className="mt-1 w-full border border-quiet bg-white px-2 py-2.5 text-lg"
              minLength={2}
              maxLength={120}
              required
              autoComplete="off"
              value={minor.guardian}
              onChange={(event) => onMinor({ ...minor, guardian: event.target.value })}
            />
            <span className="block font-normal text-quiet">{words.phrase("check", "guardianSealed")}</span>
          </label>
          <Tick
            words={words.phrase("check", "guardianAgrees")}
            on={minor.consents}
            onChange={(consents) => onMinor({ ...minor, consents })}
          />
        </>
      )}
    </div>
  );
}

/** The questions about oneself: how active, how hard, the two groups, and the limits to which they lead. */
function Groups(props: {
  readonly given: ReadinessAnswers;
  readonly put: (part: Partial<ReadinessAnswers>) => void;
  readonly limits: readonly Limit[];
  readonly onLimits: (limits: readonly Limit[]) => void;
}) {
  const words = useWords();
  const { given, put, limits, onLimits } = props;
  return (
    <>
      <OneOf
        legend={words.phrase("check", "howActive")}
        all={ACTIVITIES}
        words={(key) => words.name("activity", key)}
        chosen={given.activity ?? null}
        onChange={(activity) => put({ activity })}
      />
      <OneOf
        legend={words.phrase("check", "howHard")}
        all={INTENDED}
        words={(key) => words.name("intended", key)}
        chosen={given.intended ?? null}
        onChange={(intended) => put({ intended })}
      />
      <Ticks
        legend={words.phrase("check", "anyOfThese")}
        all={ASK_FIRST}
        words={(key) => words.name("askFirst", key)}
        chosen={given.askFirst}
        onChange={(askFirst) => put({ askFirst })}
      />
      {given.askFirst.length > 0 && (
        <Tick
          words={words.phrase("check", "share")}
          on={given.shareAskFirst}
          onChange={(shareAskFirst) => put({ shareAskFirst })}
        />
      )}
      <Ticks
        legend={words.phrase("check", "andThese")}
        all={ADAPT}
        words={(key) => words.name("adapt", key)}
        chosen={given.adapt}
        onChange={(adapt) => put({ adapt })}
      />
      <LimitTicks all={limitsToLookAt(given.adapt)} limits={limits} onLimits={onLimits} />
      <AdviceLines answers={given} />
    </>
  );
}

/** What is asked, in two groups and what goes before them, and what follows from it. It clears nobody. */
export function Questions(props: {
  readonly token: string;
  readonly person: Person;
  /** What was opened with the code, and the code. */
  readonly opened: { readonly answers: ReadinessAnswers; readonly code: string } | null;
  readonly onKept: (askFirst: boolean) => void;
}) {
  const words = useWords();
  const { token, person, opened } = props;
  const router = useRouter();
  const [given, setGiven] = useState<ReadinessAnswers>(opened?.answers ?? NONE);
  const before = opened?.answers.guardian;
  const [minor, setMinor] = useState<Minor>({
    under: before !== undefined,
    guardian: before ?? "",
    consents: before !== undefined,
  });
  const [limits, setLimits] = useState<readonly Limit[]>(person.limits ?? []);
  const [code, setCode] = useState("");
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const put = (part: Partial<ReadinessAnswers>) => setGiven((now) => ({ ...now, ...part }));
  const save = async (event: FormEvent) => {
    event.preventDefault();
    setBusy(true);
    const { guardian: _before, ...rest } = given;
    const { guardian, consents } = minor;
    const answers = {
      ...rest,
      ...(minor.under ? { guardian, consents } : {}),
      code: opened?.code ?? code,
    };
    const home = await keepAnswers(token, answers, person, limits);
    setBusy(false);
    setTrouble(home.ok ? null : failureText(home.failure, words));
    if (!home.ok) return;
    props.onKept(given.askFirst.length > 0);
    router.refresh();
  };
  const nothing = given.askFirst.length + given.adapt.length === 0;
  return (
    <form onSubmit={save}>
      <p className="text-base text-quiet">{words.phrase("check", "onlyYou")}</p>
      <Groups given={given} put={put} limits={limits} onLimits={setLimits} />
      <UnderEighteen minor={minor} onMinor={setMinor} />
      {opened === null && (
        <CodeField
          label={words.phrase("check", "ownCode")}
          hint={words.phrase("check", "ownCodeHint")}
          value={code}
          onChange={setCode}
        />
      )}
      {trouble && (
        <p role="alert" className="mt-2">
          {words.phrase("part", "notStored", { why: trouble })}
        </p>
      )}
      <Send busy={busy}>{words.phrase("check", nothing ? "none" : "keep")}</Send>
    </form>
  );
}
