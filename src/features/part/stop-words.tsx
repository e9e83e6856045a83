"use client";
import { emergencyNumber } from "@/core/readiness/emergency";
import { useWords } from "@/features/language/use-words";

/** What every participant screen says, with the number of where they are. */
export function StopWords({ country }: { readonly country: string | undefined }) {
  const words = useWords();
  return (
    <p className="mt-4 text-sm leading-snug">
      {words.phrase("own", "stopWords", { number: emergencyNumber(country) ?? "none" })}
    </p>
  );
}
