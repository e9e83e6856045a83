"use client";
import type { Outline } from "@/core/effort/outline";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { MiniScore } from "@/features/score/mini-score";

/** What a class looks like here, small. */
export function ExampleScore({ outline }: { readonly outline: Outline }) {
  const t = useTexts("firstSteps");
  return (
    <figure className="mt-5 border-t border-hairline pt-3">
      <MiniScore {...outline} longestSeconds={outline.seconds} />
      <figcaption className="mt-1 text-sm text-quiet">
        {t("drawnLikeThis", { clock: clockText(outline.seconds) })}
      </figcaption>
    </figure>
  );
}
