"use client";
import { useWords } from "@/features/language/use-words";

/** How well this screen knows the time of the class; nothing while it has not been measured. */
export function ClockWithin({ within }: { readonly within: number | null }) {
  const words = useWords();
  if (within === null) return null;
  return (
    <p className="mt-1 text-[13px] text-night-quiet" data-testid="within" data-within={within}>
      {words.phrase("live", "within", { ms: within })}
    </p>
  );
}
