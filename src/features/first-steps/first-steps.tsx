"use client";
import { Check } from "lucide-react";
import type { ReactNode } from "react";
import type { Stance } from "@/core/class/document";
import type { Outline } from "@/core/effort/outline";
import { ImportClass } from "@/features/classes/import-class";
import { PastePlan } from "@/features/classes/paste-plan";
import { useTexts } from "@/features/language/use-texts";
import { ImportRoster } from "@/features/people/import-roster";
import { PasteNames } from "@/features/people/paste-names";
import { ButtonLink, type Look } from "@/ui/button";
import { cx } from "@/ui/cx";
import { ExampleScore } from "./example-score";
import { WhereYouTeach } from "./where-you-teach";

/** What of a studio is there already. */
export interface Begun {
  /** The time zone that somebody chose; null: nobody was asked yet. */
  readonly zone: string | null;
  /** Whether this instructor may say it. */
  readonly owner: boolean;
  readonly people: number;
  readonly classes: number;
  readonly sessions: number;
  /** A class to show what one looks like; null where there are some. */
  readonly example: Outline | null;
}

interface Step {
  readonly name: string;
  readonly done: boolean;
  readonly why: string;
  readonly acts: ReactNode;
}

/** The order in which a studio begins, with each step one press away; nothing once all of them are made. */
export function FirstSteps({ begun, stance }: { readonly begun: Begun; readonly stance: Stance }) {
  const t = useTexts("firstSteps");
  const { zone, owner, people, classes, sessions } = begun;
  const zoned = !owner || zone !== null;
  // The one thing to do next stands out.
  const look = (done: boolean, before: boolean): Look => (!done && before ? "solid" : "line");
  const steps: readonly Step[] = [
    {
      name: t("whereYouTeach"),
      done: zoned,
      why: t("datesTimesSaidTime"),
      acts: <WhereYouTeach />,
    },
    {
      name: t("peopleYouTeach"),
      done: people > 0,
      why: t("theirNamesEnoughBegin"),
      acts: (
        <>
          <PasteNames look={look(people > 0, zoned)} />
          <ImportRoster people={[]} />
          <ButtonLink href="/people/new">{t("addOnePerson")}</ButtonLink>
        </>
      ),
    },
    {
      name: t("class"),
      done: classes > 0,
      why: t("pastePlanFromMessage"),
      acts: (
        <>
          <PastePlan stance={stance} look={look(classes > 0, zoned && people > 0)} />
          <ButtonLink href="/classes/new">{t("beginFromOneOurs")}</ButtonLink>
          <ImportClass />
        </>
      ),
    },
    {
      name: t("date"),
      done: sessions > 0,
      why: t("everybodyAskedGetsPage"),
      acts: (
        <ButtonLink href="/sessions" look={look(sessions > 0, zoned && people > 0 && classes > 0)}>
          {t("chooseDate")}
        </ButtonLink>
      ),
    },
  ];
  if (steps.every(({ done }) => done)) return null;
  const next = steps.findIndex(({ done }) => !done);
  return (
    <section aria-label={t("howBegin")} className="border-b-2 border-ink py-4">
      <ol className="grid gap-x-8 gap-y-4 md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        {steps.map(({ name, done, why, acts }, i) => (
          <li key={name} className="grid grid-cols-[2.2rem_1fr] gap-x-2">
            <span
              className={cx(
                "flex h-8 w-8 items-center justify-center font-clock text-2xl font-bold",
                i === next ? "bg-marker" : "",
                done ? "text-quiet" : "",
              )}
            >
              {done ? <Check size={18} aria-label={t("done")} /> : i + 1}
            </span>
            <div>
              <h2 className={cx("text-lg font-bold", done ? "text-quiet" : "")}>{name}</h2>
              {!done && (
                <>
                  <p className="mb-2 max-w-md">{why}</p>
                  <div className="flex flex-wrap items-center gap-2">{acts}</div>
                </>
              )}
            </div>
          </li>
        ))}
      </ol>
      {classes === 0 && begun.example && <ExampleScore outline={begun.example} />}
    </section>
  );
}
