import type { Person } from "@/core/homes/home";
import type { Kept, SlotDone } from "@/core/log/entries";
import type { ReadinessAnswers } from "@/core/readiness/readiness";

/** What a person's page shows apart from the class itself. */
export interface OwnPage {
  readonly token: string;
  readonly studio: string;
  readonly person: Person;
  /** The page was opened on one session: it doesn't go over to another by itself. */
  readonly pinned: boolean;
  readonly others: readonly {
    readonly id: string;
    readonly title: string;
    readonly over: boolean;
    readonly startsAtMs: number;
  }[];
  readonly readiness: { readonly due: boolean; readonly answers: ReadinessAnswers | null };
}

export interface OwnEntries {
  readonly kept: Readonly<Record<string, Kept>>;
  readonly prefilled: Readonly<Record<string, SlotDone>>;
}
