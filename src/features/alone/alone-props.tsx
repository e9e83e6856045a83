import Link from "next/link";
import type { Person } from "@/core/homes/home";
import type { SlotDone } from "@/core/log/entries";
import type { Part } from "@/core/parts/part";
import type { AloneSet } from "@/core/season/alone";
import { useWords } from "@/features/language/use-words";

/** A plan that one person does by themselves, as their page has it. */
export interface AloneProps {
  readonly token: string;
  readonly id: string;
  readonly title: string;
  readonly day: string;
  readonly note: string;
  readonly person: Person;
  readonly part: Part;
  readonly sets: readonly AloneSet[];
  readonly meant: Readonly<Record<string, SlotDone>>;
  readonly done: boolean;
}

/** Back to one's own page. */
export function Back({ token }: { readonly token: string }) {
  const words = useWords();
  return (
    <p className="mt-4">
      <Link className="font-bold underline underline-offset-4" href={`/p/${token}`}>
        {words.phrase("alone", "page")}
      </Link>
    </p>
  );
}
