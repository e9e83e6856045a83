"use client";
import Link from "next/link";
import { dayAfter, type SeasonPlan } from "@/core/season/pattern";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { ButtonLink } from "@/ui/button";
import { shortDay } from "@/words/when-words";
import { FeedAddress } from "./feed-address";
import { PlanExam } from "./plan-exam";

export interface SeasonLineOf {
  readonly id: string;
  readonly title: string;
  readonly plan: SeasonPlan;
  readonly classes: number;
}

/** The seasons of a studio, its calendar address, and the exam of a plan that is only words yet. */
export function SeasonList(props: {
  readonly seasons: readonly SeasonLineOf[];
  readonly canMake: boolean;
  readonly feedSince: string | null;
}) {
  const t = useTexts("season");
  const words = useWords();
  return (
    <>
      <TopLine here="season" places={PLACES} />
      <main className="mx-auto max-w-5xl px-6 py-6">
        <div className="flex items-baseline justify-between border-b-2 border-ink pb-2">
          <h1 className="text-2xl font-bold">{t("seasons")}</h1>
          {props.canMake && (
            <ButtonLink href="/seasons/new" look="solid">
              {t("makeSeason")}
            </ButtonLink>
          )}
        </div>
        {props.seasons.length === 0 ? (
          <p className="max-w-2xl py-6 text-lg">{t("whatItDoes", { first: props.canMake ? "no" : "yes" })}</p>
        ) : (
          <ul className="mb-6">
            {props.seasons.map(({ id, title, plan, classes }) => (
              <li
                key={id}
                className="grid grid-cols-[1fr_14rem_7rem] items-baseline gap-x-4 border-b border-hairline py-2.5"
              >
                <Link
                  href={`/seasons/${id}`}
                  className="text-lg font-bold underline decoration-hairline underline-offset-4 hover:decoration-ink"
                >
                  {title}
                </Link>
                <span>
                  {shortDay(plan.from, words)} – {shortDay(dayAfter(plan.from, plan.weeks * 7 - 1), words)}
                </span>
                <span className="text-quiet">{t("weeksClasses", { weeks: plan.weeks, classes })}</span>
              </li>
            ))}
          </ul>
        )}
        <div className="mt-8 grid grid-cols-2 gap-x-10 max-[900px]:grid-cols-1">
          <PlanExam />
          <FeedAddress person={null} since={props.feedSince} about={t("allClassesStudioYour")} />
        </div>
      </main>
    </>
  );
}
