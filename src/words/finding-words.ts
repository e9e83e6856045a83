/** Findings in words. */
import type { Finding, Fix, Sentence } from "../core/review/finding";
import { wordsIn } from "./languages";
import type { Words } from "./words";

/** What was found, as a sentence. */
export function findingText({ says }: Pick<Finding, "says">, words: Words): string {
  return words.say("finding", says);
}

/** What a fix does. */
export function fixText({ says }: Pick<Fix, "says">, words: Words): string {
  return words.say("fix", says);
}

/** The sentences by which acknowledged findings were known before reasons were data. */
export const englishSentence: Sentence = (says) => wordsIn("en").say("finding", says);

/** A finding as `./brontle check` prints it: in words, with its data beside it. */
export function findingJson({ fingerprint, fixes, ...finding }: Finding, words: Words): unknown {
  return {
    ...finding,
    sentence: findingText(finding, words),
    fixes: fixes.map((fix) => ({ label: fixText(fix, words), edit: fix.edit })),
    of: fingerprint,
  };
}
