"use client";
import Link from "next/link";
import { wasNotHeld } from "@/core/live/forgotten";
import type { SessionState } from "@/core/live/session";
import { zoneName } from "@/core/live/when";
import { SignOut } from "@/features/account/sign-out";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { ButtonLink } from "@/ui/button";
import { stateText } from "@/words/session-words";
import { shortWhen } from "@/words/when-words";
import { PlanSession } from "./plan-session";
import type { When } from "./when-fields";
import type { BusyTimes } from "./while-busy";

export interface SessionLine {
  readonly id: string;
  readonly title: string;
  readonly state: SessionState;
  readonly startsAtMs: number;
  readonly timeZone: string;
  readonly people: number;
}

interface Named {
  readonly id: string;
  readonly name: string;
}

/** All sessions: what goes on, what comes, what was taught. */
export function SessionList(props: {
  readonly studio: string;
  readonly sessions: readonly SessionLine[];
  readonly classes: readonly (Named & { readonly seconds: number })[];
  readonly people: readonly Named[];
  readonly busy: BusyTimes;
  readonly first: When;
  readonly nowMs: number;
}) {
  const t = useTexts("sessions");
  const words = useWords();
  const lines = props.sessions.map((line) => ({
    ...line,
    words: stateText(line.state, line.startsAtMs, props.nowMs, words),
    past: wasNotHeld(line.state, line.startsAtMs, props.nowMs),
  }));
  const of = (...states: SessionState[]) =>
    lines.filter(({ state, past }) => !past && states.includes(state));
  const ahead = [...of("planned")].reverse();
  return (
    <>
      <TopLine here="sessions" places={PLACES}>
        <SignOut name={props.studio} />
      </TopLine>
      <main className="mx-auto max-w-5xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">{t("sessions")}</h1>
          <div className="flex gap-2">
            <ButtonLink href="/outbox">{t("outbox")}</ButtonLink>
            <PlanSession
              classes={props.classes}
              people={props.people}
              busy={props.busy}
              first={props.first}
            />
          </div>
        </div>
        {props.sessions.length === 0 ? (
          <p className="max-w-lg py-10 text-lg">{t("nothingPlannedYetSession")}</p>
        ) : (
          <>
            <Group title={t("now")} lines={of("open", "running")} />
            <Group title={t("ahead")} lines={ahead} />
            <Group title={t("taught")} lines={of("ended")} />
            <Group title={t("notHeld")} lines={lines.filter(({ past }) => past)} />
            <Group title={t("cancelled")} lines={of("cancelled")} />
          </>
        )}
      </main>
    </>
  );
}

interface ShownLine extends SessionLine {
  readonly words: string;
  readonly past: boolean;
}

function Group({ title, lines }: { readonly title: string; readonly lines: readonly ShownLine[] }) {
  const t = useTexts("sessions");
  const words = useWords();
  if (lines.length === 0) return null;
  return (
    <section className="mt-5" aria-label={title}>
      <h2 className="text-lg font-bold">{title}</h2>
      <ul>
        {lines.map((line) => {
          const when = shortWhen(line.startsAtMs, line.timeZone, words);
          return (
            <li
              key={line.id}
              className="grid grid-cols-[5rem_8rem_1fr_8rem_6rem] items-baseline gap-x-4 border-t border-hairline py-2.5"
            >
              <span className="text-right font-clock text-3xl font-bold leading-none">{when.time}</span>
              <span>
                {when.day}
                <span className="block text-sm text-quiet">{zoneName(line.timeZone)}</span>
              </span>
              <Link
                href={`/sessions/${line.id}`}
                className={`text-lg font-bold underline decoration-hairline underline-offset-4 hover:decoration-ink ${line.state === "cancelled" ? "line-through" : ""}`}
              >
                {line.title}
              </Link>
              <span className="text-quiet">{t("peopleAsked", { people: line.people })}</span>
              <span
                className={
                  (line.state === "open" || line.state === "running") && !line.past
                    ? "font-bold"
                    : "text-quiet"
                }
              >
                <span className={line.state === "running" ? "bg-marker px-1" : ""}>{line.words}</span>
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
