"use client";
import { type SetAt, setToAsk } from "@/core/live/next-set";
import { MORE } from "@/core/strength/more";
import { useWords } from "@/features/language/use-words";
import { CHANGE_KEY } from "@/words/live-words";
import type { DuringProps } from "./own-told";

/** After the first set, in its gap: one tap, how many more there were. What comes follows it at once, and is said. */
export function AskMore(props: DuringProps) {
  const { score, state, part, book } = props;
  return <AskOf {...props} of={setToAsk(score, state, part, book)} />;
}

/** The same of a set that is named; nothing where there is none. */
export function AskOf(props: DuringProps & { readonly of: SetAt | null }) {
  const words = useWords();
  const { part, said, changes, hurt, easing, enter } = props;
  // Who came late did another set than the one that their part says.
  const ask = hurt.pressed || easing ? null : props.of;
  if (!ask) return null;
  const change = changes.get(ask.slot);
  if (said.has(ask.slot))
    return (
      <p className="mt-3 text-xl font-bold leading-snug" role="status">
        {change
          ? words.phrase("own", "nextSet", {
              change: CHANGE_KEY[change],
              set: words.inside(part.slots.find(({ slot }) => slot === ask.slot)?.name ?? "none"),
            })
          : words.phrase("own", "noted")}
      </p>
    );
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
