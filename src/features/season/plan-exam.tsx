"use client";
import { useState } from "react";
import { examine } from "@/core/season/exam";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { contradictionText } from "@/words/season-words";

/** A plan of training days as it was written somewhere: read, with what contradicts itself. */
export function PlanExam() {
  const t = useTexts("season");
  const words = useWords();
  const [text, setText] = useState("");
  const { days, contradictions } = examine(text);
  const trained = [...new Set(days.filter(({ rest }) => !rest).map(({ day }) => day))].sort((a, b) => a - b);
  return (
    <section aria-labelledby="exam">
      <h2 id="exam" className="text-lg font-bold">
        {t("doesPlanFitTogether")}
      </h2>
      <p className="text-quiet">{t("pasteHowOftenWhich")}</p>
      <textarea
        aria-label={t("planWords")}
        rows={4}
        maxLength={4000}
        className="mt-2 w-full border border-ink bg-white p-2"
        value={text}
        onChange={(event) => setText(event.target.value)}
      />
      <div aria-live="polite">
        {text.trim() !== "" && trained.length === 0 && <p className="text-quiet">{t("noDaysNamedYet")}</p>}
        {trained.length > 0 && (
          <p>
            {t("trainsOn", { days: words.and(trained.map(String)) })}
            {contradictions.length === 0 && <b>{t("nothingContradictsItself")}</b>}
          </p>
        )}
        <ul>
          {contradictions.map((found, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the same may be found twice
            <li key={`${found.code} ${i}`} className="border-l-4 border-rust py-0.5 pl-2">
              {contradictionText(found, words)}
            </li>
          ))}
        </ul>
      </div>
    </section>
  );
}
