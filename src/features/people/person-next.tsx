"use client";
import { useTexts } from "@/features/language/use-texts";
import type { ProposalText } from "@/words/progress-words";

/** What each move of a person might become next: to be weighed by who knows them, nothing is changed by itself. */
export function PersonNext({ proposals }: { readonly proposals: readonly ProposalText[] }) {
  const t = useTexts("people");
  if (proposals.length === 0) return null;
  return (
    <section aria-labelledby="next" className="mt-6 border-t border-hairline pt-3">
      <h2 id="next" className="text-lg font-bold">
        {t("whatNext")}
      </h2>
      <p className="text-quiet">{t("fromWhatWasConfirmed")}</p>
      <ul>
        {proposals.map(({ move, what, why, evidence }) => (
          <li key={move} className="grid grid-cols-[14rem_1fr] gap-x-4 border-t border-hairline py-1.5">
            <b>{move}</b>
            <span>
              <b>{what}</b> <span className="text-quiet">{why}</span>
              <span className="block text-sm text-quiet">
                {evidence.map(({ day, text }) => `${day}: ${text}`).join(" · ")}
              </span>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
