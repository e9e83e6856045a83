/** Lists of names and of muscles. */
import type { Muscle } from "../core/moves/move";
import type { Words } from "./words";

/** By their first names, and in full where no-break spaces hold a name together: `Wren, Tomasz and 3 others`. */
export function namesText(names: readonly string[], words: Words): string {
  const first = names.map((name) => name.split(" ")[0] ?? name);
  if (first.length <= 3) return words.and(first);
  return words.phrase("people", "others", {
    first: first[0] ?? "",
    second: first[1] ?? "",
    others: first.length - 2,
  });
}

/** `quads, glutes and lower back`. */
export function musclesText(muscles: readonly Muscle[], words: Words): string {
  return words.and(muscles.map((muscle) => words.name("muscle", muscle)));
}
