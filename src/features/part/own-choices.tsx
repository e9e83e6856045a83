"use client";
import { MARKS, type Mark } from "@/core/homes/home";
import { equalsOf, pickOf } from "@/core/live/picks";
import type { PartSlot } from "@/core/parts/part";
import { useWords } from "@/features/language/use-words";
import type { Enter } from "./use-follow";

function LevelButton(props: { readonly mark: Mark; readonly on: boolean; readonly onPress: () => void }) {
  const words = useWords();
  return (
    <button
      type="button"
      aria-pressed={props.on}
      className="border-2 border-night-line py-2.5 text-base font-bold aria-pressed:border-night-text aria-pressed:bg-night-text aria-pressed:text-night"
      onClick={props.onPress}
    >
      {words.name("mark", props.mark)}
    </button>
  );
}

/** The level at which they go on. */
export function Levels({ mark, enter }: { readonly mark: Mark; readonly enter: Enter }) {
  const words = useWords();
  return (
    <fieldset className="mt-3 grid grid-cols-3 gap-2">
      <legend className="sr-only">{words.phrase("part", "level")}</legend>
      {MARKS.map((entry) => (
        <LevelButton
          key={entry}
          mark={entry}
          on={mark === entry}
          onPress={() => enter("mark", { mark: entry })}
        />
      ))}
    </fieldset>
  );
}

/** The equals that the slot leaves to choose from, the present one pressed. */
export function Equals({ own, enter }: { readonly own: PartSlot | undefined; readonly enter: Enter }) {
  const words = useWords();
  const equals = equalsOf(own);
  if (!own || equals.length === 0) return null;
  return (
    <fieldset className="mt-3">
      <legend className="text-base text-night-quiet">{words.phrase("part", "choice")}</legend>
      <div className="mt-1 flex flex-wrap gap-2">
        {equals.map((way) => (
          <button
            key={pickOf(way)}
            type="button"
            aria-pressed={pickOf(way) === pickOf(own)}
            className="grow border-2 border-night-line px-3 py-2.5 text-base font-bold aria-pressed:border-night-text aria-pressed:bg-night-text aria-pressed:text-night"
            onClick={() => enter("choose", { slot: own.slot, move: pickOf(way) })}
          >
            {way.name}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
