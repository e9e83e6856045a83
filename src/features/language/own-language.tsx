"use client";
import type { ReactNode } from "react";
import type { Person } from "@/core/homes/home";
import { languageOf } from "@/words/languages";
import { InLanguage } from "./in-language";

/** A page in the language of whose it is: what reads it aloud is told, too. */
export function OwnLanguage({
  person,
  children,
}: {
  readonly person: Pick<Person, "language">;
  readonly children: ReactNode;
}) {
  const language = languageOf(person.language);
  return (
    <InLanguage language={language}>
      <div lang={language} className="contents">
        {children}
      </div>
    </InLanguage>
  );
}
