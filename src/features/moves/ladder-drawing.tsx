"use client";
import Link from "next/link";
import type { Ladder } from "@/core/moves/ladder";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { cx } from "@/ui/cx";
import { Styled } from "@/ui/styled";
import type { Say } from "@/words/screens/screens";

const WIDTH = 966;
const LABEL = 118;
const ROW = 68;
const BOX = 36;
const WIDEST = 176;

/** A move's chain drawn as a ladder: the hardest on top, the easiest at the foot; each line says how the step is made. */
export function LadderDrawing({ ladder, here }: { readonly ladder: Ladder; readonly here: string }) {
  const t = useTexts("moves");
  const words = useWords();
  const levels = [...new Set(ladder.rungs.map((rung) => rung.level))].sort((a, b) => b - a);
  const height = levels.length * ROW - (ROW - BOX) + 2;
  const place = new Map<string, { x: number; y: number; width: number }>();
  levels.forEach((level, row) => {
    const rungs = ladder.rungs.filter((rung) => rung.level === level);
    const room = (WIDTH - LABEL) / rungs.length;
    const width = Math.min(WIDEST, room - 10);
    rungs.forEach(({ move }, i) => {
      place.set(move.id ?? move.name, {
        x: LABEL + room * (i + 0.5) - width / 2,
        y: row * ROW,
        width,
      });
    });
  });
  return (
    <Styled className="relative" look={{ height: `${height}px`, width: `${WIDTH}px` }}>
      <svg width={WIDTH} height={height} aria-hidden className="absolute left-0 top-0">
        {ladder.steps.map(({ easier, harder, how }) => {
          const [low, high] = [place.get(easier), place.get(harder)];
          if (!low || !high) return null;
          const [x1, y1] = [low.x + low.width / 2, low.y];
          const [x2, y2] = [high.x + high.width / 2, high.y + BOX];
          return (
            <g key={`${easier} ${harder}`}>
              <line x1={x1} y1={y1} x2={x2} y2={y2} stroke="#5a6865" strokeWidth={1} />
              <text
                x={x1 + (x2 - x1) * 0.3}
                y={y1 + (y2 - y1) * 0.3 + 4}
                textAnchor="middle"
                className="fill-quiet text-xs"
                paintOrder="stroke"
                stroke="#f4f6f2"
                strokeWidth={5}
              >
                {words.name("how", how)}
              </text>
            </g>
          );
        })}
      </svg>
      {levels.map((level, row) => (
        <Styled
          as="p"
          key={level}
          className="absolute left-0 text-sm font-semibold leading-tight text-quiet"
          look={{ top: `${row * ROW + 8}px`, width: `${LABEL}px` }}
        >
          {levelWords(level, t)}
        </Styled>
      ))}
      <ol className="sr-only">
        {ladder.steps.map(({ easier, harder, how }) => (
          <li key={`${easier} ${harder}`}>
            {t("thenHarder", { easier, how: words.name("how", how), harder })}
          </li>
        ))}
      </ol>
      {ladder.rungs.map(({ move }) => {
        const id = move.id ?? move.name;
        const at = place.get(id);
        return (
          <Styled
            as={Link}
            key={id}
            href={`/moves/${id}`}
            prefetch={false}
            aria-current={id === here ? "true" : undefined}
            className={cx(
              "absolute flex items-center justify-center border-x-2 border-ink px-1.5 text-center text-sm leading-tight",
              id === here ? "bg-marker font-bold" : "bg-paper hover:bg-white",
            )}
            look={{ left: `${at?.x}px`, top: `${at?.y}px`, width: `${at?.width}px`, height: `${BOX}px` }}
          >
            {move.name}
          </Styled>
        );
      })}
    </Styled>
  );
}

function levelWords(level: number, t: Say<"moves">): string {
  if (level === 0) return t("move");
  const steps = Math.abs(level);
  return `${level < 0 ? t("easierMark") : t("harderMark")}${steps > 1 ? t("stepsMore", { steps }) : ""}`;
}
