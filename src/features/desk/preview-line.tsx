"use client";
import type { Score } from "@/core/score/score";
import { clockText } from "@/core/units";
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
  const words = useWords();
  const { preview, review } = props;
  return (
    <div role="status" className="mt-2 flex items-center gap-3 border-y-2 border-ink bg-marker px-3 py-1.5">
      <p className="flex-1">
        Shown above: <b>{fixText(preview, words)}</b>. {clockText(preview.score.seconds.plan)} instead of{" "}
        {clockText(props.now.seconds.plan)}.
      </p>
      <Button look="solid" onClick={review.take}>
        Take it
      </Button>
      <Button onClick={review.leave}>Leave it</Button>
    </div>
  );
}
