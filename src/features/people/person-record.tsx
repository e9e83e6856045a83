"use client";
import Link from "next/link";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { ButtonLink } from "@/ui/button";
import { effortText } from "@/words/log-words";

export interface HistoryLine {
  readonly sessionId: string;
  readonly title: string;
  readonly when: string;
  readonly present: boolean;
  readonly effort: number | null;
  readonly note: string | null;
  readonly hurt: number;
  readonly done: readonly { readonly name: string; readonly text: string }[];
}

/** What a person did in the classes so far, the last first. */
export function PersonHistory({ lines }: { readonly lines: readonly HistoryLine[] }) {
  const t = useTexts("people");
  const words = useWords();
  const there = lines.filter((line) => line.present).length;
  return (
    <section aria-labelledby="history" className="mt-6 border-t border-hairline pt-3">
      <h2 id="history" className="text-lg font-bold">
        {t("classesSoFar")}
      </h2>
      {lines.length === 0 ? (
        <p className="text-quiet">{t("noneYetAfterClass")}</p>
      ) : (
        <>
          <p className="text-quiet">{t("thereIn", { there, lines: lines.length })}</p>
          <ul>
            {lines.map((line) => (
              <li
                key={line.sessionId}
                className="grid grid-cols-[7rem_14rem_9rem_1fr] gap-x-4 border-t border-hairline py-1.5"
              >
                <span>{line.when}</span>
                <Link
                  className="font-bold underline decoration-hairline underline-offset-4"
                  href={`/sessions/${line.sessionId}`}
                >
                  {line.title}
                </Link>
                <span>
                  {!line.present
                    ? t("notThere")
                    : line.effort === null
                      ? t("effortNotSaid")
                      : t("effortLine", { effort: line.effort, words: effortText(line.effort, words) })}
                </span>
                <span className="text-sm text-quiet">
                  {line.hurt > 0 && (
                    <b className="border-l-4 border-stop pl-1.5 text-ink">{t("reportedPain")} </b>
                  )}
                  {line.done.map(({ name, text }) => `${name} ${text}`).join(" · ")}
                  {line.note && <i> “{line.note}”</i>}
                </span>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}

/** Readiness as far as the instructor may know it, and everything that is kept, as a file. */
export function PersonKept(props: {
  readonly id: string;
  readonly name: string;
  readonly readiness: { readonly due: boolean; readonly askFirst: boolean; readonly minor: boolean };
  readonly owner: boolean;
}) {
  const t = useTexts("people");
  const { readiness } = props;
  return (
    <section aria-labelledby="kept" className="mt-6 border-t border-hairline pt-3">
      <h2 id="kept" className="text-lg font-bold">
        {t("readinessWhatKept")}
      </h2>
      <p className="max-w-2xl">
        {readiness.askFirst ? (
          <b>{t("letsYouKnowSomething", { name: props.name })} </b>
        ) : readiness.due ? (
          `${t("readinessCheckBeAnswered")} `
        ) : (
          `${t("readinessCheckWasAnswered")} `
        )}
        {readiness.minor && `${t("under18GuardianAgrees")} `}
        <span className="text-quiet">{t("youSeeLimitsNever")}</span>
      </p>
      {props.owner && (
        <p className="mt-2">
          <ButtonLink href={`/api/people/${props.id}/data`} plain>
            {t("everythingKeptFile")}
          </ButtonLink>
        </p>
      )}
    </section>
  );
}
