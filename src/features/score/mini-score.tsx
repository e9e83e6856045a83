import type { ClassDoc } from "@/core/class/document";
import type { Score } from "@/core/score/score";
import { slotFaces } from "./faces";

/** A class in one line: bars by effort, rests empty, to the scale of the longest class beside it. */
export function MiniScore({
  doc,
  score,
  longestSeconds,
}: {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly longestSeconds: number;
}) {
  const faces = slotFaces(doc);
  const height = 28;
  return (
    <svg
      role="img"
      aria-label={`Score: ${score.pieces} pieces`}
      viewBox={`0 0 ${longestSeconds} ${height}`}
      preserveAspectRatio="none"
      className="block h-7 w-full"
    >
      <line
        x1="0"
        x2={score.seconds.plan}
        y1={height - 0.5}
        y2={height - 0.5}
        className="stroke-hairline"
        strokeWidth="1"
      />
      {score.segments.map((segment) => {
        if (segment.kind !== "work") return null;
        const effort = segment.slot ? (faces.get(segment.slot)?.effort ?? 5) : 6;
        const h = (effort / 10) * (height - 2);
        return (
          <rect
            key={segment.start}
            x={segment.start}
            y={height - h}
            width={segment.end - segment.start}
            height={h}
            className="fill-pine"
          />
        );
      })}
    </svg>
  );
}
