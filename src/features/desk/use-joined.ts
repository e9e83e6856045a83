"use client";
import type { Joined } from "@/core/class/combine";
import { useTexts } from "@/features/language/use-texts";
import { useWords } from "@/features/language/use-words";

/** What several moves in turn are called as one, in the language of the screen. */
export function useJoined(): Joined {
  const t = useTexts("slots");
  const words = useWords();
  return (names, more) =>
    words.and([
      ...names.map((name, i) => (i === 0 ? name : words.inside(name))),
      ...(more > 0 ? [t("moreMoves", { more })] : []),
    ]);
}
