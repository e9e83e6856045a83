/** Why something wasn't taken, for a participant: in English as the server says it, elsewhere by its code. */
import type { Words } from "./words";

type Code = Parameters<typeof phraseOf>[0];
const phraseOf = (code: keyof typeof import("./english").phrases.refused, words: Words) =>
  words.phrase("refused", code);

interface Failure {
  readonly code: Exclude<Code, "code">;
  readonly message: string;
}

/** `refusedBy`: `code` where what was refused is somebody's code. */
export function failureText({ code, message }: Failure, words: Words, refusedBy?: "code"): string {
  if (words.language === "en") return message;
  return phraseOf(refusedBy === "code" && code === "not-yours" ? "code" : code, words);
}
