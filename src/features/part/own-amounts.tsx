import type { OwnDose } from "@/words/own-words";

/** How many and what is held, to be read from the floor; under it the rest. */
export function Amounts({ dose: { large, small } }: { readonly dose: OwnDose }) {
  return (
    <>
      {large.length > 0 && (
        <p className="mt-1.5 text-[min(28px,8vw)] font-bold leading-tight lying:text-[min(28px,8vh)]">
          {large.map((text, i) => (
            <span key={text} className="inline-block">
              {text}
              {i < large.length - 1 && <span className="px-2 text-night-quiet">·</span>}
            </span>
          ))}
        </p>
      )}
      {small.length > 0 && <p className="mt-1 text-lg text-night-quiet">{small.join(" · ")}</p>}
    </>
  );
}
