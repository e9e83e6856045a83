"use client";
import { useRouter } from "next/navigation";
import { useRef, useState } from "react";
import { toast } from "sonner";
import { api } from "@/browser/api";
import type { Verdict } from "@/core/progress/decisions";
import type { Step } from "@/core/progress/proposal";
/** What next for everybody: each step with its reason, accepted, changed or left in one press; then the class's own. */
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { Button } from "@/ui/button";
import type { OfferedClass } from "./class-steps";
import { ClassSteps } from "./class-steps";
import { type NextLine, NextRow } from "./next-row";

export interface NextPersonLines {
  readonly id: string;
  readonly name: string;
  readonly lines: readonly NextLine[];
  /** Moves of which everything stays as it is. */
  readonly same: readonly string[];
}

const keyOf = (person: string, move: string) => `${person} ${move}`;
type Decided = Readonly<Record<string, { readonly verdict: Verdict; readonly text: string }>>;

/** What was decided on this page and earlier, and how it is sent. */
function useDecisions(people: readonly NextPersonLines[]) {
  const router = useRouter();
  const [decided, setDecided] = useState<Decided>(() =>
    Object.fromEntries(
      people.flatMap(({ id, lines }) =>
        lines.flatMap(({ move, decided: known }) => (known ? [[keyOf(id, move), known]] : [])),
      ),
    ),
  );
  /** Requests that are on their way. */
  const [writing, setWriting] = useState(0);
  const send = async (
    all: readonly {
      readonly person: string;
      readonly line: NextLine;
      readonly verdict: Verdict;
      readonly step: Step;
      readonly text: string;
    }[],
  ) => {
    const entries = Object.fromEntries(
      all.map(({ person, line, verdict, text }) => [keyOf(person, line.move), { verdict, text }]),
    );
    // Several may be on their way at once: each adds and takes back its own.
    setDecided((now) => ({ ...now, ...entries }));
    const decisions = all.map(({ person, line, verdict, step }) => ({
      person,
      move: line.move,
      verdict,
      step,
    }));
    setWriting((now) => now + 1);
    const reply = await api("POST", "/api/next", { decisions });
    setWriting((now) => now - 1);
    if (reply.ok) return;
    setDecided((now) => Object.fromEntries(Object.entries(now).filter(([key]) => !(key in entries))));
    toast.error(reply.failure.message);
    router.refresh();
  };
  return { decided, send, writing: writing > 0 };
}

export function NextScreen(props: {
  readonly people: readonly NextPersonLines[];
  readonly classes: readonly OfferedClass[];
}) {
  const t = useTexts("next");
  const { people, classes } = props;
  const { decided, send, writing } = useDecisions(people);
  const list = useRef<HTMLDivElement>(null);
  const open = people.flatMap(({ id, lines }) =>
    lines.filter(({ move }) => !decided[keyOf(id, move)]).map((line) => ({ person: id, line })),
  );
  const ready = open.filter(({ line }) => line.step.do !== "ask");
  const acceptAll = (lines: typeof open) =>
    send(lines.map((each) => ({ ...each, verdict: "accepted", step: each.line.step, text: each.line.what })));
  const whose = new Set(open.map(({ person }) => person)).size;
  /** Goes from line to line, over those that are decided too. */
  const go = (from: HTMLElement, by: -1 | 1) => {
    const rows = [...(list.current?.querySelectorAll<HTMLElement>("[data-next]") ?? [])];
    rows[rows.indexOf(from) + by]?.focus();
  };
  return (
    <>
      <TopLine here="next" places={PLACES} />
      <main className="mx-auto max-w-6xl px-6 py-6">
        <div className="flex flex-wrap items-baseline justify-between gap-x-4 border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">{t("whatNext")}</h1>
          <span role="status" className="flex-1 text-sm text-quiet">
            {writing ? t("writingDown") : ""}
          </span>
          {ready.length > 1 && (
            <Button look="solid" onClick={() => acceptAll(ready)}>
              {t("acceptAll", { ready: ready.length })}
            </Button>
          )}
        </div>
        <p className="mt-2 max-w-3xl text-quiet" aria-live="polite">
          {open.length === 0 ? t("nothingWaitsYouNew") : t("stepsFor", { open: open.length, whose })}
        </p>
        <ClassSteps classes={classes} />
        <div ref={list}>
          {people.map(({ id, name, lines, same }) => (
            <section key={id} aria-label={name} className="mt-5">
              <div className="flex items-baseline gap-3 border-b border-ink pb-0.5">
                <h2 className="text-lg font-bold">{name}</h2>
                {same.length > 0 && (
                  <span className="min-w-0 flex-1 truncate text-sm text-quiet" title={same.join(", ")}>
                    {t("sameAgain", { same: same.join(", ") })}
                  </span>
                )}
              </div>
              <ul>
                {lines.map((line) => (
                  <NextRow
                    key={line.move}
                    name={name}
                    line={line}
                    decided={decided[keyOf(id, line.move)] ?? null}
                    onDecide={(verdict, step, text) => send([{ person: id, line, verdict, step, text }])}
                    onGo={go}
                  />
                ))}
              </ul>
            </section>
          ))}
        </div>
        {people.length === 0 && <p className="max-w-lg py-8 text-lg">{t("nobodyHasConfirmedClass")}</p>}
      </main>
    </>
  );
}
