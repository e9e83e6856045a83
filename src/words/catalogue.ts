/** What a language's catalogue holds: a message (ICU) for each code of each topic, and the names of all that has a code. */
import type * as english from "./english";
import type { Reasons } from "./reasons";

/** All texts of a kind: the same keys as English, other words. */
export type Same<T> = { readonly [K in keyof T]: T[K] extends string ? string : Same<T[K]> };

export interface Catalogue {
  readonly reasons: Reasons;
  readonly names: Same<typeof english.names>;
  readonly phrases: Same<typeof english.phrases>;
}
