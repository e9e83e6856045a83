/**
 * What people read of the core's data, in one language: reasons, names of what has a code, and phrases. All go
 * through one catalogue of ICU messages (https://unicode-org.github.io/icu/userguide/format_parse/messages).
 */
import type { Reason, Topic } from "../core/reasons/topics";
import type * as english from "./english";

/** Arguments of a message. */
export type Args = Readonly<Record<string, string | number>>;

export type Names = typeof english.names;
export type NameGroup = keyof Names;
export type Phrases = typeof english.phrases;

export interface Words {
  /** BCP 47. */
  readonly language: string;
  readonly locale: string;
  /** A reason as it stands by itself: a sentence, or a clause where the topic is one. */
  readonly say: <T extends Topic>(topic: T, reason: Reason<T>) => string;
  /** The name of a code; `args` where its message asks for them, as kit asks for `count`. */
  readonly name: <G extends NameGroup>(group: G, code: keyof Names[G], args?: Args) => string;
  readonly phrase: <G extends keyof Phrases>(group: G, key: keyof Phrases[G], args?: Args) => string;
  /** A name or a clause as it stands within a sentence: German names keep their capital. */
  readonly inside: (text: string) => string;
  /** `a, b and c`; nothing of nothing. */
  readonly and: (texts: readonly string[]) => string;
  /** `a, b or c`. */
  readonly or: (texts: readonly string[]) => string;
  /** A number by the language's rules, without grouping: `2.5`. */
  readonly number: (value: number, most?: number) => string;
}
