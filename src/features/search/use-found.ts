"use client";
import { useDeferredValue, useMemo } from "react";
import { isFound, searchable } from "@/core/values/typed-search";

/**
 * Those things in whose texts everything is that was typed, a moment behind somebody who types fast.
 *
 * @param textsOf all that a thing is looked for by; the same function as long as it says the same
 */
export function useFound<T>(
  things: readonly T[],
  typed: string,
  textsOf: (thing: T) => readonly string[],
): readonly T[] {
  const late = useDeferredValue(typed);
  const known = useMemo(
    () => things.map((thing) => ({ thing, text: searchable(textsOf(thing)) })),
    [things, textsOf],
  );
  return useMemo(
    () => known.filter(({ text }) => isFound(late, text)).map(({ thing }) => thing),
    [known, late],
  );
}
