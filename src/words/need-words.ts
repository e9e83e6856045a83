/** What a move asks for, in words. */
import { needCount } from "../core/homes/match";
import type { Need } from "../core/moves/move";
import type { Words } from "./words";

/** One need: `two equal hand weights of 2 kg or more`, `a sturdy support, 38–55 cm high`; bare: without its article and measures of height. */
export function needText(need: Need, words: Words, bare = false): string {
  const count = needCount(need);
  const single = need.as === "slider-pair" || count === 1;
  const form = single ? (bare ? "one" : "a") : "many";
  const name =
    need.as === "support" && need.bearsWeight
      ? words.phrase("needs", "sturdy", { form })
      : need.as === "anchor" && need.at
        ? words.phrase("needs", "anchorAt", { form, at: need.at })
        : words.name("need", need.as, { form });
  const counted = single
    ? name
    : words.phrase("needs", "many", { few: words.phrase("quantity", "few", { n: count }), name });
  const weighed =
    need.kg && need.kg[0] >= 1
      ? words.phrase("needs", "ofKg", { need: counted, kg: words.number(need.kg[0]) })
      : counted;
  if (!need.heightCm) return weighed;
  const [least, most] = need.heightCm;
  return words.phrase("needs", "high", { need: weighed, least, most });
}

/** A need without its measures: `two equal hand weights`. */
export function needName({ as, count, at, bearsWeight }: Need, words: Words): string {
  return needText(
    {
      as,
      ...(count === undefined ? {} : { count }),
      ...(at === undefined ? {} : { at }),
      ...(bearsWeight === undefined ? {} : { bearsWeight }),
    },
    words,
  );
}

/** A need, and that it may be left out. */
function wantedText(need: Need, words: Words): string {
  const text = needText(need, words);
  return need.optional ? words.phrase("needs", "optional", { need: text }) : text;
}

/** All alternatives of a move: `a towel and a door that latches, or a long band`; `nothing` where nothing is needed. */
export function needsText(needs: readonly (readonly Need[])[] | undefined, words: Words): string {
  if (!needs || needs.length === 0 || needs.some((alternative) => alternative.length === 0)) {
    return words.phrase("needs", "nothing");
  }
  return needs
    .map((alternative) => words.and(alternative.map((need) => wantedText(need, words))))
    .reduce((first, second) => words.phrase("needs", "or", { first, second }));
}
