"use client";
import type { ReactNode } from "react";
import type { PartSlot } from "@/core/parts/part";
import { emergencyNumber } from "@/core/readiness/emergency";
import { useWords } from "@/features/language/use-words";
import { type HurtState, hurtLine } from "@/words/own-words";

/** What stands under the move: that it hurts before anything else, then what this person is told now. */
export function ToldNow({
  hurt,
  country,
  own,
  answer,
  told,
}: {
  readonly hurt: HurtState;
  readonly country: string | undefined;
  readonly own: PartSlot | undefined;
  /** To what was pressed: said at once, and before the cue. */
  readonly answer: string | null;
  readonly told: ReactNode;
}) {
  const words = useWords();
  return hurt.pressed ? (
    <div className="mt-3 border-l-[10px] border-stop pl-3" role="alert">
      <p className="text-2xl font-bold leading-snug">{hurtLine(hurt, words)}</p>
      <p className="text-base leading-snug">
        {words.phrase("own", "hurtCard", { number: emergencyNumber(country) ?? "none" })}
      </p>
    </div>
  ) : (
    // Where one's own calls will stand here: as high as two lines, so that what can be pressed stays put.
    <p
      role={answer ? "status" : undefined}
      className={`mt-3 text-2xl leading-snug ${own?.shares || own?.seconds ? "min-h-[66px]" : ""}`}
    >
      {answer ?? told}
    </p>
  );
}
