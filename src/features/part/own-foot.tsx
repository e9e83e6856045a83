"use client";
import type { ReactNode } from "react";
import { useWords } from "@/features/language/use-words";
import { type HurtState, hurtButton } from "@/words/own-words";
import type { Pressed } from "./use-pressed";

const PRESS = "min-h-14 px-1 text-lg font-bold leading-tight";

/** What matters in danger and what is pressed each set stays at the thumb, whichever way the phone lies. */
export function Foot(props: {
  readonly hurt: HurtState;
  readonly pressed: Pressed;
  readonly canBeDone: boolean;
  /** What the press says that ends a set, where it isn't of the reps of a piece. */
  readonly doneText?: string;
  readonly children: ReactNode;
}) {
  const words = useWords();
  const { hurt, pressed, canBeDone, doneText = words.phrase("part", "doneReps") } = props;
  return (
    <div className="sticky bottom-0 border-t border-night-line bg-night pb-3 pt-1.5 lying:top-0 lying:flex lying:h-[calc(100dvh-0.75rem)] lying:flex-col lying:justify-end lying:self-start lying:border-l lying:border-t-0 lying:pl-3">
      {props.children}
      <div className="mt-1.5 grid grid-cols-2 gap-2 lying:grid-cols-1">
        {canBeDone && (
          <button
            type="button"
            aria-pressed={pressed.done}
            className={`${PRESS} col-span-full border-2 border-night-text aria-pressed:bg-night-text aria-pressed:text-night`}
            onClick={pressed.onDone}
          >
            {pressed.done ? words.phrase("part", "doneNoted") : doneText}
          </button>
        )}
        <button
          type="button"
          className={`${PRESS} border-l-[10px] border-stop bg-night-text text-night`}
          onClick={pressed.onHurt}
        >
          {hurtButton(hurt, words)}
        </button>
        <button type="button" className={`${PRESS} border-2 border-night-text`} onClick={pressed.onAnother}>
          {words.phrase("part", "anotherWay")}
        </button>
      </div>
    </div>
  );
}
