"use client";
import { type ReactNode, useEffect, useMemo } from "react";
import { sayInstead } from "@/browser/own-sentences";
import { UiWords } from "@/ui/ui-words";
import { type Language, wordsIn } from "@/words/languages";
import { ScreenLanguage } from "./use-words";

/** All that stands within, in a language: words, what controls say by themselves, and what this side says of its own. */
export function InLanguage(props: { readonly language: Language; readonly children: ReactNode }) {
  const { language } = props;
  const words = wordsIn(language);
  const ui = useMemo(() => ({ close: words.phrase("page", "close") }), [words]);
  useEffect(
    () =>
      sayInstead({
        unreached: words.phrase("refused", "offline"),
        broken: words.phrase("page", "ownProblem"),
        failed: words.phrase("page", "wentWrong"),
        number: (request) => words.phrase("page", "itsNumber", { request }),
      }),
    [words],
  );
  return (
    <ScreenLanguage value={language}>
      <UiWords value={ui}>{props.children}</UiWords>
    </ScreenLanguage>
  );
}
