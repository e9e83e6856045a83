"use client";
import { useMemo, useRef } from "react";
import type { ClassDoc } from "@/core/class/document";
import type { Score } from "@/core/score/score";
import { LEAST_ROW, measuresFor, rowCount } from "@/drawing/measures";
import { NOTHING_BELOW } from "@/drawing/notches";
import { scoreContent } from "@/drawing/row-faces";
import { useLibrary } from "@/features/language/use-library";
import { useWords } from "@/features/language/use-words";
import { Styled } from "@/ui/styled";
import { type ScoreCanvas, useBox, usePaint } from "./use-paint";

const ROW_SECONDS = 600;
const NONE: ReadonlySet<string> = new Set();

/** A class drawn to be looked at, ten minutes a row. `marked`: its moves that stand out. */
export function StillScore(props: {
  readonly doc: ClassDoc;
  readonly score: Score;
  readonly label: string;
  readonly marked?: ReadonlySet<string>;
}) {
  const library = useLibrary();
  const words = useWords();
  const { doc, score, marked = NONE } = props;
  const scroll = useRef<HTMLDivElement>(null);
  const canvas = useRef<ScoreCanvas>(null);
  const box = useBox(scroll);
  const height = rowCount(score.seconds.plan, ROW_SECONDS) * LEAST_ROW;
  const at = useMemo(
    () => measuresFor({ width: box?.width ?? 680, height }, score.seconds.plan, ROW_SECONDS),
    [box, height, score],
  );
  const content = useMemo(
    () => scoreContent(doc, score, ROW_SECONDS, words, library),
    [doc, score, words, library],
  );
  const chosen = useMemo(
    () => ({ selectedBlock: null, selectedSlot: null, marked, below: NOTHING_BELOW, curve: null }),
    [marked],
  );
  usePaint(scroll, canvas, box, { content, chosen, at, caret: null });
  return (
    <Styled look={{ height: `${height}px` }} className="relative">
      <div ref={scroll} role="img" aria-label={props.label} className="absolute inset-0 overflow-hidden">
        <canvas ref={canvas} aria-hidden className="block w-full" />
      </div>
    </Styled>
  );
}
