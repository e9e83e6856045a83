/** Findings in words. */
import type { Finding, Fix, Sentence } from "../core/review/finding";
import type { Line } from "../core/review/line";
import { wordsIn } from "./languages";
import type { Words } from "./words";

/** What was found, as a sentence. */
export function findingText({ says }: Pick<Finding, "says">, words: Words): string {
  return words.say("finding", says);
}

/** What happens where it is left as it is. */
export function ifLeftText({ code }: Pick<Finding, "code">, words: Words): string {
  return words.phrase("ifLeft", code);
}

/** What a fix does. */
export function fixText({ says }: Pick<Fix, "says">, words: Words): string {
  return words.say("fix", says);
}

/** The sentences by which acknowledged findings were known before reasons were data. */
export const englishSentence: Sentence = (says) => wordsIn("en").say("finding", says);

/** What a line of the read-through says: of several findings what they say together. */
export function lineText({ several, says }: Pick<Line, "several" | "says">, words: Words): string {
  return several ? words.say("several", several) : words.say("finding", says);
}

/** A line as `./brontle check` prints it: in words, with its data beside it, and each that stands in it. */
export function lineJson(
  { fingerprint, fixes, members, several, tried: _tried, ...line }: Line,
  words: Words,
): unknown {
  return {
    ...line,
    sentence: lineText({ several, says: line.says }, words),
    left: ifLeftText(line, words),
    ...(members.length > 1 ? { each: members.map((own) => findingText(own, words)) } : {}),
    fixes: fixes.map((fix) => ({
      label: fixText(fix, words),
      edit: fix.edit,
      ...(fix.takes === undefined ? {} : { takes: fix.takes }),
    })),
    of: fingerprint,
  };
}
