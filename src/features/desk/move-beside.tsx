"use client";
import { useEffect, useRef, useState } from "react";
import type { KnownMove, MoveBook } from "@/core/moves/book";
import { ladderOf } from "@/core/moves/ladder";
import type { PutEffect } from "@/core/shape/put-effect";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";
import { needsText } from "@/words/need-words";
import { musclesText } from "@/words/people-words";
import { putLines } from "@/words/put-words";

export type EffectOf = (move: KnownMove) => Promise<PutEffect | null>;

/** Waits until a move has stayed chosen so long, ms, before its effect is worked out. */
const PAUSE_MS = 120;

function useEffectOf(move: KnownMove | null, effectOf: EffectOf | undefined) {
  const [known, setKnown] = useState<{ readonly move: KnownMove; readonly effect: PutEffect | null } | null>(
    null,
  );
  // It is made anew with every drawing, and is of the same class while the dialog is open.
  const ask = useRef(effectOf);
  ask.current = effectOf;
  useEffect(() => {
    if (!move) return;
    let gone = false;
    const timer = setTimeout(async () => {
      const effect = (await ask.current?.(move)) ?? null;
      if (!gone) setKnown({ move, effect });
    }, PAUSE_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [move]);
  return known?.move === move ? known.effect : null;
}

/** Of the move under the cursor: what it needs and works, what it would do here, and what is easier and harder. */
export function MoveBeside({
  move,
  book,
  can,
  people,
  effectOf,
  onChoose,
}: {
  readonly move: KnownMove | null;
  readonly book: MoveBook;
  readonly can: ReadonlyMap<KnownMove, number>;
  readonly people: number;
  readonly effectOf: EffectOf | undefined;
  readonly onChoose: (move: KnownMove) => void;
}) {
  const t = useTexts("slots");
  const words = useWords();
  const effect = useEffectOf(move, effectOf);
  if (!move) return <aside aria-label={t("move2")} className="text-quiet" />;
  const rungs = ladderOf(move, book).rungs.filter(({ level }) => Math.abs(level) === 1);
  const { muscles } = move;
  return (
    <aside aria-label={t("move2")} className="min-h-0 overflow-auto">
      <p className="text-lg font-bold leading-tight">{move.name}</p>
      <p className="text-quiet">
        {move.pattern && words.name("pattern", move.pattern)}
        {muscles && `: ${musclesText(muscles.primary, words)}`}
      </p>
      <p className="mt-1">{t("needs", { needs: needsText(move.needs, words) })}</p>
      {effectOf && (
        <>
          <h3 className="mt-3 border-b border-hairline font-semibold">{t("here")}</h3>
          <ul className="min-h-24">
            {effect ? (
              putLines(effect, words).map((line) => (
                <li key={line} className="py-0.5">
                  {line}
                </li>
              ))
            ) : (
              <li className="text-quiet">…</li>
            )}
          </ul>
        </>
      )}
      {([-1, 1] as const).map((level) => {
        const own = rungs.filter((rung) => rung.level === level);
        if (own.length === 0) return null;
        return (
          <div key={level} className="mt-2">
            <h3 className="border-b border-hairline font-semibold">
              {level < 0 ? t("easier2") : t("harder2")}
            </h3>
            <ul>
              {own.slice(0, 4).map(({ move: other }) => (
                <li key={other.id ?? other.name}>
                  <button
                    type="button"
                    className="flex min-h-[24px] w-full items-center justify-between gap-3 text-left hover:bg-marker"
                    onClick={() => onChoose(other)}
                  >
                    <span className="underline decoration-hairline underline-offset-4">{other.name}</span>
                    {people > 0 && (
                      <span className="whitespace-nowrap text-quiet">
                        {t("getOf", { get: can.get(other) ?? 0, people })}
                      </span>
                    )}
                  </button>
                </li>
              ))}
            </ul>
          </div>
        );
      })}
    </aside>
  );
}
