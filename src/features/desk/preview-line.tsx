"use client";
import type { Score } from "@/core/score/score";
import { clockText } from "@/core/units";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { Button } from "@/ui/button";
import { fixText } from "@/words/finding-words";
import type { Review, ShownPreview } from "./use-review";

/** Says that the score above is what a fix would make of it, and asks. */
export function PreviewLine(props: {
  readonly preview: ShownPreview;
  readonly now: Score;
  readonly review: Review;
}) {
  const t = useTexts("desk");
  const words = useWords();
  const { preview, review } = props;
  return (
    <div role="status" className="mt-2 flex items-center gap-3 border-y-2 border-ink bg-marker px-3 py-1.5">
      <p className="flex-1">
        {t("shownAbove")} <b>{fixText(preview, words)}</b>
        {t("insteadOf", {
          clock: clockText(preview.score.seconds.plan),
          clock2: clockText(props.now.seconds.plan),
        })}
      </p>
      <Button look="solid" onClick={review.take}>
        {t("take")}
      </Button>
      <Button onClick={review.leave}>{t("leave")}</Button>
    </div>
  );
}
