/** Types alone: a message that asks for what its reason doesn't say doesn't compile. */
import type { GetICUArgs } from "@schummar/icu-type-parser";
import type { Topic, Topics } from "../../core/reasons/topics";
import type { reasons } from "./index";

type Keys<U> = U extends U ? keyof U : never;
type Asked<M extends string> = Keys<GetICUArgs<M>>;

type Shapes<K extends string> = K | `${K}${"Inside" | "Any" | "Count" | "None" | "One"}`;
/** What the values of one code give (see `values.ts`). */
type Given<V> = V extends V
  ? { [K in keyof V & string]: V[K] extends number ? K : Shapes<K> }[keyof V & string]
  : never;

type Stray<T extends Topic> = {
  [C in keyof Topics[T] & keyof (typeof reasons)[T]]: (typeof reasons)[T][C] extends infer M extends string
    ? Exclude<Asked<M>, Given<Topics[T][C]>>
    : never;
}[keyof Topics[T] & keyof (typeof reasons)[T]];

type None<S extends never> = S;
export type EveryArgumentIsGiven = None<{ [T in Topic]: Stray<T> }[Topic]>;
