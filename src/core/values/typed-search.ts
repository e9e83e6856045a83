/** Whether a text is what somebody looks for: every word that they typed begins one of its words. */

/** Words in small letters without accents and signs. */
function plainWords(text: string): readonly string[] {
  return text
    .normalize("NFKD")
    .replace(/[\u0300-\u036f]/g, "")
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);
}

/** A text that is looked through again and again, made ready for it. */
export function searchable(texts: readonly string[]): string {
  return ` ${texts.flatMap(plainWords).join(" ")}`;
}

/** Nothing typed is found everywhere. `text`: from `searchable`. */
export function isFound(typed: string, text: string): boolean {
  return plainWords(typed).every((word) => text.includes(` ${word}`));
}
