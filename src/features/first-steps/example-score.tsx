import type { Outline } from "@/core/effort/outline";
import { clockText } from "@/core/units";
import { MiniScore } from "@/features/score/mini-score";

/** What a class looks like here, small. */
export function ExampleScore({ outline }: { readonly outline: Outline }) {
  return (
    <figure className="mt-5 border-t border-hairline pt-3">
      <MiniScore {...outline} longestSeconds={outline.seconds} />
      <figcaption className="mt-1 text-sm text-quiet">
        A class is drawn like this: time from left to right, the harder the higher, rests empty. This one
        takes {clockText(outline.seconds)}.
      </figcaption>
    </figure>
  );
}
