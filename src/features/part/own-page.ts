import type { Person } from "@/core/homes/home";
import type { KeptLog, SlotDone } from "@/core/log/entries";

/** What a person left for one class: where they are, whom to call, and when that may be opened. */
export interface OwnWhereabouts {
  readonly place: string;
  readonly contact: string;
  readonly anyTime: boolean;
}

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
  /** The instructor's words for everybody; empty where there are none. */
  readonly words: string;
  /** What they do by themselves, by day. */
  readonly alone: readonly {
    readonly id: string;
    readonly title: string;
    readonly day: string;
    readonly done: boolean;
  }[];
  /** Since when a calendar follows their classes; null where none does. */
  readonly feedSinceMs: number | null;
  /** The other links that open this page. */
  readonly links: readonly { readonly madeAtMs: number; readonly by: string | null }[];
  readonly readiness: { readonly due: boolean; readonly answeredAtMs: number | null };
}

export interface OwnEntries {
  readonly kept: KeptLog;
  readonly prefilled: Readonly<Record<string, SlotDone>>;
}
