"use client";
import { useTexts } from "@/features/language/use-texts";
import { PLACES, TopLine } from "@/features/top-line/top-line";
import { ButtonLink } from "@/ui/button";

export interface TrailDay {
  readonly day: string;
  readonly lines: readonly { readonly id: number; readonly time: string; readonly text: string }[];
}

/** Who did what with people's things, a day after the other, the last first. */
export function TrailScreen(props: { readonly days: readonly TrailDay[]; readonly older: number | null }) {
  const t = useTexts("trail");
  return (
    <>
      <TopLine here="settings" places={PLACES} />
      <main className="mx-auto max-w-4xl px-6 py-6">
        <h1 className="border-b-2 border-ink pb-2 text-2xl font-bold">{t("trail")}</h1>
        <p className="mt-3 max-w-3xl text-quiet">{t("whoSignedWhoMade")}</p>
        {props.days.length === 0 && <p className="py-8 text-lg">{t("nothingYetFirstLine")}</p>}
        {props.days.map(({ day, lines }) => (
          <section key={day} aria-label={day} className="mt-5 grid grid-cols-[7rem_1fr] gap-x-4">
            <h2 className="py-1 font-bold" suppressHydrationWarning>
              {day}
            </h2>
            <ol>
              {lines.map(({ id, time, text }) => (
                <li key={id} className="flex gap-4 border-b border-hairline py-1">
                  <span className="w-14 shrink-0 tabular-nums text-quiet">{time}</span>
                  {text}
                </li>
              ))}
            </ol>
          </section>
        ))}
        {props.older !== null && (
          <p className="mt-5">
            <ButtonLink href={`/trail?before=${props.older}`}>{t("earlier")}</ButtonLink>
          </p>
        )}
      </main>
    </>
  );
}
