import type { Topic, Topics } from "../core/reasons/topics";

/** The messages of reasons, one a code. */
export type Reasons = { readonly [T in Topic]: { readonly [C in keyof Topics[T]]: string } };
