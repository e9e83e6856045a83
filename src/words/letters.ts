/** How words stand within a sentence. */

/** The first letter as it stands within a sentence: the rest of a name keeps its own. */
export function lowerFirst(text: string): string {
  return text.charAt(0).toLowerCase() + text.slice(1);
}

/** The first letter as it begins a sentence. */
export function upperFirst(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
