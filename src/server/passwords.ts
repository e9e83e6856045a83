/**
 * Which passwords are refused: those that anybody would try first (lists of common passwords, names and words,
 * keyboard rows, dates, repeats; estimated with zxcvbn, Wheeler 2016, USENIX Security), and those made of the
 * account's own address or name. What is allowed is otherwise anything of ten characters or more (NIST SP
 * 800-63B: no rules of composition).
 */
import { ZxcvbnFactory } from "@zxcvbn-ts/core";
import { adjacencyGraphs, dictionary } from "@zxcvbn-ts/language-common";
import { Refused } from "./refused";

/** Longest that is looked at: beyond, nothing is common, and looking takes longer. */
const MOST_LOOKED_AT = 72;
/** Of zxcvbn's five, 0 to 4: below this a password is guessed in under 10⁸ tries. */
const LEAST_SCORE = 3;

let estimator: ZxcvbnFactory | null = null;

/** Whether a password is among those that are tried first. `own`: the account's address, names. */
export function isCommon(password: string, own: readonly string[]): boolean {
  estimator ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs });
  const words = own.flatMap((text) => [text, ...text.split(/[@.\s_-]+/)]).filter((word) => word.length > 2);
  return estimator.check(password.slice(0, MOST_LOOKED_AT), [...words, "brontle"]).score < LEAST_SCORE;
}

/** @throws Refused with a sentence where a password is one that is tried first */
export function needUncommon(password: string, own: readonly string[]): void {
  if (isCommon(password, own))
    throw new Refused(
      "malformed",
      "That password is one of those that are tried first: take four words that have nothing to do with each other, or let your browser make one.",
    );
}
