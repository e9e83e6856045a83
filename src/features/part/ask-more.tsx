"use client";
import { setToAsk } from "@/core/live/next-set";
import { MORE } from "@/core/strength/more";
import { useWords } from "@/features/language/use-words";
import type { DuringProps } from "./own-told";

/** After the first set, in its gap: one tap, how many more there were. What comes follows it at once. */
export function AskMore(props: DuringProps) {
  const words = useWords();
  const { score, state, doc, part, said, book, hurt, enter } = props;
  const ask = hurt.pressed ? null : setToAsk(score, state, doc, part, said, book);
  if (!ask) return null;
  return (
    <fieldset className="mt-3">
      <legend className="text-xl font-bold leading-snug">{words.phrase("own", "howMany")}</legend>
      <div className="mt-1.5 grid grid-cols-3 gap-2">
        {MORE.map((more) => (
          <button
            key={more}
            type="button"
            className="min-h-14 border-2 border-night-text text-lg font-bold leading-tight"
            onClick={() => enter("more", { ...ask, more })}
          >
            {words.name("more", more)}
          </button>
        ))}
      </div>
    </fieldset>
  );
}
